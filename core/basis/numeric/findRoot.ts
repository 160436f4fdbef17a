/**
 * A root of `f` between `low` and `high`, where its sign changes (Brent's method: never worse than halving,
 * so a jump through zero is located as well as a crossing).
 *
 * @param f function of one variable
 * @param low, high bracket; `f(low)` and `f(high)` must differ in sign, else the end nearer zero is returned
 * @param tolerance absolute width at which to stop, > 0
 * @returns x with f(x) = 0 or with the sign change within `tolerance`
 * @source R. P. Brent, Algorithms for Minimization without Derivatives (1973), ch. 4
 * @example findRoot((x) => x * x - 2, 0, 2, 1e-12) // 1.4142135623…
 */
export function findRoot(f: (x: number) => number, low: number, high: number, tolerance: number): number {
  let a = low;
  let b = high;
  let fa = f(a);
  let fb = f(b);
  if (fa * fb > 0) return Math.abs(fa) < Math.abs(fb) ? a : b;
  let c = a;
  let fc = fa;
  let stride = b - a;
  let previousStride = stride;
  for (let i = 0; i < 200; i++) {
    if (Math.abs(fc) < Math.abs(fb)) {
      [a, b, c] = [b, c, b];
      [fa, fb, fc] = [fb, fc, fb];
    }
    const limit = 2 * Number.EPSILON * Math.abs(b) + tolerance / 2;
    const half = (c - b) / 2;
    if (Math.abs(half) <= limit || fb === 0) return b;
    [stride, previousStride] = nextStride({ a, b, c, fa, fb, fc, half, limit, stride, previousStride });
    a = b;
    fa = fb;
    b += Math.abs(stride) > limit ? stride : Math.sign(half) * limit;
    fb = f(b);
    if (fb > 0 === fc > 0) {
      c = a;
      fc = fa;
      stride = b - a;
      previousStride = stride;
    }
  }
  return b;
}

interface BrentState {
  readonly [name: string]: number;
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly fa: number;
  readonly fb: number;
  readonly fc: number;
  readonly half: number;
  readonly limit: number;
  readonly stride: number;
  readonly previousStride: number;
}

/** Interpolates where that is safe, halves otherwise. */
function nextStride(state: BrentState): readonly [number, number] {
  const { a, b, c, fa, fb, fc, half, limit, stride, previousStride } = state;
  if (Math.abs(previousStride) < limit || Math.abs(fa) <= Math.abs(fb)) return [half, half];
  const s = fb / fa;
  let p: number;
  let q: number;
  if (a === c) {
    p = 2 * half * s;
    q = 1 - s;
  } else {
    const r = fb / fc;
    const t = fa / fc;
    p = s * (2 * half * t * (t - r) - (b - a) * (r - 1));
    q = (t - 1) * (r - 1) * (s - 1);
  }
  if (p > 0) q = -q;
  p = Math.abs(p);
  const safe = 2 * p < Math.min(3 * half * q - Math.abs(limit * q), Math.abs(previousStride * q));
  return safe ? [p / q, stride] : [half, half];
}
