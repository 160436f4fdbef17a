import { chance } from "../../basis/numeric/chance.ts";
import { coarseField, coarseRuns } from "../restore/coarseField.ts";
import { TILE } from "../restore/tileTransform.ts";
import { STRIDE, TILE_WEIGHTS } from "../restore/tileWeights.ts";
import { insideOf } from "../scan/sheetInScan.ts";
import { lightOf } from "../scan/whiteOf.ts";
import { drawRun, MISSING, type Raster } from "./resample.ts";

const raster = (width: number, height: number, at: (x: number, y: number) => number): Raster => ({
  width,
  height,
  log: Float32Array.from({ length: width * height }, (_, i) => at(i % width, Math.floor(i / width))),
});

function drawn(
  from: Raster,
  at: readonly [number, number],
  across: readonly [number, number],
  down: readonly [number, number],
  count = 1,
): number[] {
  const out = new Float32Array(count);
  drawRun(from, at, across, down, out, 0, count);
  return [...out];
}

describe("a picture drawn from a raster", () => {
  const plane = raster(40, 30, (x, y) => 0.3 * x - 0.2 * y);
  const planeAt = (x: number, y: number): number => 0.3 * x - 0.2 * y;

  test.each([
    ["as it is", [1, 0.01], [-0.01, 1]],
    ["enlarged", [0.3, 0.1], [-0.1, 0.3]],
    ["shrunk across", [2.4, 0.2], [0, 0.9]],
    ["shrunk down", [0.8, 0], [0.1, 3.7]],
    ["shrunk both ways, turned", [1.6, 1.2], [-1.2, 1.6]],
  ] as const)("a plane stays a plane, near the edges too: %s", (_, across, down) => {
    for (const [x, y] of [
      [6, 9],
      [11.37, 14.81],
      [3.2, 4.1],
    ] as const) {
      for (const [k, value] of drawn(plane, [x, y], across, down, 5).entries()) {
        expect(value).toBeCloseTo(planeAt(x + k * across[0], y + k * across[1]), 4);
      }
    }
  });

  test("what shrinks is averaged along the way in which it shrinks, and in no other", () => {
    const across = raster(64, 64, (x) => (x % 4 < 2 ? 1 : -1));
    const down = raster(64, 64, (_, y) => (y % 4 < 2 ? 1 : -1));
    // The middle of four stripes: two of either.
    expect(drawn(across, [20.6, 20], [4, 0], [0, 1])[0]).toBeCloseTo(0, 6);
    expect(drawn(down, [21.5, 20.4], [4, 0], [0, 1])[0]).toBeCloseTo(1, 6);
    expect(drawn(down, [20, 20.6], [1, 0], [0, 4])[0]).toBeCloseTo(0, 6);
    expect(drawn(across, [20.4, 21.5], [1, 0], [0, 4])[0]).toBeCloseTo(1, 6);
  });

  test("beside the raster nothing is known; half a pixel past its last middle it still is", () => {
    const small = raster(4, 3, () => 2);
    for (const across of [
      [1, 0],
      [3, 0],
    ] as const) {
      expect(drawn(small, [-0.5, 2.5], across, [0, 1])).toEqual([2]);
      expect(drawn(small, [-0.6, 1], across, [0, 1])).toEqual([MISSING]);
      expect(drawn(small, [1, 2.6], across, [0, 1])).toEqual([MISSING]);
    }
  });
});

describe("a field drawn by straight lines between few places", () => {
  const first = (x: number, y: number): number => Math.sin(x / 90) * Math.cos(y / 120);
  const second = (x: number, y: number): number => 0.01 * x * x - 0.02 * x * y;

  test("numbers and slopes are those of the field, but for its bend over a piece", () => {
    const [width, height] = [1600, 41];
    const runs = coarseRuns(width, height, 2, (x, y, out) => {
      out[0] = first(x, y);
      out[1] = second(x, y);
      return 1;
    });
    let [pixels, off, tilted] = [0, 0, 0];
    for (let y = 0; y < height; y++) {
      runs(y, ({ first: from, end, values, across, down, smooth }) => {
        if (!smooth) throw new Error(`not smooth from ${from}`);
        pixels += end - from;
        for (const [k, truth] of [first, second].entries()) {
          const [value, step, below] = [values[k], across[k], down[k]] as [number, number, number];
          for (let x = from; x < end; x++) off = Math.max(off, Math.abs(value + step * (x - from) - truth(x, y)));
          const middle = (from + end) / 2;
          tilted = Math.max(tilted, Math.abs(below - (truth(middle, y + 0.5) - truth(middle, y - 0.5))));
        }
      });
    }
    expect(pixels).toBe(width * height);
    // Eight pixels, bent by 0.02: 8² / 8 · 0.02.
    expect(off).toBeLessThan(0.17);
    expect(tilted).toBeLessThan(0.02);
  });

  test("where it is not smooth, and where parts meet, each pixel is worked out by itself", () => {
    const field = coarseField(1000, 30, (x, y, out) => {
      out[0] = x < 500 ? 0 : first(x, y) + 9;
      return x < 500 ? 1 : 2;
    });
    const row = new Float64Array(1000);
    for (let y = 0; y < 30; y++) {
      field(y, row);
      const off = row.map((value, x) => Math.abs(value - (x < 500 ? 0 : first(x, y) + 9)));
      expect(Math.max(...off)).toBeLessThan(1e-2);
    }
  });
});

test("all tiles’ weights of a place add to 1", () => {
  for (let place = TILE; place < 2 * TILE; place++) {
    let sum = 0;
    for (let tile = -1; tile < 8; tile++) sum += TILE_WEIGHTS[place - tile * STRIDE] ?? 0;
    expect(sum).toBeCloseTo(1, 12);
  }
});

test.each([8, 16])(
  "the light of a sheet is that of its pixels, counted one by one: %i bits, wherever its rows begin (seeded)",
  (bits) => {
    const random = chance(bits);
    for (let round = 0; round < 12; round++) {
      const [width, height] = [20 + Math.floor(30 * random()), 15 + Math.floor(20 * random())];
      const most = 2 ** bits - 1;
      const numbers = Array.from({ length: width * height }, () => Math.floor(random() * (most + 1)));
      const samples = bits === 8 ? Uint8Array.from(numbers) : Uint16Array.from(numbers);
      const scan = { width, height, channels: 1 as const, samples, most, encoding: "linear" as const };
      const [x, y] = [1 + Math.floor(5 * random()), 1 + Math.floor(5 * random())];
      const placement = {
        width: 50,
        height: 40,
        seen: "emulsion" as const,
        corners: [
          { x, y },
          { x: width - 2, y: y + 1 },
          { x: width - 1, y: height - 2 },
          { x: x + 1, y: height - 1 },
        ] as const,
      };
      const span = insideOf(placement, scan);
      const slow = new Map<number, number>();
      for (let row = 0; row < height; row++) {
        const { from, to } = span(row);
        for (let column = from; column < to; column++) {
          const light = (numbers[row * width + column] as number) / most;
          slow.set(light, (slow.get(light) ?? 0) + 1);
        }
      }
      const { values, counts, total } = lightOf(scan, "linear", placement, "luminance");
      expect(total).toBe([...slow.values()].reduce((sum, count) => sum + count, 0));
      expect([...values].map((value, i) => [value, counts[i]])).toEqual([...slow].sort(([a], [b]) => a - b));
    }
  },
);
