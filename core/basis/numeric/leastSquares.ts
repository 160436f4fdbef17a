import { cholesky } from "./cholesky.ts";

/** What is to be made small, and from where. */
export interface LeastSquares {
  /** What is left over at a place, each in units of its own standard deviation; always as many, at least as many as unknowns. */
  readonly residuals: (at: readonly number[]) => ArrayLike<number>;
  readonly start: readonly number[];
  /** Steps of the derivatives, one for each unknown. */
  readonly steps: readonly number[];
}

/** Where the sum of squares is least. */
export interface LeastSquaresFit {
  readonly at: readonly number[];
  /** Sum of the squares of what is left over. */
  readonly sum: number;
  /** Standard deviation of each unknown, where what is left over has a deviation of 1. */
  readonly sd: readonly number[];
}

const ROUNDS = 200;
/** Rounds that gain less than this share of the sum are the last. */
const GAIN = 1e-12;
const MOST_DAMPING = 1e12;

/**
 * Least squares of a few unknowns (Levenberg and Marquardt), with derivatives by small steps.
 *
 * @returns the nearest minimum from the start, and how sure each unknown is
 * @source D. W. Marquardt, J. SIAM 11 (1963) 431, from memory
 * @example leastSquares({ residuals: ([x = 0]) => [x - 2, x - 4], start: [0], steps: [1e-6] }).at[0] // 3
 */
export function leastSquares({ residuals, start, steps }: LeastSquares): LeastSquaresFit {
  let at = start;
  let now = residuals(at);
  let damping = 1e-3;
  for (let round = 0; round < ROUNDS && damping < MOST_DAMPING; round++) {
    const slopes = slopesOf(residuals, at, now, steps);
    const step = solver(slopes, damping)(Float64Array.from(slopes, (slope) => productOf(slope, now)));
    const next = at.map((value, i) => value - (step[i] as number));
    const then = residuals(next);
    const gained = sumOf(now) - sumOf(then);
    if (!(gained > 0)) {
      damping *= 10;
      continue;
    }
    [at, now, damping] = [next, then, Math.max(1e-12, damping / 10)];
    if (gained < GAIN * (1 + sumOf(now))) break;
  }
  const inverse = solver(slopesOf(residuals, at, now, steps), 0);
  const sd = at.map((_, k) => Math.sqrt(inverse(Float64Array.from(at, (__, i) => (i === k ? 1 : 0)))[k] as number));
  return { at, sum: sumOf(now), sd };
}

/** Derivatives of every residual, unknown by unknown. */
function slopesOf(
  residuals: LeastSquares["residuals"],
  at: readonly number[],
  now: ArrayLike<number>,
  steps: readonly number[],
): readonly Float64Array[] {
  return at.map((value, k) => {
    const step = steps[k] as number;
    const then = residuals(at.map((each, i) => (i === k ? value + step : each)));
    return Float64Array.from(then, (each, i) => (each - (now[i] as number)) / step);
  });
}

/** Solves the damped normal equations. */
function solver(slopes: readonly Float64Array[], damping: number): (right: Float64Array) => Float64Array {
  const size = slopes.length;
  const matrix = new Float64Array(size * size);
  for (const [row, one] of slopes.entries())
    for (const [column, other] of slopes.entries())
      matrix[row * size + column] = productOf(one, other) * (row === column ? 1 + damping : 1);
  return cholesky(matrix, size);
}

function productOf(a: Float64Array, b: ArrayLike<number>): number {
  return a.reduce((sum, value, i) => sum + value * (b[i] as number), 0);
}

function sumOf(values: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += (values[i] as number) ** 2;
  return sum;
}
