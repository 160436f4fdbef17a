import { MOST_OF_PICTURE } from "../../../core/negative/index.ts";

/**
 * What a picture file may ask of us: larger ones are refused before memory or time is spent on them, in the browser's
 * worker and on the server alike.
 */
export const MOST_PIXELS = MOST_OF_PICTURE;
/** A scan of the largest flatbed at 4800 dpi is shorter. */
const LONGEST_SIDE = 100_000;
/** All numbers of a picture, unpacked, bytes: 1 GiB. */
export const MOST_UNPACKED = 2 ** 30;

/** Why a picture of this size is not read, or `null`. */
export function tooLarge(width: number, height: number): string | null {
  if (!(width >= 1 && height >= 1)) return "holds no picture";
  if (width * height <= MOST_PIXELS && Math.max(width, height) <= LONGEST_SIDE) return null;
  const most = `at most ${MOST_PIXELS / 1e6} million, and ${LONGEST_SIDE} on a side, can be read`;
  return `is ${width} × ${height} pixels; ${most}. Cut out the part that matters`;
}

/** Less than this each way holds no sheet and no hole, px. */
const LEAST_SIDE = 16;

/** Why a picture of this size is not measured or judged, or `null`. */
export function tooSmall({ width, height }: { readonly width: number; readonly height: number }): string | null {
  if (Math.min(width, height) >= LEAST_SIDE) return null;
  return `is ${width} × ${height} pixels: at least ${LEAST_SIDE} each way are needed`;
}

/** What is said of line art. */
export const NO_GREYS = "holds black and white alone, no greys between; scan it in grey";

/** What is said where the numbers alone would fill the memory. */
export const UNPACKS_TOO_FAR = "would unpack to more than 1 GB; cut out the part that matters, or save it in grey";
