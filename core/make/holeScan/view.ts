import type { GreyPicture } from "./picture.ts";

/** A part of a picture, small enough to be shown: grey of 8 bits for screens. */
export interface PictureView {
  /** Where it lies in the picture, px. */
  readonly left: number;
  readonly top: number;
  /** Pixels of the picture for one of the view. */
  readonly step: number;
  readonly width: number;
  readonly height: number;
  readonly grey: Uint8Array;
}

/** A rectangle of a picture, px. */
interface Part {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/**
 * A part of a picture, no more than `most` pixels on its longer side, spread from its darkest to its brightest.
 *
 * @param part cut off at the picture's edges
 * @returns grey bytes, row by row
 * @example pictureView({ width: 2, height: 1, samples: Uint8Array.of(0, 255), most: 255 }, { left: 0, top: 0, width: 2, height: 1 }, 2).step // 1
 */
export function pictureView(picture: GreyPicture, part: Part, most: number): PictureView {
  const left = Math.max(0, Math.floor(part.left));
  const top = Math.max(0, Math.floor(part.top));
  const across = Math.max(1, Math.min(picture.width - left, Math.ceil(part.width)));
  const down = Math.max(1, Math.min(picture.height - top, Math.ceil(part.height)));
  const step = Math.max(1, Math.ceil(Math.max(across, down) / most));
  const [width, height] = [Math.ceil(across / step), Math.ceil(down / step)];
  const means = new Float64Array(width * height);
  let [least, greatest] = [Number.POSITIVE_INFINITY, 0];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const mean = blockMean(picture, left + x * step, top + y * step, step);
      means[y * width + x] = mean;
      if (mean < least) least = mean;
      if (mean > greatest) greatest = mean;
    }
  }
  const grey = Uint8Array.from(means, (mean) => (255 * (mean - least)) / Math.max(1, greatest - least));
  return { left, top, step, width, height, grey };
}

/** Of a large block about 4 × 4 pixels are looked at: enough for a picture to be shown. */
const LOOKS = 4;

function blockMean({ width, height, samples }: GreyPicture, left: number, top: number, step: number): number {
  let [sum, count] = [0, 0];
  const [right, bottom] = [Math.min(width, left + step), Math.min(height, top + step)];
  const stride = Math.max(1, Math.floor(step / LOOKS));
  for (let y = top; y < bottom; y += stride) {
    for (let x = left; x < right; x += stride) {
      sum += samples[y * width + x] as number;
      count++;
    }
  }
  return sum / count;
}
