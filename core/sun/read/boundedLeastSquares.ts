/** What a part adds to neighbouring samples, from one on. */
export interface Weights {
  readonly from: number;
  readonly weights: Float64Array;
}

/** Rounds of the projected Gauss and Seidel iteration. */
const SWEEPS = 120;
/** Of the largest part: less than this is no change. */
const SETTLED = 1e-3;

/**
 * Parts x, 0 ≤ x ≤ most, of which the sum, each times its weights, comes nearest to some values (projected Gauss and
 * Seidel).
 *
 * @param rows what each part adds
 * @param values to come near to
 * @param most upper ends of the parts
 * @source C. W. Cryer, SIAM J. Control 9 (1971) 385, from memory
 * @example boundedLeastSquares([{ from: 0, weights: Float64Array.of(2) }], Float64Array.of(3), [1])[0] // 1
 */
export function boundedLeastSquares(
  rows: readonly Weights[],
  values: Float64Array,
  most: readonly number[],
): Float64Array {
  const left = values.slice();
  const squares = rows.map(({ weights }) => weights.reduce((sum, weight) => sum + weight * weight, 0));
  const parts = new Float64Array(rows.length);
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    let [moved, largest] = [0, 0];
    for (const [i, { from, weights }] of rows.entries()) {
      const square = squares[i] as number;
      if (square === 0) continue;
      let slope = 0;
      for (let k = 0; k < weights.length; k++) slope += (weights[k] as number) * (left[from + k] as number);
      const before = parts[i] as number;
      const next = Math.min(most[i] as number, Math.max(0, before + slope / square));
      largest = Math.max(largest, next);
      if (next === before) continue;
      parts[i] = next;
      moved = Math.max(moved, Math.abs(next - before));
      for (let k = 0; k < weights.length; k++)
        left[from + k] = (left[from + k] as number) - (next - before) * (weights[k] as number);
    }
    if (moved <= SETTLED * largest) break;
  }
  return parts;
}
