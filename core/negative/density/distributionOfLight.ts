import { type Distribution, mapped } from "../model/distribution.ts";
import { type NegativeMedium, negativeCurve } from "../model/negativeCurve.ts";

/**
 * How often each exposure comes, from how often each light comes: one curve leads from one to the other.
 *
 * @param white light of the unexposed sheet, linear, > 0
 * @returns log₁₀ H, lx·s, rising, as a map of them holds it (in single precision)
 * @example distributionOfLight({ values: Float64Array.of(0.1, 0.5), counts: Float64Array.of(1, 2), total: 3 }, { least: 0, most: 2, range: 110, iso: 6 }, 0.85).counts.join() // "2,1"
 */
export function distributionOfLight(light: Distribution, medium: NegativeMedium, white: number): Distribution {
  const { logExposure } = negativeCurve(medium, white);
  return mapped(light, (value) => Math.fround(logExposure(value)));
}
