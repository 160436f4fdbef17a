import { type LeastSquaresFit, leastSquares } from "../../basis/numeric/index.ts";
import { failure, type Result, success } from "../../basis/units/index.ts";
import { type DensityRange, MID_DENSITY, midExposure, turnedDensity } from "../../light/exposure/index.ts";

/** One step of a strip: its exposure, relative or in lx·s, and the density that it shows, above white. */
export interface StripStep {
  readonly exposure: number;
  readonly density: number;
}

/** A paper's curve as a strip tells it, each value with its standard deviation. */
export interface MeasuredCurve extends DensityRange {
  /** The exposure that gives half of the densities there are, in the unit of the steps. */
  readonly half: number;
  /** Speed, ISO: for exposures in lx·s. */
  readonly iso: number;
  readonly sd: { readonly least: number; readonly most: number; readonly range: number; readonly stops: number };
  /** Root mean square of what is left over, density. */
  readonly residual: number;
}

/** Why a strip tells no curve. */
export type StripTrouble = "too-few" | "no-range" | "no-end";

/** A curve has four unknowns. */
const LEAST_STEPS = 5;

/**
 * A paper's curve from a strip of known exposures: D = Dmin + ΔD/(1 + (H₅₀/H)^g) fitted by least squares in density,
 * each value with its ± from the fit's own residual.
 *
 * @param steps at least five, with blank and black ends among them as far as there are
 * @param positive whether it is a direct positive: lightest where most light fell
 * @returns the curve; or why there is none: `too-few` steps, `no-range` (all alike), `no-end` (neither end is near)
 * @source PHYSICS section 11, “Exposure”; speed by section 9's anchor
 * @example curveFromStrip([]).ok // false
 */
export function curveFromStrip(steps: readonly StripStep[], positive = false): Result<MeasuredCurve, StripTrouble> {
  if (steps.length < LEAST_STEPS) return failure("too-few");
  if (positive) return turnedCurve(steps);
  const densities = steps.map(({ density }) => density);
  const [low, high] = [Math.min(...densities), Math.max(...densities)];
  if (high - low < 0.3) return failure("no-range");
  const logs = steps.map(({ exposure }) => Math.log(exposure));
  const middle = (low + high) / 2;
  const nearest = steps.reduce((best, step) =>
    Math.abs(step.density - middle) < Math.abs(best.density - middle) ? step : best,
  );
  // Unknowns: Dmin, ΔD, ln H₅₀, ln g.
  const start = [low, high - low, Math.log(nearest.exposure), Math.log(2.4)];
  const fit = leastSquares({
    residuals: (at) => logs.map((log, i) => (densities[i] as number) - densityAt(at, log)),
    start,
    steps: start.map((value) => 1e-6 * Math.max(1, Math.abs(value))),
  });
  return described(fit, densities);
}

/** A direct positive's steps stand on their heads: they are turned about their own ends, fitted, and turned back. */
function turnedCurve(steps: readonly StripStep[]): Result<MeasuredCurve, StripTrouble> {
  const shown = steps.map(({ density }) => density);
  const ends = { least: Math.min(...shown), most: Math.max(...shown), range: 1, positive: true };
  const fitted = curveFromStrip(steps.map((step) => ({ ...step, density: turnedDensity(ends, step.density) })));
  if (!fitted.ok) return fitted;
  const { least, most, sd } = fitted.value;
  return success({
    ...fitted.value,
    least: turnedDensity(ends, most),
    most: turnedDensity(ends, least),
    sd: { ...sd, least: sd.most, most: sd.least },
    positive: true,
  });
}

function described(
  { at, sum, sd }: LeastSquaresFit,
  densities: readonly number[],
): Result<MeasuredCurve, StripTrouble> {
  const [least = 0, span = 1, logHalf = 0, logSlope = 0] = at;
  const slope = Math.exp(logSlope);
  const seen = Math.max(...densities) - Math.min(...densities);
  if (!(span > 0.6) || span > 3 * seen || !(slope > 0.1 && slope < 50)) return failure("no-end");
  const ends = Math.log10(9) + Math.log10((span - 0.04) / 0.04);
  const half = Math.exp(logHalf);
  // Mid-grey gives fog + 0.6: the speed is that whose middle exposure does.
  const middle = half / (span / MID_DENSITY - 1) ** (1 / slope);
  const left = Math.sqrt(sum / Math.max(1, densities.length - 4));
  const [sdLeast = 0, sdSpan = 0, sdHalf = 0, sdSlope = 0] = sd.map((each) => each * left);
  return success({
    least,
    most: least + span,
    range: (100 * ends) / slope,
    half,
    iso: midExposure(1) / middle,
    sd: {
      least: sdLeast,
      most: Math.hypot(sdLeast, sdSpan),
      range: (100 * ends * sdSlope) / slope,
      stops: sdHalf / Math.LN2,
    },
    residual: Math.sqrt(sum / densities.length),
  });
}

function densityAt(at: readonly number[], log: number): number {
  const [least = 0, span = 0, logHalf = 0, logSlope = 0] = at;
  return least + span / (1 + Math.exp(Math.exp(logSlope) * (logHalf - log)));
}
