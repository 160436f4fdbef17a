import type { GreyPicture } from "../../core/make/holeScan/index.ts";

/** A picture file as grey numbers, with the resolution the file states. */
export interface Scan {
  readonly picture: GreyPicture;
  /** Pixels per inch, or `null` where the file says none. */
  readonly dpi: number | null;
}

/** A decoded JPEG: red, green, blue, alpha in turn. */
export interface Rgba {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array | Uint8ClampedArray;
}

/** One number a pixel: the mean of red, green and blue. */
export function greyOf(
  data: Uint8Array | Uint16Array,
  { width, height, channels }: { readonly width: number; readonly height: number; readonly channels: number },
  most: number,
): Omit<GreyPicture, "encoding"> {
  if (channels === 1) return { width, height, samples: data.subarray(0, width * height), most };
  const samples = most === 255 ? new Uint8Array(width * height) : new Uint16Array(width * height);
  const colour = channels >= 3;
  for (let i = 0; i < samples.length; i++) {
    const at = i * channels;
    samples[i] = colour
      ? ((data[at] as number) + (data[at + 1] as number) + (data[at + 2] as number)) / 3 + 0.5
      : (data[at] as number);
  }
  return { width, height, samples, most };
}

export const NOT_SQUARE = "has pixels that are not square; scan with the same resolution both ways";

export function nearlySquare(x: number, y: number): boolean {
  return Math.abs(x / y - 1) < 0.005;
}

/** Below this a stated resolution is what programs write when they know none (72, 96), dots per inch. */
const LEAST_DPI = 100;

/** A stated resolution, dots per inch, or `null` where it is no more than a program's habit. */
export function meant(dpi: number): number | null {
  return dpi >= LEAST_DPI ? dpi : null;
}
