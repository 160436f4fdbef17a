/** A negative material's density: fog, greatest density, and range R = log₁₀ H range × 100 (ISO 6846). */
export interface DensityRange {
  readonly least: number;
  readonly most: number;
  readonly range: number;
}

/** Mid-grey gives this density above fog: a convention (PHYSICS section 9), editable. */
export const MID_DENSITY: number = 0.6;
/** Meter constant K of ISO 2720:1974, cd·s/m². */
const METER_K = 12.5;

/**
 * Exposure that a meter gives mid-grey on a sheet of speed S: πK/(4S), lx·s. About 9.8/S.
 *
 * @returns lx·s, > 0
 * @example midExposure(6) // 1.63…
 */
export function midExposure(iso: number): number {
  return (Math.PI * METER_K) / (4 * iso);
}

/**
 * Slope g of the curve D = Dmin + ΔD/(1 + (H₅₀/H)^g) from the ISO range R of a paper: between 0.04 and 90 % of ΔD above
 * Dmin its logarithmic exposure spans R/100.
 *
 * @returns g, > 0
 * @source ISO 6846 (paper range); PHYSICS section 9
 * @example curveSlope({ least: 0, most: 2, range: 110 }) // 2.404…
 */
export function curveSlope({ least, most, range }: DensityRange): number {
  const span = most - least;
  return (Math.log10(9) + Math.log10((span - 0.04) / 0.04)) / (range / 100);
}

/**
 * The density of a sheet after an exposure.
 *
 * @param curve of the material
 * @param iso its speed: mid-grey falls on fog + 0.6
 * @returns density as a function of H in lx·s, H ≥ 0
 * @example densityCurve({ least: 0.05, most: 2.05, range: 110 }, 6)(midExposure(6)) // 0.65
 */
export function densityCurve(curve: DensityRange, iso: number): (exposure: number) => number {
  const span = curve.most - curve.least;
  const slope = curveSlope(curve);
  const half = midExposure(iso) * (span / MID_DENSITY - 1) ** (1 / slope);
  return (exposure) => (exposure <= 0 ? curve.least : curve.least + span / (1 + (half / exposure) ** slope));
}
