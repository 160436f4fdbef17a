/**
 * Whether two neighbouring places of a line lie at opposite ends of a sheet: round the back of a can it comes in again.
 *
 * @param width of the sheet, mm
 * @param from, to places along it, mm
 * @example wrapsAround(178, -88, 88) // true
 */
export function wrapsAround(width: number, from: number, to: number): boolean {
  return Math.abs(to - from) > width / 2;
}
