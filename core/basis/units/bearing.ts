/**
 * A bearing, brought between 0 and 360.
 *
 * @param degrees clockwise from north, any turns of them
 * @returns 0 ≤ … < 360; NaN for what is not finite
 * @example bearing(-10) // 350
 */
export function bearing(degrees: number): number {
  const part = ((degrees % 360) + 360) % 360;
  // −0, and what is so little below 0 that it rounds up to a whole turn.
  return part >= 360 ? 0 : part + 0;
}

/**
 * By how much one bearing must be turned to become another, the shorter way.
 *
 * @returns degrees clockwise, −180 ≤ … < 180; NaN for what is not finite
 * @example turnBetween(350, 10) // 20
 */
export function turnBetween(from: number, to: number): number {
  return bearing(to - from + 180) - 180;
}
