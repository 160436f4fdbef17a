import { isPaused } from "../light/exposure/index.ts";
import { type Change, withChanges } from "./changes.ts";
import type { Count } from "./records.ts";

/**
 * A count whose hole is shut. It is shut once, by whoever was first.
 *
 * @param nowMs ms since 1970
 * @param countedMs time it was open by a clock that nobody can set; `null`: none ran all the time
 * @example closedAt({ closedMs: 5000, pauses: [] }, 9000, null).closedMs // 5000
 */
export function closedAt(count: Count, nowMs: number, countedMs: number | null): Count {
  if (count.closedMs !== null) return count;
  const pauses = count.pauses.map((each) => ({ ...each, untilMs: each.untilMs ?? nowMs }));
  return { ...count, pauses, closedMs: nowMs, countedMs };
}

/**
 * A count whose hole is covered for a while. Said twice, it is covered once.
 *
 * @param fromMs ms since 1970
 * @example coveredFrom({ closedMs: null, pauses: [] }, 5000).pauses // [{ fromMs: 5000, untilMs: null }]
 */
export function coveredFrom(count: Count, fromMs: number): Count {
  const known = isPaused(count) || count.closedMs !== null || count.pauses.some((each) => each.fromMs === fromMs);
  return known ? count : { ...count, pauses: [...count.pauses, { fromMs, untilMs: null }] };
}

/**
 * A count whose hole is uncovered again.
 *
 * @param fromMs when the cover that was seen began, ms since 1970: another one is left alone
 * @param untilMs ms since 1970
 * @example uncoveredAt({ pauses: [{ fromMs: 5000, untilMs: null }] }, 5000, 8000).pauses // [{ fromMs: 5000, untilMs: 8000 }]
 */
export function uncoveredAt(count: Count, fromMs: number, untilMs: number): Count {
  const isIt = (each: Count["pauses"][number]): boolean => each.fromMs === fromMs && each.untilMs === null;
  if (!count.pauses.some(isIt)) return count;
  return { ...count, pauses: count.pauses.map((each) => (isIt(each) ? { ...each, untilMs } : each)) };
}

/**
 * A count with what was typed of its shot: the lines that were changed, and no others.
 *
 * @param typed changes of its words
 * @example withTyped({ words: { subject: "", note: "windy" } }, [{ path: ["subject"], before: "", after: "Beans" }]).words.note // "windy"
 */
export function withTyped(count: Count, typed: readonly Change[]): Count {
  return { ...count, words: withChanges(count.words, typed, "redo") };
}
