import { toSrgb } from "./srgb.ts";

/**
 * A density above paper white as an sRGB byte.
 *
 * @param density ≥ 0
 * @returns whole number 0 to 255
 * @source reflectance 10^−D; sRGB: IEC 61966-2-1
 * @example densityByte(0) // 255
 */
export function densityByte(density: number): number {
  return Math.round(255 * toSrgb(10 ** -density));
}
