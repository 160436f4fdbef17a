/** Residual at which a solution is good, share of the right side. */
const GOOD = 1e-15;

/**
 * Solves P·x = r for a symmetric positive definite P that is known only by what it does to a vector (conjugate gradients,
 * scaled by P's diagonal), so that a large sparse P need not be written down.
 *
 * @param times writes P·v into `out`, for a vector v of the length of `right`
 * @param diagonal of P, all > 0
 * @param right r
 * @returns x; zeros for r = 0. Exact to rounding: residual below 1e-15 of r, or as small as rounding allows
 * @source M. R. Hestenes, E. Stiefel, Methods of conjugate gradients, J. Res. NBS 49 (1952) 409, preconditioned by Jacobi's diagonal
 * @example conjugateGradient(([a, b], out) => void out.set([2 * a, 4 * b]), Float64Array.of(2, 4), Float64Array.of(2, 2))[1] // 0.5
 */
export function conjugateGradient(
  times: (vector: Float64Array, out: Float64Array) => void,
  diagonal: Float64Array,
  right: Float64Array,
): Float64Array {
  const count = right.length;
  const solution = new Float64Array(count);
  const residual = right.slice();
  const towards = residual.map((value, i) => value / (diagonal[i] as number));
  const step = towards.slice();
  const moved = new Float64Array(count);
  let slope = dot(residual, towards);
  const enough = GOOD * GOOD * slope;
  for (let round = 0; round < 4 * count + 20 && slope > enough; round++) {
    times(step, moved);
    const share = slope / dot(step, moved);
    for (let i = 0; i < count; i++) {
      solution[i] = (solution[i] as number) + share * (step[i] as number);
      residual[i] = (residual[i] as number) - share * (moved[i] as number);
      towards[i] = (residual[i] as number) / (diagonal[i] as number);
    }
    const next = dot(residual, towards);
    for (let i = 0; i < count; i++) step[i] = (towards[i] as number) + (next / slope) * (step[i] as number);
    slope = next;
  }
  return solution;
}

function dot(one: Float64Array, other: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < one.length; i++) sum += (one[i] as number) * (other[i] as number);
  return sum;
}
