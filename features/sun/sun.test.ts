import type { Trail } from "../../core/document/index.ts";
import { type Diary, sheetSky } from "../../core/sun/index.ts";
import { testCamera } from "../../core/testing/cameras.ts";
import { COLD_FRAMES } from "../../core/testing/coldFrames.ts";
import { dayAfter, daysOut } from "../../ui/format/dayAfter.ts";
import { daysAsTheyWere, sunRequest } from "../../ui/records/sunRequest.ts";
import { type FanReport, sun } from "../../workers/jobs/sun/sun.ts";
import { fanLines } from "./plan/fanLines.ts";
import { readHorizon, writeHorizon } from "./plan/horizonText.ts";
import { newTrail, nextSolstices } from "./plan/newTrail.ts";
import { filled } from "./putUp/filled.ts";
import { diaryCsv } from "./read/diaryCsv.ts";
import { isOfStand, standsOf, withAimOf } from "./read/standsOf.ts";
import { pulledAim, turnedAim } from "./turnedAim.ts";

const PLAN = COLD_FRAMES;
const TRAIL: Trail = { id: "t", site: PLAN.site, aim: PLAN.aim, from: PLAN.from, to: PLAN.to };

test("days run from tape off to tape on as they were, else as planned; never backwards", () => {
  const planned = { ...TRAIL, from: "2026-06-21", to: "2026-12-21", up: null, down: null };
  const up = { at: "2026-06-24T21:30:00+01:00" };
  expect(daysAsTheyWere(planned)).toEqual({ from: "2026-06-21", to: "2026-12-21" });
  expect(daysAsTheyWere({ ...planned, up })).toEqual({ from: "2026-06-24", to: "2026-12-21" });
  expect(daysAsTheyWere({ ...planned, up, down: { at: "2026-11-02T08:00:00+00:00" } })).toEqual({
    from: "2026-06-24",
    to: "2026-11-02",
  });
  expect(daysAsTheyWere({ ...planned, up, down: { at: "2026-06-20T08:00:00+01:00" } })).toEqual({
    from: "2026-06-24",
    to: "2026-06-24",
  });
});

describe("Days", () => {
  test("go on over months, leap days and clock changes; both ends count", () => {
    expect(dayAfter("2027-02-28", 1)).toBe("2027-03-01");
    expect(dayAfter("2028-02-28", 1)).toBe("2028-02-29");
    expect(dayAfter("2027-03-29", -2)).toBe("2027-03-27");
    expect(daysOut("2026-12-21", "2027-06-21")).toBe(183);
  });

  test("a new plan runs from the next solstice to the one after, in the sun's direction of its half of the world", () => {
    expect(nextSolstices(new Date("2026-11-26T12:00:00Z"))).toEqual({ from: "2026-12-21", to: "2027-06-21" });
    expect(nextSolstices(new Date("2026-12-21T12:00:00Z")).from).toBe("2026-12-21");
    expect(newTrail([], null, null).aim.azimuth).toBe(180);
    const cans = ["a", "b"].map((id) => ({ ...testCamera("lid-can"), id, purpose: "trail" as const }));
    const box = { ...testCamera("flat-box"), id: "box" };
    expect(newTrail([box, ...cans], null, "b").cameraId).toBe("b");
    expect(newTrail([box, ...cans], null, "box").cameraId).toBe("a");
    expect(newTrail([], { ...TRAIL, horizon: [[180, 12]] }, null).horizon).toEqual([]);
    expect(newTrail([], { ...TRAIL, site: { ...TRAIL.site, latitude: -34 } }, null).aim.azimuth).toBe(0);
  });

  test("of a very long time so many days are left out that the answer stays bounded", () => {
    const camera = testCamera("lid-can");
    expect(sunRequest(TRAIL, camera).everyDays).toBe(1);
    expect(sunRequest({ ...TRAIL, to: "2028-12-31" }, camera).everyDays).toBe(2);
  });
});

