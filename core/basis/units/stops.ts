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
