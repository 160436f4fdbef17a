import { gaussLegendre, once } from "../../basis/numeric/index.ts";

const NODES_PER_PANEL = 24;
/** One 24-node panel holds 1e-12 up to this phase (measured in scaledContrast.test.ts). */
const PHASE_PER_PANEL = 14;
/** Beyond this many panels the contrast is below 1e-6 anyway (it falls as phase^−3/2). */
const MOST_PANELS = 20_000;

const rule = once(() => gaussLegendre(NODES_PER_PANEL));
const coarseRule = once(() => gaussLegendre(14));

interface Sums {
  readonly value: number;
  readonly slope: number;
}

/**
 * Contrast (signed MTF) of a round hole in scaled form, the two variables on which alone it depends.
 *
 * With d = c·√(λz′) and ν = n / ((1 + z/u)·√(λz′)), the integral of PHYSICS section 1 becomes, with cos φ = 2(x + Δ/2)/d,
 *
 *   M(n, c) = (4/π) ∫₀^{arccos(n/c)} cos(π n (c·cos φ − n)) sin²φ dφ,   0 where n ≥ c.
 *
 * @param n scaled frequency, ≥ 0
 * @param c hole constant, > 0
 * @returns contrast in [−1, 1]; negative is spurious resolution; NaN in, NaN out
 * @source paraxial Fresnel diffraction; K. D. Mielenz, J. Res. NIST 104 (1999) 479
 * @example scaledContrast(0, 1.8974) // 1
 */
export function scaledContrast(n: number, c: number): number {
  return n >= c ? 0 : (4 / Math.PI) * sums(n, c, false).value;
}

/**
 * ∂M/∂c of {@link scaledContrast} at fixed n: positive where a larger hole raises the contrast at that frequency.
 *
 * @param n scaled frequency, 0 ≤ n < c
 * @param c hole constant, > 0
 */
export function scaledContrastSlope(n: number, c: number): number {
  const share = n / c;
  const edge = (n / (c * c)) * Math.sqrt(1 - share * share);
  return (4 / Math.PI) * (edge - Math.PI * n * sums(n, c, true).slope);
}

function sums(n: number, c: number, withSlope: boolean): Sums {
  const end = Math.acos(n / c);
  const phase = Math.PI * n * (c - n);
  const panels = Math.min(MOST_PANELS, Math.max(1, Math.ceil(phase / PHASE_PER_PANEL)));
  const { nodes, weights } = phase < 5 ? coarseRule() : rule();
  const half = end / panels / 2;
  let value = 0;
  let slope = 0;
  for (let panel = 0; panel < panels; panel++) {
    const middle = half * (2 * panel + 1);
    for (let i = 0; i < nodes.length; i++) {
      const angle = middle + half * (nodes[i] as number);
      const cos = Math.cos(angle);
      const weight = (weights[i] as number) * (1 - cos * cos);
      const turn = Math.PI * n * (c * cos - n);
      value += weight * Math.cos(turn);
      if (withSlope) slope += weight * cos * Math.sin(turn);
    }
  }
  return { value: value * half, slope: slope * half };
}
