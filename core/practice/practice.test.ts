import { seasonCameras } from "../../catalogue/demo/season/seasonCameras.ts";
import { mediumById } from "../../catalogue/media.ts";
import { practiceStart } from "../../catalogue/practice/practiceStart.ts";
import { sunRequest } from "../../ui/records/sunRequest.ts";
import { type Camera, cameraFNumber, withField } from "../camera/container/index.ts";
import type { Exposure, Load, Meter } from "../document/index.ts";
import { parseCamera } from "../document/index.ts";
import { FULL_SUN_EV, sheetTime } from "../light/exposure/index.ts";
import {
  GIVEN,
  hiddenIn,
  leakedOn,
  MOST_SEED,
  SESSIONS,
  type SessionName,
  seedFrom,
  standingOf,
  stopsOver,
} from "./index.ts";

const NOW = Date.parse("2026-12-01T12:00:00Z");
const begun = (session: SessionName, seed: number) => ({
  ...practiceStart({ session, seed }, NOW),
  meters: [] as readonly Meter[],
});
const standing = (session: SessionName, seed: number, more: object = {}) =>
  standingOf({ session, seed }, { ...begun(session, seed), ...more }, { mediumOf: mediumById, sunOf: sunRequest });
const reached = (session: SessionName, seed: number, more: object = {}) =>
  standing(session, seed, more).goals.flatMap((goal) => (goal.reached ? [goal.name] : []));

/** A shot of one's own, so many stops over what is truly right in this session. */
function shotOver(session: SessionName, seed: number, stops: number, more: Partial<Exposure> = {}): Exposure {
  const [camera] = begun(session, seed).cameras as [Camera];
  const medium = mediumById(camera.chambers[0].film.medium);
  const { paperStops } = hiddenIn({ session, seed });
  const right = sheetTime(FULL_SUN_EV, cameraFNumber(camera, medium), { ...medium, iso: medium.iso * 2 ** paperStops });
  return {
    id: `own-${more.place ?? stops}`,
    cameraId: camera.id,
    openedAt: "2026-12-01T12:10:00Z",
    seconds: right * 2 ** stops,
    medium: medium.id,
    iso: medium.iso,
    // What the maker took the light for does not change what it was.
    ev: 12,
    ...more,
  };
}

describe("What a session hides", () => {
  test("is the same for a number, another for others, and within what a maker meets", () => {
    const seeds = Array.from({ length: 200 }, (_, i) => (i * 53) % (MOST_SEED + 1));
    for (const session of SESSIONS)
      for (const seed of seeds) {
        const hidden = hiddenIn({ session, seed });
        expect(hiddenIn({ session, seed })).toEqual(hidden);
        expect(hidden.leaks).toBe(session === "leak");
        const [meter, paper] = [Math.abs(hidden.meterOffset), Math.abs(hidden.paperStops)];
        expect(session === "meter" ? meter >= 1 && meter <= 7 / 3 : meter === 0).toBe(true);
        expect(session === "paper" ? paper >= 1 && paper <= 5 / 3 : paper === 0).toBe(true);
        expect(session === "black-sky" ? hidden.firstOver >= 4 / 3 : hidden.firstOver === 0).toBe(true);
      }
    const offsets = seeds.map((seed) => hiddenIn({ session: "meter", seed }).meterOffset);
    expect(new Set(offsets.map((stops) => stops.toFixed(2))).size).toBe(10);
    expect(offsets.some((stops) => stops < 0) && offsets.some((stops) => stops > 0)).toBe(true);
  });

  test("stops over: twice the time is one; a slower paper wants it; the light counts as it was, not as it was noted", () => {
    const medium = { iso: 6, longTime: { kind: "none" } } as const;
    const right = sheetTime(15, 240, medium);
    expect(stopsOver({ seconds: 2 * right, ev: 15 }, 240, medium, null)).toBeCloseTo(1, 9);
    expect(stopsOver({ seconds: right, ev: 14 }, 240, medium, null)).toBeCloseTo(-1, 9);
    expect(stopsOver({ seconds: right, ev: 14 }, 240, medium, { ev: 15, paperStops: -1 })).toBeCloseTo(-1, 9);
  });
});

test("a leak is on the sheets before the test that proved the camera tight, and on none after", () => {
  const test = (at: string, faults: readonly string[]) => ({ at, way: "lamp", faults }) as never;
  const [early, late] = ["2026-12-01T12:00:00+01:00", "2026-12-01T11:30:00Z"];
  const proved = { lightTests: [test("2026-12-01T11:15:00Z", [])] };
  expect(leakedOn({ lightTests: [] }, early, { leaks: true }, Date.parse)).toBe(true);
  expect(leakedOn({ lightTests: [] }, early, { leaks: false }, Date.parse)).toBe(false);
  expect(leakedOn(proved, early, { leaks: true }, Date.parse)).toBe(true);
  expect(leakedOn(proved, late, { leaks: true }, Date.parse)).toBe(false);
  const again = { lightTests: [...proved.lightTests, test("2026-12-01T11:20:00Z", ["lid"])] };
  expect(leakedOn(again, late, { leaks: true }, Date.parse)).toBe(true);
});

