import { magnification } from "./effectiveDistance.ts";
import { fresnelScale, type Setting } from "./fresnelScale.ts";
import { scaledContrast } from "./scaledContrast.ts";

/**
 * Signed contrast (MTF) on the axis of a round hole, one wavelength, exact in paraxial Fresnel diffraction:
 *
 *   MTF(ν) = (4/(π a²)) ∫₀^{a−Δ/2} cos(2πνx(1 + z/u)) √(a² − (x + Δ/2)²) dx,  Δ = λzν,  0 where Δ ≥ d.
 *
 * @param frequency ν in cycles/mm on the film, ≥ 0
 * @param diameter d in mm, > 0
 * @param setting distance, wavelength and subject distance
 * @returns contrast in [−1, 1], accurate to 1e-6 for ν ≤ 40, d ≤ 3, z ≤ 1000; negative is spurious resolution
 * @source PHYSICS section 1; K. D. Mielenz, J. Res. NIST 104 (1999) 479
 * @example contrast(0, 0.3, { distance: 60, wavelengthNm: 550, subjectDistance: null }) // 1
 */
export function contrast(frequency: number, diameter: number, setting: Setting): number {
  const scale = fresnelScale(setting);
  return scaledContrast(frequency * magnification(setting.distance, setting.subjectDistance) * scale, diameter / scale);
}
