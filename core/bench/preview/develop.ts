import { densityByte } from "../../basis/pictureValues/index.ts";
import { type DensityRange, densityCurve, turnedDensity } from "../../light/exposure/index.ts";
import { finerRows } from "./finer.ts";
import type { Rows } from "./grid.ts";
import type { Exposed } from "./render.ts";

/** How the sheet is developed and shown. */
export interface DevelopingSettings {
  readonly density: DensityRange;
  readonly iso: number;
  /** Even exposure beside the picture's own, lx·s: a flash, and what walls scatter. */
  readonly even: number;
  /** Width and height of the whole picture, pixels; larger than the exposure's own it is drawn finer. */
  readonly width: number;
  readonly height: number;
  /** The rows of it to hand back. */
  readonly rows: Rows;
}

/**
 * Two pictures as grey bytes (sRGB), rows from the top: the sheet as it lies after the developer, and the right-reading
 * positive: its scan turned over top to bottom, of a negative also inverted.
 */
export interface DevelopedPreview {
  /** What makes its tones: silver, developed, in greys; or light alone, in a paper's own colours. */
  readonly tone: "silver" | "printed";
  readonly width: number;
  readonly rows: Rows;
  readonly negative: Uint8ClampedArray<ArrayBuffer>;
  readonly positive: Uint8ClampedArray<ArrayBuffer>;
  /** Share of the sheet that had too much light to hold anything (a negative: black), and too little (white). */
  readonly burnt: number;
  readonly blank: number;
  /** Share of it that the sun's tracks darken. */
  readonly tracked: number;
}

/** Between these shares of all its density a sheet holds something; what is beyond is blank or burnt out. */
export const HOLDS = { least: 0.02, most: 0.95 } as const;

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
 * @example develop(exposed, { density, iso: 6, even: 0, … }).negative.length // width × rows, bytes
 */
export function develop(
  exposed: Exposed,
  { density, iso, even, width, height, rows }: DevelopingSettings,
): DevelopedPreview {
  const tones = tonesOf(density, iso, even);
  const count = rows.to - rows.from;
  const negative = new Uint8ClampedArray(width * count);
  const positive = new Uint8ClampedArray(width * count);
  const { line: finer, read } = finerRows(exposed, width, height);
  const bits = new Uint32Array(finer.buffer);
  let [burnt, blank] = [0, 0];
  for (let y = 0; y < count; y++) {
    read(rows.from + y);
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
  return { tone: "silver", width, rows, negative, positive, burnt: burnt / all, blank: blank / all, tracked: 0 };
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
function tonesOf(range: DensityRange, iso: number, even: number): Tones {
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
    const density = curve((i === 0 ? 0 : (value[0] as number)) + even);
    const seen = densityByte(density - range.least);
    tones.negative[i] = seen;
    tones.positive[i] = range.positive ? seen : 255 - seen;
    const grown = turnedDensity(range, density);
    tones.burnt[i] = grown > range.least + HOLDS.most * span ? 1 : 0;
    tones.blank[i] = grown < range.least + HOLDS.least * span ? 1 : 0;
  }
  return tones;
}
