import { findRoot } from "../../basis/numeric/index.ts";
import { scaledContrast } from "./scaledContrast.ts";

/**
 * The lowest scaled frequency n at which the signed contrast M(n, c) crosses `contrast` from above.
 *
 * The scan's steps follow both scales of the curve (the diffraction cut-off n = c and the phase π n c), and every dip
 * between two steps is refined, so that a dip which only just reaches `contrast` is seen: it is where resolution jumps.
 *
 * @param contrast κ in (0, 1)
 * @param c hole constant, > 0
 * @returns n in (0, c), accurate to about 1e-12
 * @example scaledResolution(0.2, 1.5235) // 0.898…
 */
export function scaledResolution(contrast: number, c: number): number {
  const excess = (n: number): number => scaledContrast(n, c) - contrast;
  const step = c * Math.min(1 / 64, 0.2 / (Math.PI * c * c));
  let [before, here] = [1 - contrast, excess(step)];
  if (here <= 0) return findRoot(excess, 0, step, 1e-15 * c);
  for (let n = step; n < c; n += step) {
    const after = excess(Math.min(c, n + step));
    if (here < before && here <= after) {
      const dip = lowest(excess, n - step, n + step);
      if (excess(dip) <= 0) return findRoot(excess, n - step, dip, 1e-14);
    }
    if (after <= 0) return findRoot(excess, n, Math.min(c, n + step), 1e-14);
    [before, here] = [here, after];
  }
  return c;
}

/** Golden-section search: the argument of the least value between two ends of a dip. */
function lowest(f: (x: number) => number, low: number, high: number): number {
  const golden = (Math.sqrt(5) - 1) / 2;
  let [a, b] = [low, high];
  let x = b - golden * (b - a);
  let y = a + golden * (b - a);
  let [fx, fy] = [f(x), f(y)];
  while (b - a > 1e-9) {
    if (fx < fy) {
      [b, y, fy] = [y, x, fx];
      x = b - golden * (b - a);
      fx = f(x);
    } else {
      [a, x, fx] = [x, y, fy];
      y = a + golden * (b - a);
      fy = f(y);
    }
  }
  return (a + b) / 2;
}
