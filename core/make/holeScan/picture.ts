import type { Encoded } from "../../basis/pictureValues/index.ts";

/** A grey picture as a file or a scanner gives it: numbers row by row, from the upper left corner. */
export interface GreyPicture {
  readonly width: number;
  readonly height: number;
  /** Raw numbers of the file, 0 to `most`. */
  readonly samples: Uint8Array | Uint16Array;
  /** The number that stands for white: 255 or 65535. */
  readonly most: number;
  /** What the file says of its numbers. */
  readonly encoding: Encoded;
}

/** A place in a picture, px; the middle of the first pixel is (0, 0). */
export interface PixelPoint {
  readonly x: number;
  readonly y: number;
}

/** A way from a file's numbers (as a share of white) to light. */
export type Decoding = (share: number) => number;
