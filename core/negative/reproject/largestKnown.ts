import { MISSING, type Raster } from "./resample.ts";

/** An upright rectangle of a raster, px. */
export interface KnownPart {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Blocks that a raster is looked at in, across: at most so many. */
const MOST_ACROSS = 400;

/**
 * The largest upright rectangle of a picture in which everything is known: what can be cut out of a sheet that was laid
 * flat and has round edges now.
 *
 * @returns px, to a block (a four-hundredth of the width); `null` where nothing is known
 * @source largest rectangle under a histogram by a stack, row by row; folklore, from memory
 * @example largestKnown({ width: 2, height: 1, log: Float32Array.of(0, -99) }) // { left: 0, top: 0, width: 1, height: 1 }
 */
export function largestKnown({ width, height, log }: Raster): KnownPart | null {
  const step = Math.ceil(width / MOST_ACROSS);
  const [columns, rows] = [Math.floor(width / step), Math.floor(height / step)];
  /** How many known blocks stand above one another, from this row up; the last is an end. */
  const high = new Int32Array(columns + 1);
  let best = { area: 0, left: 0, right: 0, top: 0, bottom: 0 };
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++)
      high[column] = isKnown(log, width, column * step, row * step, step) ? (high[column] as number) + 1 : 0;
    /** Columns that rise to the right. */
    const rising: number[] = [];
    for (let column = 0; column <= columns; column++) {
      while (rising.length > 0 && (high[rising.at(-1) as number] as number) >= (high[column] as number)) {
        const tall = high[rising.pop() as number] as number;
        const left = rising.length === 0 ? 0 : (rising.at(-1) as number) + 1;
        const area = tall * (column - left);
        if (area > best.area) best = { area, left, right: column, top: row + 1 - tall, bottom: row + 1 };
      }
      rising.push(column);
    }
  }
  if (best.area === 0) return null;
  const { left, right, top, bottom } = best;
  return { left: left * step, top: top * step, width: (right - left) * step, height: (bottom - top) * step };
}

function isKnown(log: Float32Array, width: number, left: number, top: number, step: number): boolean {
  for (let y = top; y < top + step; y++)
    for (let x = left; x < left + step; x++) if (log[y * width + x] === MISSING) return false;
  return true;
}
