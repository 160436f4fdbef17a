import { transformOf } from "../../../workers/codecs/fourier.ts";
import { chance } from "../../basis/numeric/chance.ts";
import { findRoot, normalNumbers } from "../../basis/numeric/index.ts";
import { contrast } from "../../light/hole/index.ts";
import { acrossRay, contrastAcross, opticalModel, sightAt } from "../../light/solve/index.ts";
import type { ExposureMap } from "../density/exposureMap.ts";
import { sheetInScan } from "../scan/sheetInScan.ts";
import { grainOf } from "./grain.ts";
import { sharpened } from "./sharpen.ts";
import { gain } from "./wiener.ts";

const MODEL = opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: 40, height: 30 } });
const LINES = [{ wavelengthNm: 550, share: 1 }];
const SETTING = { distance: 60, wavelengthNm: 550, subjectDistance: null };
/** 500 pixels for 25.4 mm, as a usual scan has. */
const PITCH = 25.4 / 500;
const [WIDTH, HEIGHT] = [Math.round(40 / PITCH), Math.round(30 / PITCH)];
const SHEET = sheetInScan({
  width: 40,
  height: 30,
  seen: "emulsion",
  corners: [
    { x: 0, y: 0 },
    { x: WIDTH, y: 0 },
    { x: WIDTH, y: HEIGHT },
    { x: 0, y: HEIGHT },
  ],
});

function mapOf(exposure: (x: number, y: number) => number): ExposureMap {
  const log = new Float32Array(WIDTH * HEIGHT);
  for (let y = 0; y < HEIGHT; y++) {
    for (let x = 0; x < WIDTH; x++) log[y * WIDTH + x] = Math.log10(exposure(x, y));
  }
  return { left: 0, top: 0, width: WIDTH, height: HEIGHT, log };
}

