import type { ReciprocityRule } from "../light/exposure/index.ts";
import { meteredTime } from "../light/exposure/index.ts";

/** What a shot shares with others: its camera, its paper or film, its light. One left out is shared with no other shot. */
export interface ShotKeys {
  readonly camera?: string | undefined;
  readonly medium?: string | undefined;
  readonly light?: string | undefined;
}

/** The three things that can be off. */
export const BIASED = ["camera", "medium", "light"] as const;
export type Biased = (typeof BIASED)[number];

/** A shot of the log that was judged. */
export interface JudgedShot extends ShotKeys {
  /** What the sum said before the long-time rule, s, > 0. */
  readonly meteredSeconds: number;
  /** Time the hole was really open, s, > 0. */
  readonly usedSeconds: number;
  /** Stops by which it should have been longer (negative: shorter). */
  readonly correction: number;
  /** Whether the correction is a bound: the sheet held too little to say how much more. */
  readonly atLeast?: boolean | undefined;
  /** Standard deviation of the correction itself, stops; left out: no more than any judged shot has. */
  readonly sd?: number | undefined;
  /** The medium's long-time rule; left out: none. */
  readonly longTime?: ReciprocityRule | undefined;
  /** Moved, leaked, covered: it says nothing about the time. */
  readonly spoilt?: boolean | undefined;
}

/**
 * By how many stops a judged shot wanted more than its sum said, the long-time rule taken out:
 * log₂ f⁻¹(t_used·2^correction) − log₂ t_metered.
 *
 * @returns stops; not finite where the times lie beyond what numbers hold
 * @source PHYSICS section 12
 * @example wantedStops({ meteredSeconds: 20, usedSeconds: 20, correction: 0.5 }) // 0.5
 */
export function wantedStops({ meteredSeconds, usedSeconds, correction, longTime }: JudgedShot): number {
  const best = usedSeconds * 2 ** correction;
  return Math.log2(meteredTime(best, longTime ?? { kind: "none" })) - Math.log2(meteredSeconds);
}
