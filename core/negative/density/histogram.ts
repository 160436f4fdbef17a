import { type Distribution, mapped } from "../model/distribution.ts";
import { negativeCurve } from "../model/negativeCurve.ts";
import type { ProofSettings } from "../model/proofSettings.ts";

/** How often numbers come, in equal steps from one end to another. */
export interface Histogram {
  readonly least: number;
  readonly most: number;
  /** Shares of all, adding to 1. */
  readonly shares: readonly number[];
}

/**
 * Counts a spread in equal steps; what lies beyond an end counts with it.
 *
 * @example histogramOf({ values: Float64Array.of(0, 1), counts: Float64Array.of(1, 3), total: 4 }, 0, 1, 2).shares.join() // "0.25,0.75"
 */
export function histogramOf(
  { values, counts, total }: Distribution,
  least: number,
  most: number,
  steps: number,
): Histogram {
  const shares = new Array<number>(steps).fill(0);
  values.forEach((value, i) => {
    const step = Math.min(steps - 1, Math.max(0, Math.floor(((value - least) / (most - least)) * steps)));
    shares[step] = (shares[step] as number) + (counts[i] as number) / Math.max(1, total);
  });
  return { least, most, shares };
}

/** Steps of a judgement's histogram. */
const STEPS = 64;
const LOG2_10 = Math.log2(10);

/**
 * How the exposures of the places that count are spread, in stops from mid-grey, between what is blank and what is burnt.
 *
 * @param light that counts, as `lightOfCells` has it
 * @param white of the unexposed sheet, linear
 * @example densityHistogram(settings, light, 0.85).shares.length // 64 …
 */
export function densityHistogram({ medium }: ProofSettings, light: Distribution, white: number): Histogram {
  const curve = negativeCurve(medium, Math.max(white, 1e-6));
  const stops = (log: number): number => (log - curve.middle) * LOG2_10;
  const spread = mapped(light, (value) => stops(curve.logExposure(value)));
  return histogramOf(spread, stops(curve.least), stops(curve.most), STEPS);
}
