import { toSrgb } from "../../basis/pictureValues/index.ts";
import { type DensityRange, densityCurve } from "../../light/exposure/index.ts";
import type { Rows } from "./grid.ts";
import type { Exposed } from "./render.ts";

/** How the sheet is developed and shown. */
export interface Development {
  readonly density: DensityRange;
  readonly iso: number;
  /** Even exposure before the picture's own, lx·s. */
  readonly flash: number;
  /** Width and height of the whole picture, pixels; larger than the exposure's own it is drawn finer. */
  readonly width: number;
  readonly height: number;
  /** The rows of it to hand back. */
  readonly rows: Rows;
}

/** Two pictures as grey bytes (sRGB), rows from the top: the sheet as it lies after the developer, and its scan inverted. */
export interface Developed {
  readonly width: number;
  readonly rows: Rows;
  readonly negative: Uint8ClampedArray<ArrayBuffer>;
  readonly positive: Uint8ClampedArray<ArrayBuffer>;
  /** Share of the sheet that is black beyond use, and that stayed white. */
  readonly burnt: number;
  readonly blank: number;
}

/** Steps of the tone tables: 2^8 to each doubling of the exposure, from 2^−20 to 2^20 lx·s. */
const MANTISSA_BITS = 8;
const OCTAVES = 40;
const LOWEST = -20;

/**
 * Exposure → density → what the eye sees. The negative lies emulsion up, so it is upside down and mirrored; the positive
 * is its scan inverted and turned the right way round, as most makers do it.
 *
 * @returns densities and the bytes shown
 * @source density curve: PHYSICS section 9; reflectance 10^−D; sRGB: IEC 61966-2-1
 * @example develop(exposed, { density, iso: 6, flash: 0, … }).negative.length // width × rows, bytes
 */
export function develop(exposed: Exposed, { density, iso, flash, width, height, rows }: Development): Developed {
  const tones = tonesOf(density, iso, flash);
  const count = rows.to - rows.from;
  const negative = new Uint8ClampedArray(width * count);
  const positive = new Uint8ClampedArray(width * count);
  const line = new Float32Array(exposed.width);
  const taps = columnTaps(exposed.width, width);
  const finer = taps === null ? line : new Float32Array(width);
  const bits = new Uint32Array(finer.buffer);
  let [burnt, blank] = [0, 0];
  for (let y = 0; y < count; y++) {
    rowAt(exposed, ((rows.from + y + 0.5) * exposed.height) / height - 0.5, line);
    if (taps !== null) for (let x = 0; x < width; x++) finer[x] = tapped(line, taps, x);
    for (let x = 0; x < width; x++) {
      // A negative float's sign bit would make it the largest: no light is the first step.
      const step = (finer[x] as number) > 0 ? ((bits[x] as number) >>> SHIFT) - BASE : 0;
      const tone = Math.max(0, Math.min(STEPS, step));
      negative[y * width + x] = tones.negative[tone] as number;
      positive[(count - 1 - y) * width + x] = tones.positive[tone] as number;
      burnt += tones.burnt[tone] as number;
      blank += tones.blank[tone] as number;
    }
  }
  const all = width * count;
  return { width, rows, negative, positive, burnt: burnt / all, blank: blank / all };
}

/**
 * Rows of the exposure that some rows of the finer picture are drawn from.
 *
 * @returns first and last row, both included
 * @example rowsFor(100, 200, { from: 0, to: 50 }) // { from: 0, to: 27 }
 */
export function rowsFor(drawn: number, height: number, rows: Rows): Rows {
  const at = (row: number): number => ((row + 0.5) * drawn) / height - 0.5;
  return { from: Math.max(0, Math.floor(at(rows.from)) - 1), to: Math.min(drawn, Math.floor(at(rows.to - 1)) + 3) };
}

interface Tones {
  readonly negative: Uint8Array;
  readonly positive: Uint8Array;
  readonly burnt: Uint8Array;
  readonly blank: Uint8Array;
}

/** The first bits of a float's exponent and fraction are its logarithm to a few thousandths: an index that costs no logarithm. */
const SHIFT = 23 - MANTISSA_BITS;
const BASE = (127 + LOWEST) << MANTISSA_BITS;
const STEPS = OCTAVES << MANTISSA_BITS;

/** Tables over the logarithm of exposure: tones of negative and positive, and which of them hold nothing. */
function tonesOf(range: DensityRange, iso: number, flash: number): Tones {
  const curve = densityCurve(range, iso);
  const span = range.most - range.least;
  const tones = {
    negative: new Uint8Array(STEPS + 1),
    positive: new Uint8Array(STEPS + 1),
    burnt: new Uint8Array(STEPS + 1),
    blank: new Uint8Array(STEPS + 1),
  };
  const bits = new Uint32Array(1);
  const value = new Float32Array(bits.buffer);
  for (let i = 0; i <= STEPS; i++) {
    bits[0] = (BASE + i) << SHIFT;
    const density = curve((i === 0 ? 0 : (value[0] as number)) + flash);
    const seen = grey(density - range.least);
    tones.negative[i] = seen;
    tones.positive[i] = 255 - seen;
    tones.burnt[i] = density > range.least + 0.95 * span ? 1 : 0;
    tones.blank[i] = density < range.least + 0.02 * span ? 1 : 0;
  }
  return tones;
}

/** A density above paper white as an sRGB byte. */
function grey(density: number): number {
  return Math.round(255 * toSrgb(10 ** -density));
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