describe("Stands of a finished sheet", () => {
  const moved = { kind: "moved", date: "2027-03-02", aim: { azimuth: 188, elevation: -2, roll: 3 } } as const;
  const reading = { picture: "0".repeat(64), holeY: 1.2, mishap: moved };

  test("one as it was planned, or as it was fitted with the hole's height", () => {
    expect(standsOf({}, PLAN)).toMatchObject([{ id: "first", request: { aim: PLAN.aim, hole: { y: 0 } } }]);
    const fittedAim = { azimuth: 176, elevation: 1, roll: 0 };
    const { mishap: _, ...quiet } = reading;
    expect(standsOf({ fittedAim, reading: quiet }, PLAN)).toMatchObject([
      { id: "first", request: { aim: fittedAim, hole: { y: 1.2 }, to: PLAN.to } },
    ]);
  });

  test("two where it was moved: each with its days and its aim", () => {
    expect(standsOf({ reading }, PLAN)).toMatchObject([
      { id: "first", request: { from: PLAN.from, to: "2027-03-01", aim: PLAN.aim } },
      { id: "later", request: { from: "2027-03-02", to: PLAN.to, aim: moved.aim, hole: { y: 1.2 } } },
    ]);
    // A day that the plan no longer holds parts nothing.
    expect(standsOf({ reading }, { ...PLAN, to: "2027-02-01" })).toHaveLength(1);
  });

  test("points belong to the stand of their day; old ones without a day to the first", () => {
    const [first, later] = standsOf({ reading }, PLAN);
    if (later === undefined) throw new Error("one stand");
    const track = { kind: "track", s: 0, t: 0, date: "2027-06-21" } as const;
    expect([isOfStand(track, first), isOfStand(track, later)]).toEqual([false, true]);
    const ground = { kind: "horizon", s: 0, t: 0 } as const;
    expect([isOfStand(ground, first), isOfStand(ground, later)]).toEqual([true, false]);
  });

  test("an aim goes to its own stand", () => {
    const trail = { ...TRAIL, reading };
    const aim = { azimuth: 190 };
    expect(withAimOf(trail, "first", aim)).toMatchObject({ fittedAim: aim, reading });
    expect(withAimOf(trail, "later", aim)).toMatchObject({ reading: { mishap: { ...moved, aim } } });
    expect(withAimOf(TRAIL, "later", aim)).toEqual(TRAIL);
  });
});

describe("A hand on the sheet", () => {
  test("turns over north and leans no further than straight up, by tenths of a degree", () => {
    expect(turnedAim({ azimuth: 359.5, roll: 2 }, 1, 0)).toEqual({ azimuth: 0.5, elevation: 0, roll: 2 });
    expect(turnedAim({ azimuth: 10, elevation: 89 }, -20, 5)).toEqual({ azimuth: 350, elevation: 90 });
    // What rounds to a whole turn is north: 360 is no azimuth.
    expect(turnedAim({ azimuth: 359.9 }, 0.07, 0).azimuth).toBe(0);
  });

  test("pulls the sky along: the place follows to the twentieth of a degree that is rounded", () => {
    const [from, to] = [
      { s: 10, t: -40 },
      { s: 22, t: -31 },
    ];
    const now = sheetSky(PLAN);
    const direction = { azimuth: Math.PI + 0.2, altitude: 0.4 };
    const place = now.land(direction);
    if (place === null) throw new Error("not on the sheet");
    const aim = pulledAim(PLAN, place, { s: place.s + to.s - from.s, t: place.t + to.t - from.t });
    const there = sheetSky({ ...PLAN, aim }).land(direction);
    // A tenth of a degree at 100 mm is 0.17 mm.
    expect(Math.abs((there?.s ?? 0) - place.s - 12)).toBeLessThan(0.2);
    expect(Math.abs((there?.t ?? 0) - place.t - 9)).toBeLessThan(0.2);
  });
});

