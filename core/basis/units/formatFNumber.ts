/**
 * `f/200`, with a decimal below 100.
 *
 * @returns text
 * @example formatFNumber(207.3) // "f/207"
 */
export function formatFNumber(n: number): string {
  return `f/${n < 99.95 ? n.toFixed(1).replace(/\.0$/, "") : n.toFixed(0)}`;
}
