/** When a hole was opened and closed, and covered in between; ms of one clock. `null`: not yet. */
export interface OpenSpan {
  readonly openedMs: number;
  readonly closedMs: number | null;
  readonly pauses: readonly { readonly fromMs: number; readonly untilMs: number | null }[];
}

/**
 * How long a hole has been open: from its opening, less what it was covered for. Before its opening (while it is counted
 * in) the time is negative: what there is still to wait.
 *
 * @param nowMs now, by the same clock
 * @returns ms
 * @example openTime({ openedMs: 1000, closedMs: null, pauses: [{ fromMs: 2000, untilMs: 2500 }] }, 4000) // 2500
 */
export function openTime({ openedMs, closedMs, pauses }: OpenSpan, nowMs: number): number {
  const end = closedMs ?? nowMs;
  const covered = pauses.reduce((sum, { fromMs, untilMs }) => {
    const until = Math.min(untilMs ?? end, end);
    return sum + Math.max(0, until - Math.max(fromMs, openedMs));
  }, 0);
  return end - openedMs - covered;
}

/**
 * Whether the hole is covered for a while.
 *
 * @returns whether the last pause has no end yet
 * @example isPaused({ openedMs: 0, closedMs: null, pauses: [{ fromMs: 5, untilMs: null }] }) // true
 */
export function isPaused({ pauses }: OpenSpan): boolean {
  return pauses.at(-1)?.untilMs === null;
}
