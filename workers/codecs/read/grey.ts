import type { GreyPicture } from "../../../core/make/holeScan/index.ts";
import type { NegativeScan } from "../../../core/negative/index.ts";

/** A picture file's own numbers, row by row, and what it says of them. */
export interface RawScan {
  readonly width: number;
  readonly height: number;
  /** Numbers a pixel: grey, grey and opacity, red green blue, or these and opacity. */
  readonly channels: number;
  readonly samples: Uint8Array | Uint16Array;
  /** The number that stands for white: 255 or 65535. */
  readonly most: number;
  readonly encoding: GreyPicture["encoding"];
  /** Pixels per inch, or `null` where the file says none. */
  readonly dpi: number | null;
}

/** A picture file as grey numbers, with the resolution the file states. */
export interface Scan {
  readonly picture: GreyPicture;
  /** Pixels per inch, or `null` where the file says none. */
  readonly dpi: number | null;
}

/** A file's numbers in grey: the mean of red, green and blue. */
export function greyScan({ samples, dpi, most, encoding, ...size }: RawScan): Scan {
  return { picture: { ...greyOf(samples, size, most), encoding }, dpi };
}

/** A file's numbers as a negative's scan: in grey where the file has no colour, else red, green and blue; opacity goes. */
export function negativeOf({ width, height, channels, samples, most, encoding }: RawScan): NegativeScan {
  const count = width * height;
  const grey = channels < 3 || isGrey(samples, channels);
  if (grey && channels === 1)
    return { width, height, channels: 1, samples: samples.subarray(0, count), most, encoding };
  if (channels === 3 && !grey)
    return { width, height, channels: 3, samples: samples.subarray(0, 3 * count), most, encoding };
  const kept = grey ? 1 : 3;
  const out = most === 255 ? new Uint8Array(kept * count) : new Uint16Array(kept * count);
  for (let i = 0, from = 0, to = 0; i < count; i++, from += channels, to += kept) {
    for (let k = 0; k < kept; k++) out[to + k] = samples[from + k] as number;
  }
  return { width, height, channels: kept, samples: out, most, encoding };
}

function isGrey(samples: Uint8Array | Uint16Array, channels: number): boolean {
  for (let at = 0; at + 2 < samples.length; at += channels) {
    const first = samples[at];
    if (first !== samples[at + 1] || first !== samples[at + 2]) return false;
  }
  return true;
}

/** A decoded JPEG: red, green, blue, alpha in turn. */
export interface Rgba {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array | Uint8ClampedArray;
}

/** One number a pixel: the mean of red, green and blue. */
function greyOf(
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
