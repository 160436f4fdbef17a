/** Residual at which a solution is good, share of the right side. */
const GOOD = 1e-15;

/**
 * Solves P·x = r for a symmetric positive definite P that is known only by what it does to a vector (conjugate gradients,
 * scaled by P's diagonal), so that a large sparse P need not be written down.
 *
 * @param times P·v for a vector v of the length of `right`
 * @param diagonal of P, all > 0
 * @param right r
 * @returns x; zeros for r = 0. Exact to rounding: residual below 1e-15 of r, or as small as rounding allows
 * @source M. R. Hestenes, E. Stiefel, Methods of conjugate gradients, J. Res. NBS 49 (1952) 409, preconditioned by Jacobi's diagonal
 * @example conjugateGradient(([a, b]) => [2 * a, 4 * b], [2, 4], [2, 2]) // [1, 0.5]
 */
export function conjugateGradient(
  times: (vector: readonly number[]) => readonly number[],
  diagonal: readonly number[],
  right: readonly number[],
): readonly number[] {
  const scaled = (vector: readonly number[]): number[] => vector.map((value, i) => value / (diagonal[i] as number));
  let solution = right.map(() => 0);
  let residual = [...right];
  let towards = scaled(residual);
  let step = [...towards];
  let slope = dot(residual, towards);
  const enough = GOOD * GOOD * slope;
  for (let round = 0; round < 4 * right.length + 20 && slope > enough; round++) {
    const moved = times(step);
    const share = slope / dot(step, moved);
    solution = solution.map((value, i) => value + share * (step[i] as number));
    residual = residual.map((value, i) => value - share * (moved[i] as number));
    towards = scaled(residual);
    const next = dot(residual, towards);
    step = towards.map((value, i) => value + (next / slope) * (step[i] as number));
    slope = next;
  }
  return solution;
}

function dot(one: readonly number[], other: readonly number[]): number {
  return one.reduce((sum, value, i) => sum + value * (other[i] as number), 0);
}
