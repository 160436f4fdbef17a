import { inflateSync } from "node:zlib";
import { horizonLine, PARTED, SHONE, type SunRequest, sunFan } from "../core/sun/index.ts";
import { skyTools } from "./sky.ts";
import { sun } from "./sun.ts";
import { trailJob } from "./trailReading.ts";

const CONTROL = { report: () => {}, cancelled: () => false };
const job = trailJob({ inflate: async (zlib, most) => inflateSync(zlib, { maxOutputLength: most }) });
/** Thistle Row's can by the cold frames: deep enough and finely pierced, so that days are parted. */
const plan: SunRequest = {
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
  hole: { diameter: 0.3 },
  film: { surface: "cylinder", radius: 50, distance: 100, width: 254, height: 203.2, y: -60 },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2027-06-21",
  horizon: [
    [90, 3],
    [180, 6],
    [270, 4],
  ],
};

describe("Thistle Row’s can from one solstice to the next", () => {
  test("is made up, scanned by the made-up flatbed, fitted, and reads its own weather back: 95 % of the moments on parted tracks", async () => {
    const made = await job({ kind: "simulate", request: plan, dpi: 200, seed: 5 }, CONTROL);
    if (!made.output.ok || made.output.value.kind !== "simulate") throw new Error("not made");
    const { file, stood } = made.output.value;
    expect(stood.aim).not.toEqual(plan.aim);
    // A maker's points: on the first and the last day's track and the horizon, a pixel or so off.
    const truth = sunFan({ ...plan, aim: stood.aim }, skyTools);
    const points = [0, 182].flatMap((day) => {
      const own = truth.days[day]?.moments.filter(({ isRecorded }) => isRecorded) ?? [];
      return [0.1, 0.4, 0.7, 0.95].flatMap((part, i) => {
        const { place } = own[Math.floor(part * own.length)] ?? {};
        if (!place) return [];
        const date = truth.days[day]?.date ?? "";
        return [{ kind: "track" as const, s: place.s + 0.06 * (i % 2), t: place.t - 0.06 * (i % 3), date }];
      });
    });
    // Turned about the pole, tracks lie on themselves: only the horizon tells how far.
    const [line = []] = horizonLine(plan.horizon ?? [], truth.sky, 1);
    const ground = [0.35, 0.5, 0.65].flatMap((part) => {
      const place = line[Math.floor(part * line.length)];
      return place ? [{ kind: "horizon" as const, s: place.s - 0.06, t: place.t + 0.06 }] : [];
    });
    const fitted = await sun({ kind: "fit", request: plan, points: [...points, ...ground] }, CONTROL);
    if (fitted.output.kind !== "fit" || fitted.output.fit === null) throw new Error("not fitted");
    const { aim, holeY } = fitted.output.fit;
    expect(Math.abs(aim.azimuth - stood.aim.azimuth)).toBeLessThan(0.2);
    expect(Math.abs((aim.roll ?? 0) - (stood.aim.roll ?? 0))).toBeLessThan(0.2);
    const request = { ...plan, aim, hole: { ...plan.hole, y: holeY } };
    const { width, height } = plan.film;
    const opened = await job({ kind: "open", bytes: file.slice(), width, height }, CONTROL);
    if (!opened.output.ok || opened.output.value.kind !== "open") throw new Error("not opened");
    const { corners, found } = opened.output.value;
    expect(found).toBe(true);
    const again = file.slice();
    const reading = await job({ kind: "diary", bytes: file, corners, request }, CONTROL);
    if (!reading.output.ok || reading.output.value.kind !== "diary") throw new Error("not read");
    const { diary } = reading.output.value;
    const across = diary.hours.length;
    let [right, all] = [0, 0];
    for (const [day, { moments }] of truth.days.entries())
      for (const [i, { at, isRecorded }] of moments.entries()) {
        if (!isRecorded) continue;
        const cell = diary.at
          .subarray(day * across, (day + 1) * across)
          .findIndex((each) => Math.abs(each - at) <= 150_000);
        const [told, parted] = [diary.sun[day * across + cell], diary.parted[day * across + cell]];
        if (cell < 0 || told === undefined || !Number.isFinite(told) || (parted ?? 0) < PARTED) continue;
        all++;
        if (told > SHONE === (stood.skies[day]?.[i] === 1)) right++;
      }
    expect(all).toBeGreaterThan(1500);
    // Laid out by the sky, the sun’s way at an equinox is where the almanac has it: dark on the sheet, light here.
    const laid = await job({ kind: "sky", bytes: again, corners, request, width: 800 }, CONTROL);
    if (!laid.output.ok || laid.output.value.kind !== "sky") throw new Error("not laid out");
    const { sky: map, rgba } = laid.output.value;
    const lightAt = (azimuth: number, altitude: number): number => {
      const column = Math.floor(((azimuth - map.azimuths[0]) / 200) * map.width);
      const row = Math.floor(((map.altitudes[1] - altitude) / 90) * map.height);
      return rgba[4 * (row * map.width + column)] ?? 0;
    };
    const { noon } = truth.days[4] ?? {};
    const [towards, high] = [((noon?.azimuth ?? 0) * 180) / Math.PI, ((noon?.altitude ?? 0) * 180) / Math.PI];
    const meanFrom = (low: number): number =>
      Array.from({ length: 40 }, (_, i) => lightAt(towards - 5 + 0.25 * i, low + 0.05 * (i % 20))).reduce(
        (sum, value) => sum + value / 40,
        0,
      );
    // The weeks about the solstice lie above its first track; below it there is sky, and below that the land.
    expect(meanFrom(high + 0.5)).toBeGreaterThan(meanFrom(high - 3) + 5);
    expect(meanFrom(high - 3)).toBeGreaterThan(meanFrom(high - 12) + 5);
    expect(lightAt(towards, 75)).toBe(0);
    expect(right / all).toBeGreaterThan(0.95);
  }, 120_000);

  test("what is no picture is refused with words", async () => {
    const bytes = new TextEncoder().encode("no picture");
    const reading = await job({ kind: "diary", bytes, corners: [], request: plan }, CONTROL);
    expect(reading.output.ok).toBe(false);
  });

  test("a place of the sheet has its time as local clocks have it", async () => {
    const done = await sun({ kind: "when", request: plan, place: { s: 0, t: 60 - 100 * Math.tan(0.6) } }, CONTROL);
    expect(done.output.kind === "when" && done.output.times.map((time) => time.slice(0, 14))).toEqual([
      "2027-03-12T12:",
    ]);
  });
});
