import { type Encoded, lightOfNumber } from "../../basis/pictureValues/index.ts";

/** A scan of a negative as its file has it: numbers row by row from the upper left corner, one or three (R, G, B) a pixel. */
export interface NegativeScan {
  readonly width: number;
  readonly height: number;
  readonly channels: 1 | 3;
  /** Raw numbers of the file, 0 to `most`. */
  readonly samples: Uint8Array | Uint16Array;
  /** The number that stands for white: 255 or 65535. */
  readonly most: number;
  /** What the file says of its numbers; `null`: nothing, so sRGB. */
  readonly encoding: Encoded;
}

/** What is looked at: luminance, or one channel by itself. */
export type Plane = "luminance" | 0 | 1 | 2;

/** What the numbers stand for: as the file says, or as the maker knows better. */
export type Encoding = "file" | "srgb" | "linear";

/** Weights of red, green and blue in luminance. IEC 61966-2-1. */
const LUMINANCE: readonly [number, number, number] = [0.2126, 0.7152, 0.0722];

/**
 * Light for every number a scan may hold.
 *
 * @returns `most + 1` shares of white, linear, 0 to 1
 * @source IEC 61966-2-1 for sRGB; a file that says nothing is taken for sRGB (PHYSICS section 11)
 * @example lightTable({ ...scan, most: 255, encoding: "linear" }, "file")[51] // a fifth of white
 */
export function lightTable({ most, encoding }: Pick<NegativeScan, "most" | "encoding">, as: Encoding): Float64Array {
  const encoded = as === "file" ? encoding : as;
  return Float64Array.from({ length: most + 1 }, (_, value) => lightOfNumber(encoded, value / most));
}

/**
 * A reader of light, row by row: Y = 0.2126 R + 0.7152 G + 0.0722 B, or one channel.
 *
 * @returns a function that writes the light of row `y` from pixel `from` to before `to` into `out`, from its start
 * @example readRow(scan, lightTable(scan, "file"), "luminance") // (y, from, to, out) => void …
 */
export function readRow(
  { width, channels, samples }: NegativeScan,
  light: Float64Array,
  plane: Plane,
): (y: number, from: number, to: number, out: Float64Array) => void {
  if (channels === 1 || plane !== "luminance") {
    const first = channels === 1 ? 0 : (plane as number);
    return (y, from, to, out) => {
      let at = (y * width + from) * channels + first;
      for (let i = 0; i < to - from; i++, at += channels) out[i] = light[samples[at] as number] as number;
    };
  }
  const [red, green, blue] = LUMINANCE.map((weight) => light.map((value) => weight * value)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  return (y, from, to, out) => {
    let at = 3 * (y * width + from);
    for (let i = 0; i < to - from; i++, at += 3) {
      out[i] =
        (red[samples[at] as number] as number) +
        (green[samples[at + 1] as number] as number) +
        (blue[samples[at + 2] as number] as number);
    }
  };
}
