import { curveSlope, type DensityRange, exposureFor, midExposure, turnedDensity } from "../../light/exposure/index.ts";

/** What a negative's density says: its curve, its speed, and the light of a place that had none. */
export interface NegativeMedium extends DensityRange {
  /** Speed, ISO. */
  readonly iso: number;
}

/** Density is kept so far from the curve's ends, as a share of ΔD: beyond them any exposure gives the same. PHYSICS section 11. */
const KEPT = 0.02;
/** From this share of ΔD on a place counts as burnt. PHYSICS section 11. */
const BURNT = 0.95;

/** From the light of a scan to what the sheet says of it. */
export interface NegativeCurve {
  /** Density of a light, unkept: Dmin + log₁₀(Y_w/Y), of a direct positive turned to what grows with its exposure. */
  readonly density: (light: number) => number;
  /** log₁₀ of the exposure, lx·s, of a light. */
  readonly logExposure: (light: number) => number;
  /** log₁₀ of the exposure, lx·s, of such a density. */
  readonly logOfDensity: (density: number) => number;
  readonly isBlank: (light: number) => boolean;
  readonly isBurnt: (light: number) => boolean;
  /** log₁₀ of the exposure of mid-grey, lx·s. */
  readonly middle: number;
  /** Ends of the exposures that are told apart, log₁₀ lx·s. */
  readonly least: number;
  readonly most: number;
}

/**
 * The way from light to exposure for one sheet.
 *
 * @param medium its curve and speed
 * @param white light of the sheet's own paper, linear, > 0: where a negative had no exposure, a direct positive all it can take
 * @returns functions of linear light ≥ 0; finite everywhere
 * @source PHYSICS section 11: D = Dmin + log₁₀(Y_w/Y), kept within 2 % of ΔD; H = H₅₀((D − Dmin)/(Dmax − D))^(1/g)
 * @example negativeCurve({ least: 0.05, most: 2.05, range: 110, iso: 6 }, 0.85).density(0.085) // 1.05
 */
export function negativeCurve(medium: NegativeMedium, white: number): NegativeCurve {
  const { least, most, iso } = medium;
  const span = most - least;
  const slope = curveSlope(medium);
  const logHalf = Math.log10(exposureFor(medium, iso, least + span / 2));
  const [lowest, highest] = [least + KEPT * span, most - KEPT * span];
  const density = (light: number): number =>
    turnedDensity(medium, least + Math.log10(white / Math.max(light, Number.MIN_VALUE)));
  const logOfDensity = (value: number): number => {
    const kept = Math.min(highest, Math.max(lowest, value));
    return logHalf + Math.log10((kept - least) / (most - kept)) / slope;
  };
  return {
    density,
    logOfDensity,
    logExposure: (light) => logOfDensity(density(light)),
    isBlank: (light) => density(light) < lowest,
    isBurnt: (light) => density(light) > least + BURNT * span,
    middle: Math.log10(midExposure(iso)),
    least: logOfDensity(lowest),
    most: logOfDensity(highest),
  };
}
