/**
 * f-number N = z/d.
 *
 * @param distance z, mm, > 0
 * @param diameter d, mm, > 0
 * @returns N, > 0
 * @example fNumber(100, 0.3) // 333.33…
 */
export function fNumber(distance: number, diameter: number): number {
  return distance / diameter;
}
