import { median } from "../../basis/numeric/index.ts";
import { evenLevel, type LevelMap } from "./levelMap.ts";
import type { GreyPicture } from "./picture.ts";

/** How dark and how bright a picture is, speckle aside, and its noise; in its own numbers. */
export interface Levels {
  readonly low: number;
  readonly high: number;
  /** Standard deviation of a pixel. */
  readonly noise: number;
  /** Share of pixels at the largest number there is. */
  readonly clipped: number;
}

const BLOCK = 3;

/** Levels from means of 3 × 3 pixels, so that a single hot pixel does not count. */
export function levelsOf({ width, height, samples, most }: GreyPicture): Levels {
  let low = Number.POSITIVE_INFINITY;
  let high = Number.NEGATIVE_INFINITY;
  let clipped = 0;
  const side = Math.min(BLOCK, width, height);
  for (let y = 0; y + side <= height; y += side) {
    for (let x = 0; x + side <= width; x += side) {
      let sum = 0;
      for (let j = 0; j < side; j++) {
        const row = (y + j) * width + x;
        for (let i = 0; i < side; i++) {
          const value = samples[row + i] as number;
          sum += value;
          if (value >= most) clipped++;
        }
      }
      if (sum < low) low = sum;
      if (sum > high) high = sum;
    }
  }
  const pixels = side * side;
  return {
    low: low / pixels,
    high: high / pixels,
    noise: noiseOf({ width, height, samples }),
    clipped: clipped / (width * height),
  };
}

/** Noise from the middle difference of second neighbours in a row, which edges hardly touch. */
function noiseOf({ width, height, samples }: Pick<GreyPicture, "width" | "height" | "samples">): number {
  if (width < 3) return 0;
  const stride = Math.max(1, Math.floor((width * height) / 10_000));
  const differences: number[] = [];
  for (let i = 1; i + 1 < width * height; i += stride) {
    const x = i % width;
    if (x === 0 || x === width - 1) continue;
    const [before, here, after] = [samples[i - 1] as number, samples[i] as number, samples[i + 1] as number];
    differences.push(Math.abs(here - (before + after) / 2));
  }
  // The difference has variance 3/2 of a pixel's; the middle of |normal| is 0.6745 of its standard deviation.
  return (median(differences) || 0) / (0.6745 * Math.sqrt(1.5));
}

/** Halfway between dark and bright, everywhere the same. */
export function halfLevel({ width }: GreyPicture, { low, high }: Levels): LevelMap {
  return evenLevel(width, (low + high) / 2);
}

const TILE = 64;

/**
 * A level that follows uneven light: the middle value of each tile of 64 pixels and its neighbours, plus `step`.
 *
 * @param step from the plate's level to the half level, in the picture's numbers, with its sign
 */
export function followingLevel(picture: GreyPicture, step: number): LevelMap {
  const { width, height, samples } = picture;
  const columns = (width >> 6) + 1;
  const rows = (height >> 6) + 1;
  const middles = new Float64Array(columns * rows);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const values: number[] = [];
      for (let y = Math.max(0, (row - 1) * TILE); y < Math.min(height, (row + 2) * TILE); y += 7) {
        for (let x = Math.max(0, (column - 1) * TILE); x < Math.min(width, (column + 2) * TILE); x += 7) {
          values.push(samples[y * width + x] as number);
        }
      }
      middles[row * columns + column] = (median(values) || 0) + step;
    }
  }
  return { row: (y) => middles.subarray((y >> 6) * columns, ((y >> 6) + 1) * columns) };
}
