import { gaussLegendre, once } from "../../basis/numeric/index.ts";

const rule = once(() => gaussLegendre(16));
/** Phase that one 16-node panel holds to 1e-9. */
const PHASE_PER_PANEL = 8;

/** The pupil as one place of the sheet sees it: an ellipse, and how far away. Lengths in mm. */
export interface ObliquePupil {
  /** Half axes: along the direction the hole is foreshortened in, and across it. */
  readonly along: number;
  readonly across: number;
  /** r, hole to the place on the sheet. */
  readonly length: number;
  /** u, hole to subject; `null` for far away. */
  readonly subjectDistance: number | null;
}

/**
 * Signed contrast of an elliptical hole for a frequency vector in the plane across the ray: the exact paraxial Fresnel
 * integral. In units of the half axes the pupil is a disc; its two copies shifted by s overlap in a lens, over which
 * cos(k·X) is summed. Across the lens that sum is closed, along it one integral is left:
 *
 *   M = (4/π) ∫₀^{arccos(σ/2)} cos(k∥(cos φ − σ/2)) · sinc(k⊥ sin φ) · sin²φ dφ,   σ = |s|, 0 where σ ≥ 2.
 *
 * For a round hole seen straight on it is the integral of PHYSICS section 1.
 *
 * @param pupil half axes and distances
 * @param wavelength mm
 * @param along, across frequency in cycles/mm in the pupil's axes
 * @returns contrast in [−1, 1]
 * @source PHYSICS sections 1 and 9; paraxial Fresnel diffraction
 * @example obliqueContrast({ along: 0.15, across: 0.15, length: 60, subjectDistance: null }, 0.00055, 0, 0) // 1
 */
export function obliqueContrast(pupil: ObliquePupil, wavelength: number, along: number, across: number): number {
  const { length, subjectDistance } = pupil;
  const [s1, s2] = [(wavelength * length * along) / pupil.along, (wavelength * length * across) / pupil.across];
  const sigma = Math.hypot(s1, s2);
  if (sigma >= 2) return 0;
  if (sigma === 0) return 1;
  const turn = 2 * Math.PI * (1 + (subjectDistance === null ? 0 : length / subjectDistance));
  const [k1, k2] = [turn * along * pupil.along, turn * across * pupil.across];
  const parallel = (k1 * s1 + k2 * s2) / sigma;
  const aside = (k2 * s1 - k1 * s2) / sigma;
  const end = Math.acos(sigma / 2);
  const phase = Math.abs(parallel) * (1 - sigma / 2) + Math.abs(aside) * Math.sin(end);
  const panels = Math.max(1, Math.ceil(phase / PHASE_PER_PANEL));
  const { nodes, weights } = rule();
  const half = end / panels / 2;
  let sum = 0;
  for (let panel = 0; panel < panels; panel++) {
    for (let i = 0; i < nodes.length; i++) {
      const angle = half * (2 * panel + 1 + (nodes[i] as number));
      const sin = Math.sin(angle);
      const cross = aside * sin;
      const closed = Math.abs(cross) < 1e-6 ? 1 : Math.sin(cross) / cross;
      sum += (weights[i] as number) * Math.cos(parallel * (Math.cos(angle) - sigma / 2)) * closed * sin * sin;
    }
  }
  return (4 / Math.PI) * sum * half;
}
