/** Diagonal of the frame that focal lengths are compared by, 36 × 24 mm. */
const FULL_FRAME = 43.267;

/** The usual main camera of a phone, mm in 35 mm terms; common practice. */
export const USUAL_FOCAL_35 = 26;
/** How sure that is, as a share of it: phones differ, and their films are cut from the middle of the picture. Common practice. */
export const USUAL_FOCAL_ERROR = 0.1;

/**
 * A phone's focal length from the figure its photographs bear.
 *
 * @param in35mm FocalLengthIn35mmFilm of Exif, mm, above 0
 * @param width, height of the picture, pixels
 * @returns pixels; a first guess, ± 5 % (common practice; from memory)
 * @source PHYSICS section 17; Exif 2.32 (CIPA DC-008-2019), tag 0xA405
 * @example focalLengthFromExif(43.267, 300, 400) // 500
 */
export function focalLengthFromExif(in35mm: number, width: number, height: number): number {
  return (in35mm * Math.hypot(width, height)) / FULL_FRAME;
}