describe("Lines of a fan", () => {
  let report: FanReport;
  beforeAll(async () => {
    const done = await sun({ kind: "fan", request: PLAN, seed: 1 }, { report: () => {}, cancelled: () => false });
    if (done.output.kind !== "fan") throw new Error("no fan");
    report = done.output.fan;
  });

  test("every day where nothing moved; some days, coarsely, while a hand moves it", () => {
    const fan = { request: PLAN, report };
    expect(fanLines(fan, PLAN)).toHaveLength(183);
    const other = { ...PLAN, aim: { ...PLAN.aim, azimuth: 185 } };
    const coarse = fanLines(fan, other);
    expect(coarse).toHaveLength(31);
    expect(fanLines(fan, other, [0, 182]).map(({ day }) => day)).toEqual([0, 182]);
  });

  test("the coarse lines lie where the fine ones will", async () => {
    const other = { ...PLAN, aim: { ...PLAN.aim, azimuth: 185 } };
    const done = await sun({ kind: "fan", request: other, seed: 1 }, { report: () => {}, cancelled: () => false });
    if (done.output.kind !== "fan") throw new Error("no fan");
    const fine = fanLines({ request: other, report: done.output.fan }, other, [90]);
    const coarse = fanLines({ request: PLAN, report }, other, [90]);
    const places = (lines: typeof fine): readonly number[] =>
      lines.flatMap(({ runs }) => runs.flatMap((run) => run.places));
    const [all, few] = [places(fine), places(coarse)];
    for (let i = 0; i < few.length; i += 2) {
      const nearest = all.reduce(
        (best, s, k) =>
          k % 2 ? best : Math.min(best, Math.hypot(s - (few[i] ?? 0), (all[k + 1] ?? 0) - (few[i + 1] ?? 0))),
        99,
      );
      expect(nearest).toBeLessThan(1e-6);
    }
  });

  test("round the back of a can a line breaks off, and comes in at the other end", () => {
    const wide = { ...PLAN, film: { ...PLAN.film, width: 310 } };
    for (const { runs } of fanLines({ request: PLAN, report }, wide, [182]))
      for (const { places } of runs)
        for (let i = 2; i < places.length; i += 2)
          expect(Math.abs((places[i] ?? 0) - (places[i - 2] ?? 0))).toBeLessThan(155);
  });
});

describe("Words", () => {
  test("a horizon is written as it is read, in any order", () => {
    const read = readHorizon("180° 8.5°; 90 3\n270 4");
    expect(read).toEqual({
      ok: true,
      value: [
        [90, 3],
        [180, 8.5],
        [270, 4],
      ],
    });
    expect(read.ok && writeHorizon(read.value)).toBe("90 3, 180 8.5, 270 4");
    for (const wrong of ["360 3", "90 91", "north 3", "90", "90 3, 90 4"]) expect(readHorizon(wrong).ok).toBe(false);
  });

  test("a letter gets the plan's own words; what it has no word for stays", () => {
    const trail = { ...TRAIL, aim: { azimuth: 176.6, elevation: -4 }, where: " the oak post " };
    expect(filled("{camera}: {aim}, {lean}, {from} to {until}, {where}. {else}", trail, null)).toBe(
      "the can: 177° from true north, leaning 4° forward, 21 Dec 2026 to 21 Jun 2027, at the oak post. {else}",
    );
  });

  test("the diary's table: sun and cloud where the sheet can tell, by the clock of its place, no line where it can't", () => {
    const diary: Diary = {
      dates: ["2027-03-01", "2027-03-02"],
      hours: new Float64Array([0, 0.1]),
      at: new Float64Array([0, 1499, 86_400_000, 86_401_000].map((ms) => Date.UTC(2027, 2, 1, 12) + ms)),
      sun: new Float32Array([0.9, Number.NaN, 0.1, 0.41]),
      parted: new Float32Array([1, 0, 0.5, 0.25]),
    };
    const table = (zone: string) => diaryCsv(diary, zone).split("\r\n");
    expect(table("Europe/London")).toEqual([
      "day,time (Europe/London),sun,of full sun,step over track width",
      "2027-03-01,2027-03-01T12:00:00+00:00,1,0.90,1.00",
      "2027-03-02,2027-03-02T12:00:00+00:00,0,0.10,0.50",
      "2027-03-02,2027-03-02T12:00:01+00:00,1,0.41,0.25",
      "",
    ]);
    expect(table("Australia/Adelaide")[1]).toBe("2027-03-01,2027-03-01T22:30:00+10:30,1,0.90,1.00");
    expect(table("America/New_York")[1]).toBe("2027-03-01,2027-03-01T07:00:00-05:00,1,0.90,1.00");
  });
});
