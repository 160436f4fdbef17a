import { formats } from "../catalogue/formats.ts";
import { mediumById } from "../catalogue/media.ts";
import { type PreviewRequest, pixelsOf } from "../core/bench/preview/index.ts";
import { type SunStay, USUAL_STAY } from "../core/sun/index.ts";
import { ideal, PAPER_LIGHT, testCamera } from "../core/testing/cameras.ts";
import { curve } from "./jobs/curve/curve.ts";
import { finder } from "./jobs/finder/finder.ts";
import { preview } from "./jobs/preview/preview.ts";
import { joined } from "./testing.ts";

const request: PreviewRequest = {
  camera: testCamera("flat-box"),
  medium: mediumById("rc-graded"),
  scene: "allotment",
  seconds: 26,
  stops: 0,
  walking: true,
  flashes: 1,
  pixels: 320,
};
const part = { request, width: 320, height: 256, rows: { from: 0, to: 128 }, stay: null };

describe("heavy jobs over a message channel", () => {
  test("a preview comes with progress; its rows are those that were asked for", async () => {
    const { client, close } = joined(preview);
    const shares: number[] = [];
    const done = await client.run(part, { onProgress: (share) => shares.push(share) });
    if (!done.ok) throw new Error(done.error.message);
    expect(done.value.negative).toHaveLength(320 * 128);
    expect(done.value.positive).toHaveLength(320 * 128);
    expect(new Set(done.value.positive).size).toBeGreaterThan(40);
    expect(shares.length).toBeGreaterThan(2);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    close();
  });

  test("a preview that is cancelled stops early: the next one does not wait for it", async () => {
    const { client, close } = joined(preview);
    const large = {
      ...part,
      request: { ...request, pixels: 1600 },
      width: 1600,
      height: 1280,
      rows: { from: 0, to: 1280 },
    };
    const stop = new AbortController();
    const start = performance.now();
    const first = client.run(large, { signal: stop.signal });
    setTimeout(() => stop.abort(), 60);
    const cancelled = await first;
    expect(!cancelled.ok && cancelled.error.reason).toBe("cancelled");
    const alone = performance.now();
    const second = await client.run(part);
    expect(second.ok).toBe(true);
    const waited = performance.now() - start;
    const whole = await client.run(large);
    expect(whole.ok).toBe(true);
    expect(waited).toBeLessThan(performance.now() - alone);
    close();
  }, 60_000);

  test("bare metal greys the shadows of the whole sheet, in both halves alike; black paint hardly", async () => {
    const { client, close } = joined(preview);
    const { container } = request.camera;
    const tin = { ...request.camera, container: { ...container, material: "tin metal", insideBlack: false } };
    const bare = { ...tin, making: { choices: { black: "leave" } } };
    const blankOf = async (camera: PreviewRequest["camera"]) => {
      const done = await client.run({ ...part, request: { ...request, camera, flashes: 0 } });
      if (!done.ok) throw new Error(done.error.message);
      return done.value.blank;
    };
    const [left, painted] = [await blankOf(bare), await blankOf(tin)];
    expect(painted).toBeGreaterThan(0.05);
    expect(left).toBeLessThan(0.7 * painted);
    close();
  });

  test("a sheet that hangs in the sun comes back in one piece, printed, with the tracks of its stay over the scene", async () => {
    const { client, close } = joined(preview);
    const can = {
      ...request,
      camera: { ...testCamera("curled-can"), purpose: "trail" as const },
      pixels: 400,
      walking: false,
      flashes: 0,
    };
    const { width, height } = pixelsOf(can);
    const of = async (stay: SunStay) => {
      const done = await client.run({ request: can, width, height, rows: { from: 0, to: height }, stay });
      if (!done.ok) throw new Error(done.error.message);
      return done.value;
    };
    const south = await of(USUAL_STAY);
    const north = await of({ ...USUAL_STAY, aim: { azimuth: 0 } });
    expect([south.tone, south.negative.length]).toEqual(["printed", width * height]);
    expect(south.tracked).toBeGreaterThan(0.2);
    expect(north.tracked).toBeLessThan(0.1);
    close();
  });

  test("the finder and the curve answer as their functions do", async () => {
    const found = joined(finder);
    const answer = await found.client.run({
      camera: testCamera("curled-can"),
      light: PAPER_LIGHT,
      contrast: 0.2,
      ideal,
      stock: { formats, plates: [0.1, 0.05] },
      wish: { wide: 1, sharp: 0, fast: 0, even: 0, whole: 0, cheap: 0 },
      most: 3,
    });
    expect(answer.ok && answer.value.found).toHaveLength(3);
    found.close();
    const drawn = joined(curve);
    const { sensitivity } = mediumById("rc-graded");
    const curved = await drawn.client.run({ sensitivity, kelvin: 5500, contrast: 0.2 });
    if (!curved.ok) throw new Error(curved.error.message);
    expect(curved.value.wavelengthNm).toBeGreaterThan(420);
    expect(curved.value.curve.best[0]).toBeCloseTo(ideal.constant, 1);
    drawn.close();
  });
});
