/** One eye's picture: bytes with opacity, upright. */
export interface EyePicture {
  readonly width: number;
  readonly height: number;
  /** Grey. */
  readonly grey: Uint8Array;
  /** 0: nothing is known there. */
  readonly opacity: Uint8Array;
}

/** Ways to colour a picture for red and cyan glasses. */
export type AnaglyphWay = "grey" | "half";

/**
 * Two pictures in one for red and cyan glasses: the left eye's in red, the right eye's in green and blue.
 *
 * @param shift pixels by which the right picture is moved to the right of its place
 * @param way `grey`, or `half`: a little of either in the other, which quarrels less
 * @returns red, green, blue, opacity
 * @source PHYSICS section 16; E. Dubois, A projection method to generate anaglyph stereo images, ICASSP (2001), from memory
 * @example anaglyph({ width: 1, height: 1, grey: Uint8Array.of(200), opacity: Uint8Array.of(255) }, { width: 1, height: 1, grey: Uint8Array.of(90), opacity: Uint8Array.of(255) }, 0, "grey").slice(0, 3).join() // "200,90,90"
 */
export function anaglyph(
  left: EyePicture,
  right: EyePicture,
  shift: number,
  way: AnaglyphWay,
): Uint8ClampedArray<ArrayBuffer> {
  const { width, height } = left;
  const out = new Uint8ClampedArray(4 * width * height);
  const whole = Math.round(shift);
  const mixed = way === "half" ? 0.15 : 0;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      const other = x - whole;
      if (other < 0 || other >= right.width) continue;
      const to = y * right.width + other;
      if (left.opacity[at] === 0 || right.opacity[to] === 0) continue;
      const [l, r] = [left.grey[at] as number, right.grey[to] as number];
      out[4 * at] = l * (1 - mixed) + r * mixed;
      out[4 * at + 1] = r * (1 - mixed) + l * mixed;
      out[4 * at + 2] = r * (1 - mixed) + l * mixed;
      out[4 * at + 3] = 255;
    }
  }
  return out;
}

/**
 * By how much a point at a distance lies further to the left in the right eye's picture, both drawn about their own hole.
 *
 * @param base between the holes, mm
 * @param distance of the point from the holes, mm
 * @param scale pixels for one unit of tan (a straight picture)
 * @returns px, ≥ 0
 * @source PHYSICS section 16: aligned by the known geometry, no search
 * @example parallaxPixels(60, 3000, 1000) // 20
 */
export function parallaxPixels(base: number, distance: number, scale: number): number {
  return (base / distance) * scale;
}

/** Distance between like points of a card, mm. Common practice: 60 to 65. */
export const CARD_APART: number = 63;
