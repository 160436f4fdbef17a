import { fromSrgb } from "./srgb.ts";

/**
 * Luminance of an sRGB picture: Y = 0.2126 R + 0.7152 G + 0.0722 B of linear light.
 *
 * @param bytes red, green, blue, opacity, 0 to 255, one after the other
 * @returns linear light, 0 to 1, a number a pixel
 * @source IEC 61966-2-1:1999
 * @example luminanceOf(Uint8ClampedArray.of(255, 255, 255, 255))[0] // 1
 */
export function luminanceOf(bytes: Uint8ClampedArray): Float32Array<ArrayBuffer> {
  const linear = Float32Array.from({ length: 256 }, (_, value) => fromSrgb(value / 255));
  const luminance = new Float32Array(bytes.length / 4);
  for (let i = 0; i < luminance.length; i++) {
    luminance[i] =
      0.2126 * (linear[bytes[4 * i] as number] as number) +
      0.7152 * (linear[bytes[4 * i + 1] as number] as number) +
      0.0722 * (linear[bytes[4 * i + 2] as number] as number);
  }
  return luminance;
}
