import { densityCurve, midExposure } from "../../light/exposure/index.ts";
import { type NegativeMedium, negativeCurve } from "../model/negativeCurve.ts";
import type { Histogram } from "./histogram.ts";

/** One field of a step wedge. */
export interface WedgeStep {
  /** Middle of its exposures, log₁₀ lx·s. */
  readonly log: number;
  /** What the material shows there. */
  readonly density: number;
  /** From mid-grey, stops. */
  readonly stops: number;
  /** Share of the sheet whose exposure falls in it; what lies beyond an end counts with it. */
  readonly share: number;
}

/** A step wedge of a material, from its first grey to its last; log₁₀ lx·s. */
export interface StepWedge {
  readonly from: number;
  readonly to: number;
  readonly steps: readonly WedgeStep[];
}

/** Fields of the usual wedge. */
const STEPS = 11;

/**
 * The eleven steps that a material tells apart, evenly spaced in exposure, and how much of a sheet falls in each.
 *
 * @param medium of the sheet
 * @param histogram of its exposures, log₁₀ lx·s
 * @source eleven steps: common practice (step tablets have 11 or 21); densities by PHYSICS section 9
 * @example stepWedge({ least: 0.05, most: 2.05, range: 110, iso: 6 }, { least: -1, most: 1, shares: [0.5, 0.5] }).steps.length // 11
 */
export function stepWedge(medium: NegativeMedium, { least, most, shares }: Histogram): StepWedge {
  const { least: from, most: to } = negativeCurve(medium, 1);
  const density = densityCurve(medium, medium.iso);
  const middle = Math.log10(midExposure(medium.iso));
  const wide = (to - from) / STEPS;
  const counted = new Float64Array(STEPS);
  shares.forEach((share, i) => {
    const log = least + ((i + 0.5) * (most - least)) / shares.length;
    const step = Math.min(STEPS - 1, Math.max(0, Math.floor((log - from) / wide)));
    counted[step] = (counted[step] as number) + share;
  });
  const steps = Array.from(counted, (share, i) => {
    const log = from + (i + 0.5) * wide;
    return { log, density: density(10 ** log), stops: (log - middle) * Math.log2(10), share };
  });
  return { from, to, steps };
}
