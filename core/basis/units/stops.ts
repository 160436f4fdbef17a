const THIRDS = ["", "⅓", "⅔"] as const;

/**
 * A number of stops in thirds, without its sign: `⅔ stop`, `1⅓ stops`, `no stop`.
 *
 * @param stops finite
 * @returns text
 * @example formatStops(-0.7) // "⅔ stop"
 */
export function formatStops(stops: number): string {
  const thirds = Math.round(Math.abs(stops) * 3);
  if (thirds === 0) return "no stop";
  const whole = Math.floor(thirds / 3);
  return `${whole === 0 ? "" : whole}${THIRDS[thirds % 3]} stop${thirds > 3 ? "s" : ""}`;
}

/** Less than this is as the sums say, stops: half of a third, the finest that is spoken of. */
const LEAST_SAID = 1 / 6;

/**
 * Whether a correction is worth a word: a sixth of a stop and more.
 *
 * @example isSaid(-0.1) // false
 */
export function isSaid(stops: number): boolean {
  return Math.abs(stops) >= LEAST_SAID;
}

/**
 * Stops with their sign in words.
 *
 * @example moreOrLess(-0.7) // "⅔ stop less"
 */
export function moreOrLess(stops: number): string {
  return `${formatStops(stops)} ${stops > 0 ? "more" : "less"}`;
}
