/**
 * The value between four places by straight lines.
 *
 * @param a, b the upper two, from left to right
 * @param c, d the lower two
 * @param u share of the way to the right, 0 to 1
 * @param v share of the way down, 0 to 1
 * @example bilinear(0, 1, 2, 3, 0.5, 0.5) // 1.5
 */
export function bilinear(a: number, b: number, c: number, d: number, u: number, v: number): number {
  const upper = a + (b - a) * u;
  return upper + (c + (d - c) * u - upper) * v;
}