test("a number is typed, or stands in an address: four digits at most, nothing else", () => {
  expect(["0", " 12 ", "9999"].map(seedFrom)).toEqual([0, 12, MOST_SEED]);
  expect([null, "", "12345", "-1", "1.5", "x"].map(seedFrom)).toEqual([null, null, null, null, null, null]);
});

describe("What lies on the table", () => {
  test.each(SESSIONS)("%s: a sound camera of its own, its pack, no goal reached, no sheet spent", (session) => {
    const { cameras, packs, exposures } = begun(session, 7);
    for (const camera of cameras) {
      expect(parseCamera(camera).ok).toBe(true);
      expect(seasonCameras.some(({ id }) => id === camera.id)).toBe(false);
    }
    for (const { id } of exposures) expect(id.startsWith(GIVEN)).toBe(true);
    const { goals, spent, allowed, done } = standing(session, 7);
    expect(goals.map((goal) => goal.reached)).not.toContain(true);
    expect([spent, done]).toEqual([0, false]);
    expect(packs[0]?.left).toBeGreaterThanOrEqual(allowed);
  });

  test("the given sheet of the black sky is as much too long as is hidden, to a third", () => {
    for (const seed of [1, 2, 3]) {
      const { cameras, exposures } = begun("black-sky", seed);
      const [camera, shot] = [cameras[0] as Camera, exposures[0] as Exposure];
      const medium = mediumById(shot.medium);
      const hidden = hiddenIn({ session: "black-sky", seed });
      const over = stopsOver(shot, cameraFNumber(camera, medium), medium, hidden);
      expect(Math.abs(over - hidden.firstOver)).toBeLessThan(0.17);
    }
  });
});

