import { inflateSync } from "node:zlib";
import { PARTED, SHONE, sunFan } from "../../../core/sun/index.ts";
import { COLD_FRAMES, pointsOn } from "../../../core/testing/coldFrames.ts";
import { skyTools } from "../sun/skyTools.ts";
import { sun } from "../sun/sun.ts";
import { trailJob } from "./trailReading.ts";

const CONTROL = { report: () => {}, cancelled: () => false };
const job = trailJob({ inflate: async (zlib, most) => inflateSync(zlib, { maxOutputLength: most }) });
const plan = COLD_FRAMES;
const size = { width: plan.film.width, height: plan.film.height };

describe("Thistle Row’s can from one solstice to the next", () => {
  test("is made up, scanned by the made-up flatbed, fitted, and reads its own weather back: 95 % of the moments on parted tracks", async () => {
    const made = await job({ kind: "simulate", request: plan, dpi: 200, seed: 5, disturbance: "none" }, CONTROL);
    if (!made.output.ok || made.output.value.kind !== "simulate") throw new Error("not made");
    const { file, can } = made.output.value;
    expect(can.aim).not.toEqual(plan.aim);
    // A maker's points: on the first and the last day's track and the horizon, a pixel or so off.
    const truth = sunFan({ ...plan, aim: can.aim }, skyTools);
    let turn = 0;
    const beside = (): number => [0, 0.06, -0.06][turn++ % 3] as number;
    const points = pointsOn(truth, plan.horizon, [plan.from, plan.to], beside);
    const fitted = await sun({ kind: "fit", request: plan, points }, CONTROL);
    if (fitted.output.kind !== "fit" || fitted.output.fit === null) throw new Error("not fitted");
    const { aim, holeY } = fitted.output.fit;
    expect(Math.abs(aim.azimuth - can.aim.azimuth)).toBeLessThan(0.2);
    expect(Math.abs((aim.roll ?? 0) - (can.aim.roll ?? 0))).toBeLessThan(0.2);
    const request = { ...plan, aim, hole: { ...plan.hole, y: holeY } };
    // The first question sends the file along; the later ones are about the scan the worker keeps.
    const unsent = await job({ kind: "open", key: "made up", bytes: null, ...size }, CONTROL);
    expect(unsent.output).toMatchObject({ ok: true, value: { kind: "send" } });
    const opened = await job({ kind: "open", key: "made up", bytes: file, ...size }, CONTROL);
    if (!opened.output.ok || opened.output.value.kind !== "open") throw new Error("not opened");
    const { corners, found } = opened.output.value;
    expect(found).toBe(true);
    const kept = { key: "made up", bytes: null, corners, request } as const;
    const reading = await job({ ...kept, kind: "diary", shut: null }, CONTROL);
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
        if (told > SHONE === (can.skies[day]?.[i] === 1)) right++;
      }
    expect(all).toBeGreaterThan(1500);
    // Laid out by the sky, the sun’s way at an equinox is where the almanac has it: dark on the sheet, light here.
    const laid = await job({ ...kept, kind: "sky", width: 800 }, CONTROL);
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

  test("made up as shut on the way: the scan in colour tells when", async () => {
    const made = await job({ kind: "simulate", request: plan, dpi: 120, seed: 3, disturbance: "shut" }, CONTROL);
    if (!made.output.ok || made.output.value.kind !== "simulate") throw new Error("not made");
    const { file, can } = made.output.value;
    const opened = await job({ kind: "open", key: "shut", bytes: file, ...size }, CONTROL);
    if (!opened.output.ok || opened.output.value.kind !== "open") throw new Error("not opened");
    const { corners } = opened.output.value;
    const request = { ...plan, aim: can.aim };
    const told = await job({ kind: "disturbance", key: "shut", bytes: null, corners, request }, CONTROL);
    if (!told.output.ok || told.output.value.kind !== "disturbance") throw new Error("not told");
    const { disturbance } = told.output.value;
    if (disturbance?.kind !== "shut" || can.disturbance?.kind !== "shut") throw new Error(JSON.stringify(disturbance));
    expect(Math.abs(Date.parse(disturbance.from) - Date.parse(can.disturbance.from)) / 864e5).toBeLessThanOrEqual(6);
    expect(Math.abs(Date.parse(disturbance.to) - Date.parse(can.disturbance.to)) / 864e5).toBeLessThanOrEqual(6);
    // Its days have no weather.
    expect(can.skies.filter((sky) => sky.length === 0).length).toBeGreaterThanOrEqual(18);
  }, 120_000);

  test("what is no picture is refused with words", async () => {
    const bytes = new TextEncoder().encode("no picture");
    const reading = await job({ kind: "diary", key: "none", bytes, corners: [], request: plan, shut: null }, CONTROL);
    expect(reading.output.ok).toBe(false);
  });

  test("a place of the sheet has its time as local clocks have it", async () => {
    const done = await sun({ kind: "when", request: plan, place: { s: 0, t: 60 - 100 * Math.tan(0.6) } }, CONTROL);
    expect(done.output.kind === "when" && done.output.times.map((time) => time.slice(0, 14))).toEqual([
      "2027-03-12T12:",
    ]);
  });
});