function sharpen(map: ExposureMap, ends: { least: number; most: number } = { least: -9, most: 9 }): ExposureMap {
  const steps = sharpened(map, SHEET, { model: MODEL, lines: LINES, transformOf, ...ends });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

const at = ({ log }: ExposureMap, x: number, y: number): number => 10 ** (log[y * WIDTH + x] as number);

/** The frequency at which the hole leaves 0.3 of a contrast, cycles/mm. */
const FADED = findRoot((frequency) => contrast(frequency, 0.3, SETTING) - 0.3, 0.5, 6, 1e-9);

describe("sharpening by the known hole", () => {
  test("raises the contrast where M = 0.3 by at least 1.8, also within grain", () => {
    for (const grain of [0, 0.01, 0.04]) {
      const normal = normalNumbers(chance(3));
      const wave = (x: number): number => 1 + 0.3 * 0.8 * Math.cos(2 * Math.PI * FADED * x * PITCH);
      const after = sharpen(mapOf((x) => Math.max(0.01, wave(x) + grain * normal())));
      // Amplitude at that frequency, over whole waves about the middle.
      const period = 1 / (FADED * PITCH);
      const span = Math.round(20 * period);
      const from = Math.round(WIDTH / 2 - span / 2);
      let [real, imaginary, rows] = [0, 0, 0];
      for (let y = 150; y < HEIGHT - 150; y += 3, rows++) {
        for (let x = from; x < from + span; x++) {
          real += (2 / span) * at(after, x, y) * Math.cos(2 * Math.PI * FADED * x * PITCH);
          imaginary += (2 / span) * at(after, x, y) * Math.sin(2 * Math.PI * FADED * x * PITCH);
        }
      }
      const raised = Math.hypot(real, imaginary) / rows / (0.3 * 0.8);
      expect(raised).toBeGreaterThan(1.8);
      expect(raised).toBeLessThan(4);
    }
  });

  test("an edge drawn by the hole overshoots by at most a tenth, and becomes steeper", () => {
    // The edge's profile: ∫ M(ν) sin(2πνx)/(πν) dν, by the integral of PHYSICS section 1.
    const cutoff = 0.3 / (0.00055 * 60);
    const steps = 400;
    const contrasts = Array.from({ length: steps }, (_, i) => contrast(((i + 0.5) / steps) * cutoff, 0.3, SETTING));
    const profile = (x: number): number =>
      contrasts.reduce((sum, value, i) => {
        const frequency = ((i + 0.5) / steps) * cutoff;
        return sum + ((value * Math.sin(2 * Math.PI * frequency * x)) / (Math.PI * frequency)) * (cutoff / steps);
      }, 0.5);
    const middle = WIDTH / 2;
    const columns = Array.from({ length: WIDTH }, (_, x) => profile((x + 0.5 - middle) * PITCH));
    const normal = normalNumbers(chance(5));
    const before = mapOf((x) => 0.2 + (columns[x] as number) + 0.004 * normal());
    const after = sharpen(before);
    const mean = (map: ExposureMap, x: number): number => {
      let sum = 0;
      for (let y = 100; y < HEIGHT - 100; y++) sum += at(map, x, y) / (HEIGHT - 200);
      return sum;
    };
    const near = Array.from({ length: 120 }, (_, i) => Math.round(middle) - 60 + i);
    const [sharp, soft] = [near.map((x) => mean(after, x)), near.map((x) => mean(before, x))];
    expect(Math.max(...sharp)).toBeLessThan(1.2 + 0.1);
    expect(Math.min(...sharp)).toBeGreaterThan(0.2 - 0.1);
    const slope = (values: readonly number[]): number =>
      Math.max(...values.slice(1).map((value, i) => value - (values[i] as number)));
    expect(slope(sharp) / slope(soft)).toBeGreaterThan(1.3);
  });

  test("a plain field stays, up to the sheet’s very edge; blank and burnt places are left alone", () => {
    const plain = sharpen(mapOf(() => 0.7));
    for (const x of [0, 1, WIDTH >> 1, WIDTH - 1]) expect(at(plain, x, HEIGHT >> 1)).toBeCloseTo(0.7, 5);
    const normal = normalNumbers(chance(9));
    const mixed = mapOf((x, y) => {
      if (x > 300 && x < 340) return 0.01;
      if (y > 200 && y < 220) return 100;
      return 1 + 0.1 * normal();
    });
    const after = sharpen(mixed, { least: -2, most: 2 });
    for (const [x, y] of [
      [320, 50],
      [303, 400],
      [100, 210],
    ] as const) {
      expect(after.log[y * WIDTH + x]).toBe(mixed.log[y * WIDTH + x]);
    }
    expect(after.log[400 * WIDTH + 100]).not.toBe(mixed.log[400 * WIDTH + 100]);
  });

  test("is Wiener’s filter: three points, against the sum over all frequencies written out", () => {
    const points = [
      { x: 608, y: 192, more: 3 },
      { x: 614, y: 195, more: 2 },
      { x: 599, y: 203, more: 1 },
    ];
    const map = mapOf((x, y) => 1 + points.reduce((sum, p) => sum + (p.x === x && p.y === y ? p.more : 0), 0));
    const { signal, grain } = grainOf(
      map.log.map((log) => 10 ** log),
      WIDTH,
      HEIGHT,
    );
    const snr = Math.min(100, Math.max(1, signal / Math.max(grain, signal / 100)));
    const after = sharpen(map);
    // The middle of the tile that the points lie in.
    const { s, t } = SHEET.toSheet(608.5, 192.5);
    const sight = sightAt(MODEL, s, t);
    if (sight === null) throw new Error("the middle sees the hole");
    const size = 512;
    const filter = Float64Array.from({ length: size * size }, (_, k) => {
      const [kx, ky] = [(k % size) - size / 2, Math.floor(k / size) - size / 2];
      const { along, across } = acrossRay(sight.projection, kx / size / PITCH, ky / size / PITCH);
      return gain(contrastAcross(sight, 0.15, LINES, along, across), snr);
    });
    for (const [x, y] of [
      [608, 192],
      [611, 194],
      [606, 199],
    ] as const) {
      let sum = 0;
      for (const point of points) {
        for (let k = 0; k < filter.length; k++) {
          const [kx, ky] = [(k % size) - size / 2, Math.floor(k / size) - size / 2];
          const turns = (kx * (x - point.x) + ky * (y - point.y)) / size;
          sum += (point.more * (filter[k] as number) * Math.cos(2 * Math.PI * turns)) / (size * size);
        }
      }
      expect(at(after, x, y)).toBeCloseTo(1 + sum, 2);
    }
  });

  test("the gain of section 11: 1.809 where M = 0.3 at SNR 11, never above 4, 1 for a plain field", () => {
    expect(gain(0.3, 11)).toBeCloseTo(1.809, 3);
    expect(gain(1, 7)).toBeCloseTo(1, 12);
    expect(gain(0.01, 1e9)).toBe(4);
    expect(gain(-0.01, 1e9)).toBe(-4);
    expect(gain(0, 50)).toBe(0);
  });

  test("grain is told from picture: a slope and an edge are none", () => {
    const normal = normalNumbers(chance(2));
    const noisy = Float32Array.from(
      { length: 200 * 200 },
      (_, i) => 1 + (i % 200) / 200 + (i % 200 > 90 ? 1 : 0) + 0.03 * normal(),
    );
    const { signal, grain } = grainOf(noisy, 200, 200);
    expect(Math.sqrt(grain)).toBeCloseTo(0.03, 3);
    expect(signal).toBeGreaterThan(0.3);
  });
});
