/** Steps that a hand can keep, up to a time: half seconds below 5 s, seconds to a minute, 5 s to ten minutes, then minutes. */
const STEPS = [
  [5, 0.5],
  [60, 1],
  [600, 5],
  [Number.POSITIVE_INFINITY, 60],
] as const;

/** Shorter times no hand can keep. */
export const SHORTEST_COUNT = 0.25;

/**
 * A time rounded to what can be counted.
 *
 * @param seconds > 0
 * @returns s; times under {@link SHORTEST_COUNT} as they are: no rounding makes them countable
 * @example countable(73.2) // 75
 */
export function countable(seconds: number): number {
  if (!(seconds >= SHORTEST_COUNT)) return seconds;
  const [, step] = STEPS.find(([below]) => seconds < below) ?? [0, 60];
  return Math.max(step, Math.round(seconds / step) * step);
}
