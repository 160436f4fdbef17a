/**
 * The value in the middle; of an even number the upper of the two.
 *
 * @param values finite, in any order; they stay as they are
 * @returns NaN where there is none
 * @example median([3, 1, 2]) // 2
 */
export function median(values: ArrayLike<number>): number {
  const sorted = Float64Array.from(values).sort();
  return sorted[sorted.length >> 1] ?? Number.NaN;
}
