/**
 * A number of an sRGB picture, as a share of white, to light.
 *
 * @returns 0 to 1
 * @source IEC 61966-2-1:1999, equation for R'G'B' to RGB
 * @example fromSrgb(1) // 1
 */
export function fromSrgb(share: number): number {
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
}

/**
 * Light, as a share of white, to a number of an sRGB picture: the inverse of {@link fromSrgb}.
 *
 * @returns 0 to 1
 * @source IEC 61966-2-1:1999
 * @example toSrgb(1) // 1
 */
export function toSrgb(light: number): number {
  return light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055;
}
