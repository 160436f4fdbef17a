/** A material's density: fog, greatest density, and range R = log₁₀ H range × 100 (ISO 6846). */
export interface DensityRange {
  readonly least: number;
  readonly most: number;
  readonly range: number;
  /** Whether it is a direct positive (reversal paper): lightest where most light fell. Left out: a negative material. */
  readonly positive?: boolean;
}

/**
 * The one place where a direct positive is turned: from the density that grows with the light (a negative's) to the density
 * that shows, and back.
 *
 * @param density of either
 * @returns Dmin + Dmax − D of a direct positive; of a negative the density itself
 * @source PHYSICS section 11, “Direct positive”
 * @example turnedDensity({ least: 0.05, most: 2.05, range: 110, positive: true }, 0.65) // 1.45
 */
export function turnedDensity({ least, most, positive = false }: DensityRange, density: number): number {
  return positive ? least + most - density : density;
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

/** H₅₀, the exposure that gives half of the densities there are, lx·s. */
function halfExposure(curve: DensityRange, iso: number): number {
  return midExposure(iso) * ((curve.most - curve.least) / MID_DENSITY - 1) ** (1 / curveSlope(curve));
}

/**
 * The density that a sheet shows after an exposure.
 *
 * @param curve of the material
 * @param iso its speed: mid-grey falls on fog + 0.6, of a direct positive on its greatest density − 0.6
 * @returns density as a function of H in lx·s, H ≥ 0
 * @example densityCurve({ least: 0.05, most: 2.05, range: 110 }, 6)(midExposure(6)) // 0.65
 */
export function densityCurve(curve: DensityRange, iso: number): (exposure: number) => number {
  const span = curve.most - curve.least;
  const slope = curveSlope(curve);
  const half = halfExposure(curve, iso);
  return (exposure) =>
    turnedDensity(curve, exposure <= 0 ? curve.least : curve.least + span / (1 + (half / exposure) ** slope));
}

/**
 * The exposure that gives a density: the inverse of {@link densityCurve}.
 *
 * @param density that it shows, within the curve's ends, which no exposure reaches
 * @returns H in lx·s, > 0
 * @source PHYSICS section 11: H = H₅₀·((D − Dmin)/(Dmax − D))^(1/g)
 * @example exposureFor({ least: 0.05, most: 2.05, range: 110 }, 6, 0.65) / midExposure(6) // 1
 */
export function exposureFor(curve: DensityRange, iso: number, density: number): number {
  const grown = turnedDensity(curve, density);
  return halfExposure(curve, iso) * ((grown - curve.least) / (curve.most - grown)) ** (1 / curveSlope(curve));
}

/** The first grey that shows stands this much above fog (ISO 6846 begins its range there). */
const FIRST_GREY = 0.04;
/** Of the dose that shows no grey yet this share is given. PHYSICS section 13. */
export const FLASH_SHARE: number = 0.8;

/**
 * The pre-flash of a sheet: eight tenths of the greatest exposure under its first grey (of a direct positive: before its black
 * first pales), so that the least of an image shows.
 *
 * @returns H in lx·s, > 0
 * @source PHYSICS section 13: the greatest dose that shows no grey yet, times 0.8
 * @example flashDose({ least: 0.05, most: 2.05, range: 110 }, 6) / midExposure(6) // 0.225…
 */
export function flashDose(curve: DensityRange, iso: number): number {
  return FLASH_SHARE * exposureFor(curve, iso, turnedDensity(curve, curve.least + FIRST_GREY));
}
