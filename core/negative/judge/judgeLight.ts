import { type Distribution, mapped, quantile, shareWhere } from "../model/distribution.ts";
import { type NegativeMedium, negativeCurve } from "../model/negativeCurve.ts";

/** What a negative says of its exposure: stops from mid-grey. */
export interface SheetJudgement {
  readonly p05: number;
  readonly p50: number;
  readonly p95: number;
  /** Shares of the sheet that hold nothing. */
  readonly blank: number;
  readonly burnt: number;
  /** Stops it should have been longer. */
  readonly correction: number;
  /** Whether more of it would show only further on: the correction is a bound. */
  readonly atLeast: boolean;
}

/** Most that one negative may say, stops. PHYSICS section 11. */
const MOST_STOPS = 3;
/** Past this share blank or burnt what it says is a bound. PHYSICS section 11. */
export const BOUND_SHARE: number = 0.3;
const LOG2_10 = Math.log2(10);

/**
 * Judges a negative by its densities.
 *
 * @param light of the places that count, linear
 * @param white of the unexposed sheet, linear, > 0
 * @returns stops and shares; a proposal only: the maker's own verdict counts
 * @source PHYSICS section 11, “Judging”: −(p05 + p95)/2 kept to ±3
 * @example judgeLight({ values: Float64Array.of(0.85 * 10 ** -0.6), counts: Float64Array.of(9), total: 9 }, 0.85, { least: 0.05, most: 2.05, range: 110, iso: 6 }).p50 // 0
 */
export function judgeLight(light: Distribution, white: number, medium: NegativeMedium): SheetJudgement {
  const curve = negativeCurve(medium, white);
  const stops = mapped(light, (value) => (curve.logExposure(value) - curve.middle) * LOG2_10);
  const [p05, p50, p95] = [0.05, 0.5, 0.95].map((share) => quantile(stops, share)) as [number, number, number];
  const blank = shareWhere(light, curve.isBlank);
  const burnt = shareWhere(light, curve.isBurnt);
  return {
    p05,
    p50,
    p95,
    blank,
    burnt,
    correction: Math.min(MOST_STOPS, Math.max(-MOST_STOPS, -(p05 + p95) / 2)) + 0,
    atLeast: burnt > BOUND_SHARE || blank > BOUND_SHARE,
  };
}
