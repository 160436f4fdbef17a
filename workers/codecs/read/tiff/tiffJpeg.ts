import { decode as decodeJpeg } from "jpeg-js";
import { joined } from "../../../../core/basis/numeric/index.ts";
import { jpegParts, MOST_SCANS } from "../jpegParts.ts";

/** How a piece of a picture is packed. */
export interface JpegPiece {
  readonly width: number;
  /** Rows, at most: a last strip may have fewer. */
  readonly height: number;
  readonly channels: number;
  /** Whether its three numbers are luma and two colour differences. */
  readonly ycc: boolean;
}

/**
 * Unpacks a strip or tile that is packed with JPEG: its tables may stand once for all pieces.
 *
 * @param tables of the file, or none
 * @returns numbers row by row, `channels` a pixel
 * @throws where it is damaged, or not of the size the file says
 * @source TIFF Technical Note 2 (1995), “TIFF Compression=7”, from memory
 */
export function tiffJpeg(packed: Uint8Array<ArrayBuffer>, tables: Uint8Array | null, piece: JpegPiece): Uint8Array {
  // Tables end with a mark of the end, the piece begins with one of the beginning: both go.
  const whole = tables === null ? packed : joined([tables.subarray(0, -2), packed.subarray(2)]);
  const parts = jpegParts(whole);
  if (parts.width !== piece.width || parts.height > piece.height || parts.scans > MOST_SCANS) {
    throw new RangeError("a piece of another size");
  }
  const { width, height, data } = decodeJpeg(whole, { useTArray: true, colorTransform: piece.ycc });
  const out = new Uint8Array(width * height * piece.channels);
  for (let i = 0, at = 0; i < width * height; i++) {
    for (let k = 0; k < piece.channels; k++) out[at++] = data[4 * i + k] as number;
  }
  return out;
}
