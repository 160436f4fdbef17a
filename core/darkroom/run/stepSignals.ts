import type { PlannedStep } from "../recipe/index.ts";

/** A sound of a step, and when, s after it began. */
export interface StepSignal {
  readonly at: number;
  readonly kind: "tick" | "rock" | "still" | "end";
}

/** The last seconds that are heard. */
const HEARD = 5;

/**
 * The sounds of a bath that lie ahead: when to rock it and when to leave it still, its last five seconds, its end.
 *
 * @param step with its planned seconds
 * @param elapsed seconds in it
 * @returns in their order; none that lies behind
 * @example stepSignals({ planned: 10, … }, 8.5).map(({ at }) => at) // [9, 10]
 */
export function stepSignals(step: PlannedStep, elapsed: number): readonly StepSignal[] {
  const { planned, agitation } = step;
  const ticks = Array.from({ length: HEARD }, (_, i): StepSignal => ({ at: planned - HEARD + i, kind: "tick" })).filter(
    ({ at }) => at > 0.5,
  );
  const rocks: StepSignal[] = [];
  if (agitation && agitation.every > 0) {
    if (agitation.first > 0) rocks.push({ at: 0, kind: "rock" }, { at: agitation.first, kind: "still" });
    // Every so many seconds counts from the beginning.
    for (let at = agitation.every; at < planned - HEARD; at += agitation.every) {
      if (at < agitation.first) continue;
      rocks.push({ at, kind: "rock" }, { at: at + agitation.lasts, kind: "still" });
    }
  }
  const before = rocks.filter(({ at }) => at < planned - HEARD);
  return [...before, ...ticks, { at: planned, kind: "end" } as const].filter(({ at }) => at >= elapsed);
}

/**
 * Whether a bath is to be rocked at a moment.
 *
 * @param elapsed seconds in it
 * @returns `null` where it does not matter
 * @example isRocked({ planned: 60, agitation: { first: 10, every: 30, lasts: 5 }, … }, 32) // true
 */
export function isRocked({ agitation }: PlannedStep, elapsed: number): boolean | null {
  if (!agitation) return null;
  const { first, every, lasts } = agitation;
  if (every === 0 || elapsed < first) return true;
  return elapsed >= every && elapsed % every < lasts;
}
