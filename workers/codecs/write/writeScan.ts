import { encode as encodePng } from "fast-png";
import { fromSrgb } from "../../../core/basis/pictureValues/index.ts";
import { withPhysicalSize, withSrgb } from "../../../core/basis/pngChunks/index.ts";
import { MM_PER_INCH } from "../../../core/basis/units/index.ts";
import type { GreyPicture } from "../../../core/make/holeScan/index.ts";
import { rational, type TiffField, tiffDirectory, tiffHead } from "./tiffDirectory.ts";

/** A picture in grey (unless it says it is in colour) as a PNG that says its resolution and, where its numbers are sRGB, that. */
export function scanToPng(picture: GreyPicture & { readonly channels?: 1 | 3 }, dpi: number): Uint8Array<ArrayBuffer> {
  const { width, height, samples, most, encoding, channels = 1 } = picture;
  const png = encodePng({ width, height, data: samples, depth: most === 255 ? 8 : 16, channels });
  const sized = withPhysicalSize(png, MM_PER_INCH / dpi);
  return encoding === "srgb" ? withSrgb(sized) : sized;
}

/**
 * A grey picture as an uncompressed TIFF with its resolution; sRGB numbers say so by a transfer function. (The package
 * that reads TIFF writes 8-bit colour only.)
 *
 * @source TIFF revision 6.0 (1992), sections 2, 4 and 20
 */
export function scanToTiff(picture: GreyPicture, dpi: number): Uint8Array<ArrayBuffer> {
  const { samples, most, encoding } = picture;
  const said: TiffField[] = encoding === "srgb" && most === 255 ? [[301, "short", transferFunction()]] : [];
  return plainTiff({ ...picture, channels: 1, samples }, dpi, said);
}

/** Numbers row by row, grey or red green blue, perhaps with opacity. */
interface Raster {
  readonly width: number;
  readonly height: number;
  readonly channels: number;
  readonly samples: Uint8Array | Uint16Array;
  readonly most: number;
}

/**
 * A picture as an uncompressed TIFF in one strip.
 *
 * @param more fields beside those of its raster
 * @param exif fields of an Exif directory; none: it has none
 * @source TIFF revision 6.0 (1992), sections 2, 4, 6 and 18
 */
export function plainTiff(
  { width, height, channels, samples, most }: Raster,
  dpi: number,
  more: readonly TiffField[],
  exif: readonly TiffField[] = [],
): Uint8Array<ArrayBuffer> {
  const bytes = most === 255 ? 1 : 2;
  const colour = channels >= 3;
  const extra = channels - (colour ? 3 : 1);
  const fields = (strip: number, exifAt: number): TiffField[] => [
    [256, "long", [width]],
    [257, "long", [height]],
    [258, "short", Array.from({ length: channels }, () => 8 * bytes)],
    [259, "short", [1]],
    [262, "short", [colour ? 2 : 1]],
    [273, "long", [strip]],
    [277, "short", [channels]],
    [278, "long", [height]],
    [279, "long", [samples.length * bytes]],
    [282, "rational", rational(dpi)],
    [283, "rational", rational(dpi)],
    [296, "short", [2]],
    // Opacity that is not multiplied into the colours.
    ...(extra > 0 ? ([[338, "short", [2]]] satisfies TiffField[]) : []),
    ...(exif.length > 0 ? ([[34665, "long", [exifAt]]] satisfies TiffField[]) : []),
    ...more,
  ];
  const head = 8;
  const exifAt = head + tiffDirectory(fields(0, 0), head).length;
  const said = exif.length > 0 ? tiffDirectory(exif, exifAt) : new Uint8Array();
  const start = exifAt + said.length;
  const strip = start + (start % 2);
  const file = new Uint8Array(strip + samples.length * bytes);
  file.set(tiffHead(head));
  file.set(tiffDirectory(fields(strip, exifAt), head), head);
  file.set(said, exifAt);
  if (bytes === 1) file.set(samples, strip);
  else {
    const view = new DataView(file.buffer);
    for (let i = 0; i < samples.length; i++) view.setUint16(strip + 2 * i, samples[i] as number, true);
  }
  return file;
}

/** Light for each of 256 numbers, to 65535. */
function transferFunction(): number[] {
  return Array.from({ length: 256 }, (_, value) => Math.round(fromSrgb(value / 255) * 65535));
}
