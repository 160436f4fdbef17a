import { FLASH_SHARE } from "../../light/exposure/index.ts";

/** How the times of a strip grow. */
export type StripPlan =
  | { readonly kind: "even"; readonly step: number }
  | { readonly kind: "stops"; readonly first: number; readonly stops: number };

/** One strip of the sheet: the light it gets in all, and what it is counted for. */
export interface StripTime {
  /** Number, 1: the least light. */
  readonly number: number;
  /** All the light it gets, s. */
  readonly total: number;
  /** Seconds more than the strip before it: how long is counted before the next one is uncovered. */
  readonly further: number;
}

/**
 * Times of a test strip, the least first: k·Δt, or t₀·2^(k·step) from k = 0. Uncovering begins with the one that gets most:
 * each is counted for what it gets more than the next.
 *
 * @param count of strips, ≥ 1
 * @returns totals and the further seconds, s
 * @source PHYSICS section 11 (contact print)
 * @example stripTimes({ kind: "stops", first: 2, stops: 1 }, 3).map(({ further }) => further) // [2, 2, 4]
 */
export function stripTimes(plan: StripPlan, count: number): readonly StripTime[] {
  const total = (index: number): number =>
    plan.kind === "even" ? (index + 1) * plan.step : plan.first * 2 ** (index * plan.stops);
  return Array.from({ length: count }, (_, index) => ({
    number: index + 1,
    total: total(index),
    further: total(index) - (index === 0 ? 0 : total(index - 1)),
  }));
}

/** One count while a strip is exposed: which strips lie open, for how long. */
export interface StripCount {
  readonly seconds: number;
  /** Numbers of the strips that lie open. */
  readonly open: readonly number[];
}

/**
 * The counts of a strip in their order: the one that gets most is uncovered first, the one that gets least lies open only
 * in the last.
 *
 * @returns as many as there are strips
 * @example stripCounts(stripTimes({ kind: "even", step: 1 }, 2)).map(({ open }) => open.length) // [1, 2]
 */
export function stripCounts(times: readonly StripTime[]): readonly StripCount[] {
  return [...times].reverse().map(({ number, further }) => ({
    seconds: further,
    open: times.filter((each) => each.number >= number).map((each) => each.number),
  }));
}

/**
 * The pre-flash that a strip of flashes tells: the greatest dose that shows no grey yet, times 0.8.
 *
 * @param times the least first
 * @param firstGrey number of the first strip that shows grey; `null`: none does
 * @returns s; `null` where already the first is grey: flash shorter or weaker
 * @source PHYSICS section 13
 * @example flashFromStrip(stripTimes({ kind: "even", step: 1 }, 6), 5) // 3.2
 */
export function flashFromStrip(times: readonly StripTime[], firstGrey: number | null): number | null {
  const clean = times.filter(({ number }) => firstGrey === null || number < firstGrey);
  const last = clean.at(-1);
  return last === undefined ? null : FLASH_SHARE * last.total;
}
