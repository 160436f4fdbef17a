import type { Visit } from "../../basis/flowShop/index.ts";
import type { PlannedStep } from "../recipe/index.ts";

/** A sheet on its way through the baths. Chemistry does not wait: only a move to the next bath ends a step. */
export interface Run {
  readonly plan: readonly PlannedStep[];
  /** When it went into the first bath, ms of one clock. */
  readonly startedMs: number;
  /** When it was moved out of each bath so far, ms, rising. */
  readonly movesMs: readonly number[];
  /** When it was put back into the bath before, ms, rising: how long it really lay in that is sure only from then on. */
  readonly backsMs?: readonly number[];
  /** Whether the clock moves it on at its planned times, so that no hand has to tap. */
  readonly byClock: boolean;
}

/** Where a sheet is. */
export interface RunNow {
  /** Number of the step it is in; `plan.length`: it is through. */
  readonly step: number;
  readonly now: PlannedStep | null;
  readonly next: PlannedStep | null;
  /** Seconds in this bath. */
  readonly elapsed: number;
  /** Seconds to the planned end of this bath; negative: it is over time. */
  readonly left: number;
  /** Share of the whole plan that is done, by its steps, 0 to 1. */
  readonly share: number;
}

/**
 * The moves of a run up to now: those made by hand, and, where the clock moves it, those that are due. What is moved by
 * the clock stays in a bath that the eye ends until somebody taps.
 *
 * @param nowMs now, by the run's clock
 * @returns ms, rising
 * @example movesTill({ plan, startedMs: 0, movesMs: [], byClock: true }, 60_000) // [60000] after a first bath of 60 s
 */
export function movesTill({ plan, startedMs, movesMs, byClock }: Run, nowMs: number): readonly number[] {
  if (!byClock) return movesMs;
  const moves = [...movesMs];
  while (moves.length < plan.length) {
    const step = plan[moves.length] as PlannedStep;
    const due = (moves.at(-1) ?? startedMs) + 1000 * step.planned;
    if (step.byEye || due > nowMs) break;
    moves.push(due);
  }
  return moves;
}

/**
 * Where a sheet is at a moment.
 *
 * @param nowMs by the run's clock
 * @returns step, what is left of it, what comes next
 * @example runAt({ plan, startedMs: 0, movesMs: [], byClock: false }, 15_000).elapsed // 15
 */
export function runAt(run: Run, nowMs: number): RunNow {
  const moves = movesTill(run, nowMs);
  const { plan, startedMs } = run;
  const step = moves.length;
  const now = plan[step] ?? null;
  const elapsed = now === null ? 0 : Math.max(0, (nowMs - (moves.at(-1) ?? startedMs)) / 1000);
  const whole = plan.reduce((sum, { planned }) => sum + planned, 0);
  const done = plan.slice(0, step).reduce((sum, { planned }) => sum + planned, 0);
  return {
    step,
    now,
    next: plan[step + 1] ?? null,
    elapsed,
    left: now === null ? 0 : now.planned - elapsed,
    share: whole === 0 ? 1 : (done + Math.min(elapsed, now?.planned ?? 0)) / whole,
  };
}

/**
 * A run whose sheet is moved on to its next bath; the same where it is through, or where time would go backwards.
 *
 * @param nowMs by the run's clock
 * @returns the run with the real time of the bath it left
 * @example movedOn({ plan, startedMs: 0, movesMs: [], byClock: false }, 70_000).movesMs // [70000]
 */
export function movedOn(run: Run, nowMs: number): Run {
  const moves = movesTill(run, nowMs);
  if (moves.length >= run.plan.length || nowMs < (moves.at(-1) ?? run.startedMs)) return run;
  return { ...run, movesMs: [...moves, nowMs] };
}

/**
 * A run whose last move was none: the sheet never left its bath, and the time in it has gone on. Since it may have been out
 * of it all the same, the moment is kept.
 *
 * @returns the run, from here on moved by hand: a clock would move it again at once
 * @example movedBack({ plan, startedMs: 0, movesMs: [60_000], byClock: false }, 65_000).movesMs // []
 */
export function movedBack(run: Run, nowMs: number): Run {
  const moves = movesTill(run, nowMs);
  if (moves.length === 0) return run;
  return { ...run, movesMs: moves.slice(0, -1), backsMs: [...(run.backsMs ?? []), nowMs], byClock: false };
}

/**
 * Seconds that a sheet is sure to have lain in each bath up to now, the present one last. Where it was put back, the time
 * before may have passed in the next bath, or on the way: it does not count.
 *
 * @param nowMs by the run's clock
 * @returns s ≥ 0, one for each bath that was begun
 * @example sureSeconds({ plan, startedMs: 0, movesMs: [60_000], backsMs: [40_000], byClock: false }, 90_000) // [20, 30]
 */
export function sureSeconds(run: Run, nowMs: number): readonly number[] {
  const { plan, startedMs, backsMs = [] } = run;
  const moves = movesTill(run, nowMs);
  return plan.slice(0, moves.length + 1).map((_, index) => {
    const [from, to] = [moves[index - 1] ?? startedMs, moves[index] ?? nowMs];
    const back = backsMs.findLast((at) => at >= from && at <= to) ?? from;
    return Math.max(0, to - back) / 1000;
  });
}

/**
 * Real seconds in each bath that is over.
 *
 * @returns s, one for each move; their sum is the time from the first bath to the last move
 * @example realSeconds({ plan, startedMs: 0, movesMs: [60_000, 80_000], byClock: false }, 90_000) // [60, 20]
 */
export function realSeconds(run: Run, nowMs: number): readonly number[] {
  const moves = movesTill(run, nowMs);
  return moves.map((at, index) => (at - (moves[index - 1] ?? run.startedMs)) / 1000);
}

/**
 * The visits to baths that a run has still before it, the one that lasts included, as the flow shop books them.
 *
 * @param nowMs by the run's clock
 * @returns s from now, the present one from when it began; a bath that is over time is booked until now
 * @example comingVisits({ plan, startedMs: 0, movesMs: [], byClock: false }, 10_000)[0].to // 50 of a first bath of 60 s
 */
export function comingVisits(run: Run, nowMs: number): readonly Visit[] {
  const { step, now, left, elapsed } = runAt(run, nowMs);
  if (now === null) return [];
  let at = Math.max(0, left);
  const first = { station: now.bath, from: -elapsed, to: at };
  const later = run.plan.slice(step + 1).map(({ bath, planned }) => {
    const from = at;
    at += planned;
    return { station: bath, from, to: at };
  });
  return [first, ...later];
}
