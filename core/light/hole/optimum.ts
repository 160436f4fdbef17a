import { findRoot, lastWhere } from "../../basis/numeric/index.ts";
import { coarseResolutions, tableConstant } from "./contrastTable.ts";
import { scaledContrastSlope } from "./scaledContrast.ts";
import { scaledResolution } from "./scaledResolution.ts";

/** The best hole for one contrast, in scaled form, with the holes that are nearly as good. */
export interface Optimum {
  /** Hole constant c of the best diameter d = c·√(λz′). */
  readonly constant: number;
  /** Scaled resolution n there; ν = n / ((1 + z/u)·√(λz′)). */
  readonly resolution: number;
  /** Constants between which at least `share` of that resolution is kept. */
  readonly band: readonly [low: number, high: number];
  /** Constant up to which a larger hole keeps at least three quarters of that resolution; may be a jump. */
  readonly soft: number;
}

/** A hole that keeps less than this is plainly soft; our own limit. */
const SOFT_SHARE = 0.75;

const PRECISION = 1e-11;
/** Neighbouring rows (0.01 apart in c) never differ by this much unless resolution jumps between them. */
const JUMP = 0.97;

/**
 * The hole constant that resolves most at one contrast, and the connected band of constants around it that keeps a
 * share of that resolution. The upper end of the band, and below κ ≈ 0.056 the optimum itself, may be a jump.
 *
 * @param contrast κ in [0.02, 0.95]: the contrast at which two lines still count as told apart
 * @param share of the best resolution that counts as good, in (0, 1), usually 0.95
 * @returns constants and scaled resolution, accurate to about 1e-9
 * @source maximum of the resolution defined by {@link scaledContrast}; Petzval's, the Airy, Rayleigh's and the one-zone
 *   constants are its values at κ ≈ 0.32, 0.18, 0.078 and 0.064
 * @example optimum(0.2, 0.95).constant // 1.523…
 */
export function optimum(contrast: number, share: number): Optimum {
  const coarse = coarseResolutions(contrast);
  let top = 0;
  for (let row = 1; row < coarse.length; row++) {
    if ((coarse[row] as number) > (coarse[top] as number)) top = row;
  }
  const constant = refine(contrast, coarse, top);
  const resolution = scaledResolution(contrast, constant);
  const level = share * resolution;
  const band = [
    bandEnd(contrast, level, coarse, top, -1, constant),
    bandEnd(contrast, level, coarse, top, 1, constant),
  ] as const;
  const soft = bandEnd(contrast, SOFT_SHARE * resolution, coarse, top, 1, constant);
  return { constant, resolution, band, soft };
}

function refine(contrast: number, coarse: Float64Array, top: number): number {
  // The resolution is stationary where the contrast at that frequency is.
  const slope = (c: number): number => scaledContrastSlope(scaledResolution(contrast, c), c);
  const high = lastBeforeJump(contrast, coarse, top);
  if (slope(high) > 0 && high < tableConstant(top + 1)) return high;
  let [below, above] = [top - 1, top + 1];
  while (below > 0 && slope(tableConstant(below)) <= 0) below--;
  while (above < coarse.length - 1 && slope(tableConstant(above)) > 0) above++;
  return findRoot(slope, tableConstant(below), Math.max(high, tableConstant(above)), PRECISION);
}

/** The next row's constant, or the last one before resolution jumps down on the way to the row after it. */
function lastBeforeJump(contrast: number, coarse: Float64Array, top: number): number {
  const start = tableConstant(top);
  const isJump = [top + 1, top + 2].some((row) => (coarse[row] as number) < JUMP * (coarse[row - 1] as number));
  if (!isJump) return tableConstant(top + 1);
  const floor = JUMP * scaledResolution(contrast, start);
  const keeps = (c: number): boolean => scaledResolution(contrast, c) >= floor;
  const end = tableConstant(top + 2);
  return keeps(end) ? end : lastWhere(keeps, start, end, PRECISION);
}

function bandEnd(
  contrast: number,
  level: number,
  coarse: Float64Array,
  top: number,
  direction: -1 | 1,
  constant: number,
): number {
  const excess = (c: number): number => scaledResolution(contrast, c) - level;
  let row = top;
  while (row > 0 && row < coarse.length - 1 && (coarse[row] as number) >= level) row += direction;
  // The table is good to 1e-3 only: make sure on the exact curve that the end lies between the two rows.
  while (row > 0 && row < coarse.length - 1 && excess(tableConstant(row)) >= 0) row += direction;
  let inner = row - direction;
  while (inner !== top && excess(tableConstant(inner)) < 0) inner -= direction;
  const inside = inner === top ? constant : tableConstant(inner);
  return findRoot(excess, inside, tableConstant(row), PRECISION);
}
