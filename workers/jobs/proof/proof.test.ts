import { mediumById } from "../../../catalogue/media.ts";
import { testCamera } from "../../../core/testing/cameras.ts";
import { FLAT, MEDIUM, negativeOf } from "../../../core/testing/negatives.ts";
import { scanToPng } from "../../codecs/write/writeScan.ts";
import { scanNegative } from "../scanNegative/scanNegative.ts";
import { proofJob } from "./proofJob.ts";

const CONTROL = { report: () => undefined, cancelled: () => false };
const SETTINGS = { medium: MEDIUM, sheet: { width: 127, height: 101.6 }, camera: FLAT };

function scanned(): Uint8Array<ArrayBuffer> {
  const { scan } = negativeOf(FLAT, (_, s, t) => 0.2 + s / 80 - t / 200, { dpi: 60, bits: 8, encoding: "srgb" });
  return scanToPng(scan, 60);
}

describe("the worker for negatives", () => {
  test("keeps the last scan, asks for another one’s file, and answers what is asked", async () => {
    const job = proofJob();
    const ask = async (order: object) => (await job({ settings: SETTINGS, ...order } as never, CONTROL)).output;
    expect(await ask({ kind: "open", key: "a", bytes: null })).toEqual({ ok: true, value: { kind: "send" } });
    const opened = await ask({ kind: "open", key: "a", bytes: scanned() });
    if (!opened.ok || opened.value.kind !== "open") throw new Error("not opened");
    expect(opened.value.report).toMatchObject({ found: true, channels: 1, bits: 8, dpi: null });
    expect(opened.value.report.view.rgba.length).toBe(
      4 * opened.value.report.view.width * opened.value.report.view.height,
    );
    const judged = await ask({ kind: "judge", key: "a", bytes: null });
    if (!judged.ok || judged.value.kind !== "judge") throw new Error("not judged");
    expect(judged.value.report.histogram.shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 6);
    const strip = await ask({ kind: "strip", key: "a", bytes: null, count: 5, along: "across" });
    if (!strip.ok || strip.value.kind !== "strip") throw new Error("no strip");
    const { densities } = strip.value;
    expect([...densities].sort((a, b) => b - a)).toEqual(densities);
    expect(await ask({ kind: "open", key: "b", bytes: null })).toEqual({ ok: true, value: { kind: "send" } });
    const broken = await ask({ kind: "open", key: "b", bytes: new Uint8Array([1, 2, 3]) });
    expect(broken).toEqual({ ok: false, error: { path: "/scan", message: expect.stringContaining("not a PNG") } });
    // The scan it had is let go before another is unpacked.
    expect(await ask({ kind: "judge", key: "a", bytes: null })).toEqual({ ok: true, value: { kind: "send" } });
  });

  test("a judgement tells how far it is, and is given up between its steps", async () => {
    const job = proofJob();
    const order = { settings: SETTINGS, kind: "judge", key: "a", bytes: scanned() } as never;
    const shares: number[] = [];
    const judged = await job(order, { ...CONTROL, report: (share) => shares.push(share) });
    expect(judged.output.ok).toBe(true);
    expect(shares.length).toBeGreaterThanOrEqual(3);
    for (const [i, share] of shares.entries()) {
      expect(share).toBeGreaterThan(shares[i - 1] ?? 0);
      expect(share).toBeLessThan(1);
    }
    let asked = 0;
    const stopped = await job(order, { ...CONTROL, cancelled: () => ++asked >= 2 });
    expect(stopped.output.ok).toBe(false);
  });

  test("is given up between its steps", async () => {
    const job = proofJob();
    const order = {
      kind: "draw",
      key: "a",
      bytes: scanned(),
      settings: { ...SETTINGS, sharpen: true },
      spots: [],
      lines: null,
    };
    const given = await job(order as never, { report: () => undefined, cancelled: () => true });
    expect(given.output.ok).toBe(false);
  });

  test("the made-up flatbed delivers a computed sheet: the same seed the same scan, found and judged about right", async () => {
    const camera = testCamera("flat-box");
    const medium = mediumById("rc-graded");
    const request = {
      camera,
      medium,
      scene: "allotment",
      seconds: 1,
      stops: 0,
      walking: false,
      flashes: 0,
      pixels: 200,
    };
    const order = { request, dpi: 60, bits: 8 as const, hair: false, quarters: 1 as const, seed: 5 };
    const one = (await scanNegative(order, CONTROL)).output;
    expect((await scanNegative(order, CONTROL)).output).toEqual(one);
    const { film } = camera.chambers[0];
    const settings = {
      medium: { ...medium.density, iso: medium.iso },
      sheet: { width: film.width, height: film.height },
    };
    const opened = (await proofJob()({ kind: "open", key: "x", bytes: one, settings } as never, CONTROL)).output;
    if (!opened.ok || opened.value.kind !== "open") throw new Error("not opened");
    expect(opened.value.report.found).toBe(true);
  });
});