describe("How far somebody got", () => {
  test("the meter: its correction to a third of a stop, of the practice meter alone", () => {
    const { meterOffset } = hiddenIn({ session: "meter", seed: 5 });
    const meter = (offset: number, kind: Meter["kind"] = "practice"): Meter => ({ id: "m", name: "M", kind, offset });
    expect(reached("meter", 5, { meters: [meter(meterOffset + 0.33)] })).toEqual(["offset"]);
    expect(reached("meter", 5, { meters: [meter(meterOffset + 0.5)] })).toEqual([]);
    expect(reached("meter", 5, { meters: [meter(meterOffset, "meter")] })).toEqual([]);
  });

  test("the black sky: the given sheet judged, one’s own right; with three sheets it is not done", () => {
    const judged = begun("black-sky", 4).exposures.map((shot) => ({
      ...shot,
      judged: { correction: -2, by: "scan" as const, at: "2026-12-01T13:00:00Z" },
    }));
    expect(reached("black-sky", 4, { exposures: judged })).toEqual(["judged"]);
    const right = shotOver("black-sky", 4, 0.6);
    const wrong = shotOver("black-sky", 4, -0.8);
    expect(reached("black-sky", 4, { exposures: [...judged, wrong] })).toEqual(["judged"]);
    expect(standing("black-sky", 4, { exposures: [...judged, wrong, right] })).toMatchObject({ spent: 2, done: true });
    const third = shotOver("black-sky", 4, 2);
    expect(standing("black-sky", 4, { exposures: [...judged, wrong, right, third] })).toMatchObject({
      spent: 3,
      done: false,
    });
    // A time that is only entered is no sheet.
    expect(standing("black-sky", 4, { exposures: [...judged, { ...right, tested: true }] })).toMatchObject({
      spent: 0,
    });
  });

  test("the paper: what its box says is wrong by what is hidden", () => {
    const { paperStops } = hiddenIn({ session: "paper", seed: 9 });
    expect(reached("paper", 9, { exposures: [shotOver("paper", 9, 0)] })).toEqual(["right"]);
    expect(reached("paper", 9, { exposures: [shotOver("paper", 9, paperStops)] })).toEqual([]);
    expect(
      reached("paper", 9, {
        exposures: [shotOver("paper", 9, 1, { judged: { correction: -1, by: "scan", at: "x" } })],
      }),
    ).toEqual(["judged"]);
  });

  test("the leak: the sheet is marked, the tin proved tight, one more sheet exposed", () => {
    const { exposures, cameras } = begun("leak", 2);
    const marked = exposures.map((shot) => ({ ...shot, spoilt: "leak" as const }));
    expect(reached("leak", 2, { exposures: marked })).toEqual(["found"]);
    const tested = (faults: readonly string[]) =>
      cameras.map((camera) => ({ ...camera, lightTests: [{ at: "2026-12-01T13:00:00Z", way: "lamp", faults }] }));
    expect(reached("leak", 2, { cameras: tested(["lid"]) })).toEqual([]);
    const all = { exposures: [...marked, shotOver("leak", 2, 0)], cameras: tested([]) };
    expect(standing("leak", 2, all)).toMatchObject({ spent: 1, done: true });
  });

  test("the canisters: nine loaded, nine places, all right", () => {
    const places = Array.from({ length: 9 }, (_, i) => ({ place: String(i + 1), medium: "rc-graded", iso: 6 }));
    const loads: readonly Load[] = [{ id: "l", cameraId: "practice-canister-one", at: "2026-12-01T12:00:00Z", places }];
    const shots = places.map(({ place }) => shotOver("canisters", 3, 0, { place }));
    expect(reached("canisters", 3, { loads })).toEqual(["loaded"]);
    expect(standing("canisters", 3, { loads, exposures: shots })).toMatchObject({ spent: 9, done: true });
    const twice = [...shots.slice(1), shotOver("canisters", 3, 0.1, { place: "2", id: "again" })];
    expect(reached("canisters", 3, { loads, exposures: twice })).toEqual(["loaded", "all-right"]);
    const off = [...shots.slice(1), shotOver("canisters", 3, 1, { place: "1" })];
    expect(reached("canisters", 3, { loads, exposures: off })).toEqual(["loaded", "each"]);
  });

  test("the half year: by a higher hole, by a lean, or by both where it is far south; a shorter plan is no answer", () => {
    const leaning = (seed: number, elevation: number, more: object = {}) => ({
      trails: begun("half-year", seed).trails.map((trail) => ({ ...trail, aim: { ...trail.aim, elevation }, ...more })),
    });
    const southern = Array.from({ length: 60 }, (_, i) => i).find(
      (seed) => hiddenIn({ session: "half-year", seed }).latitude === 46,
    ) as number;
    const northern = Array.from({ length: 60 }, (_, i) => i).find(
      (seed) => hiddenIn({ session: "half-year", seed }).latitude === 58,
    ) as number;
    // As the app's own verdicts have it: 16 degrees at 46 N, 4 at 58 N, or there 14 mm of hole.
    expect(reached("half-year", southern, leaning(southern, 16))).toEqual(["year"]);
    expect(reached("half-year", southern, leaning(southern, 12))).toEqual([]);
    expect(reached("half-year", northern, leaning(northern, 4))).toEqual(["year"]);
    expect(reached("half-year", northern, leaning(northern, 3))).toEqual([]);
    const raised = (by: number) => ({
      cameras: begun("half-year", northern).cameras.map((camera) => withField(camera, "hole.above", 84 + by)),
    });
    expect(reached("half-year", northern, raised(14))).toEqual(["year"]);
    expect(reached("half-year", northern, raised(8))).toEqual([]);
    expect(reached("half-year", northern, leaning(northern, 4, { to: "2027-05-01" }))).toEqual([]);
    // Midwinter leaves at the other end.
    expect(reached("half-year", northern, { ...raised(44), ...leaning(northern, 20) })).toEqual([]);
  });

  test("the ghost: each number has one camera in whose right time she is one, and the others are none", () => {
    const seen = new Set<number>();
    for (let seed = 0; seed < 12; seed++) {
      const { cameras } = begun("ghost", seed);
      seen.add(hiddenIn({ session: "ghost", seed }).passes);
      const shots = cameras.map((camera) => {
        const medium = mediumById(camera.chambers[0].film.medium);
        const seconds = sheetTime(FULL_SUN_EV, cameraFNumber(camera, medium), medium);
        return shotOver("ghost", seed, 0, {
          id: `own-${camera.id}`,
          cameraId: camera.id,
          seconds,
          medium: medium.id,
          iso: medium.iso,
        });
      });
      const ghosts = shots.filter((shot) => reached("ghost", seed, { exposures: [shot] }).length > 0);
      expect([seed, ghosts.length]).toEqual([seed, 1]);
      // Of a time that is wrong it is none, however much she covers.
      const [ghost] = ghosts as [Exposure];
      expect(reached("ghost", seed, { exposures: [{ ...ghost, seconds: 1.7 * ghost.seconds }] })).toEqual([]);
    }
    expect(seen.size).toBe(3);
  });

  test("what else is brought into the drawer counts for nothing: neither another camera that is tight, nor its shots", () => {
    const { cameras, exposures } = begun("leak", 2);
    const foreign = { ...(seasonCameras.find(({ id }) => id === "thistle-hat-box") as Camera) };
    const shot = { ...shotOver("leak", 2, 0), cameraId: foreign.id };
    const got = standing("leak", 2, { cameras: [...cameras, foreign], exposures: [...exposures, shot] });
    expect(got.goals.map((goal) => goal.reached)).toEqual([false, false, false]);
    expect(got.spent).toBe(0);
  });
});
