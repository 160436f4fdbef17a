import type { Exposed } from "./render.ts";

/** Rows of a finer picture, one at a time. */
export interface FinerRows {
  /** The row read last. */
  readonly line: Float32Array<ArrayBuffer>;
  /** Reads a row of the finer picture into {@link FinerRows.line}. */
  readonly read: (y: number) => void;
}

/**
 * An exposure read as a finer picture of it, by the cubics through the four nearest rows and columns.
 *
 * @param width, height of the finer picture, pixels
 * @returns one line that is read into again and again
 * @example finerRows(exposed, 1600, 1280).line.length // 1600, of any exposure
 */
export function finerRows(exposed: Exposed, width: number, height: number): FinerRows {
  const coarse = new Float32Array(exposed.width);
  const taps = columnTaps(exposed.width, width);
  const line = taps === null ? coarse : new Float32Array(width);
  return {
    line,
    read(y) {
      rowAt(exposed, ((y + 0.5) * exposed.height) / height - 0.5, coarse);
      if (taps !== null) for (let x = 0; x < width; x++) line[x] = tapped(coarse, taps, x);
    },
  };
}

/** One row between the rows of a picture, by the cubic through the four nearest. */
function rowAt({ width, rows, exposure }: Exposed, y: number, line: Float32Array): void {
  // A hair below a whole row is that row: rounding must not make it the one before.
  const at = Math.floor(y + 1e-6);
  const [a, b, c, d] = cubicWeights(Math.max(0, y - at));
  const row = (k: number): number => (Math.min(rows.to - 1, Math.max(rows.from, at + k)) - rows.from) * width;
  const [r0, r1, r2, r3] = [row(-1), row(0), row(1), row(2)];
  if (Math.abs(b - 1) < 1e-9) {
    line.set(exposure.subarray(r1, r1 + width));
    return;
  }
  for (let x = 0; x < width; x++) {
    line[x] =
      a * (exposure[r0 + x] as number) +
      b * (exposure[r1 + x] as number) +
      c * (exposure[r2 + x] as number) +
      d * (exposure[r3 + x] as number);
  }
}

/** Where each column of the finer picture lies between four of the coarser, with their weights. */
interface Taps {
  readonly from: Int32Array;
  readonly weights: Float32Array;
}

function columnTaps(coarse: number, fine: number): Taps | null {
  if (coarse === fine) return null;
  const from = new Int32Array(4 * fine);
  const weights = new Float32Array(4 * fine);
  for (let x = 0; x < fine; x++) {
    const place = ((x + 0.5) * coarse) / fine - 0.5;
    const at = Math.floor(place);
    weights.set(cubicWeights(place - at), 4 * x);
    for (let k = 0; k < 4; k++) from[4 * x + k] = Math.min(coarse - 1, Math.max(0, at + k - 1));
  }
  return { from, weights };
}

function tapped(line: Float32Array, { from, weights }: Taps, x: number): number {
  let sum = 0;
  for (let k = 4 * x; k < 4 * x + 4; k++) sum += (weights[k] as number) * (line[from[k] as number] as number);
  return sum;
}

/** Catmull–Rom weights. */
function cubicWeights(t: number): readonly [number, number, number, number] {
  const [t2, t3] = [t * t, t * t * t];
  return [-0.5 * t3 + t2 - 0.5 * t, 1.5 * t3 - 2.5 * t2 + 1, -1.5 * t3 + 2 * t2 + 0.5 * t, 0.5 * t3 - 0.5 * t2];
}
