import { joined } from "../../../core/basis/numeric/index.ts";
import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import type { GreyPicture } from "../../../core/make/holeScan/index.ts";
import { meant, type RawScan, type Rgba } from "./grey.ts";
import { iccEncoding } from "./iccEncoding.ts";
import { type JpegParts, jpegParts, MOST_SCANS } from "./jpegParts.ts";
import { tooLarge } from "./limits.ts";
import { exifFields, firstOf, statedDpi, TAG, type TiffFields, tiffFields } from "./tiff/tiffFields.ts";
import { upright } from "./upright.ts";

/** Each block of 8 × 8 pixels takes at least a bit, so a file that is shorter can't hold what its header says. */
const PIXELS_A_BYTE = 8 * 64;

/** Reads a JPEG. Throws where it is damaged. */
export async function readJpeg(
  bytes: Uint8Array<ArrayBuffer>,
  unpack: (bytes: Uint8Array<ArrayBuffer>) => Promise<Rgba>,
): Promise<Result<RawScan>> {
  const parts = jpegParts(bytes);
  const large = tooLarge(parts.width, parts.height);
  if (large !== null) return failure(large);
  if (parts.width * parts.height > PIXELS_A_BYTE * bytes.length) return failure("is damaged: it ends too early");
  if (parts.components === 4) return failure(INKS);
  if (parts.frame !== null && ![0xc0, 0xc1, 0xc2].includes(parts.frame)) return failure(RARE);
  if (parts.scans > MOST_SCANS) return failure(`goes over the picture more than ${MOST_SCANS} times; save it anew`);
  const { width, height, data } = await unpack(bytes);
  const samples = new Uint8Array(data.buffer, data.byteOffset, data.length);
  const exif = exifOf(parts);
  const said = { encoding: encodingOf(parts) ?? colourSpace(parts), dpi: dpiOf(parts, exif) };
  return success(upright({ width, height, channels: 4, samples, most: 255, ...said }, firstOf(exif, TAG.orientation)));
}

/**
 * Resolution that a JPEG states in its JFIF or Exif part, dots per inch, or `null`.
 *
 * @source ITU-T T.871 (2011), 10.1; Exif 2.32 (JEITA CP-3451), 4.5.4
 */
function dpiOf({ segments }: JpegParts, exif: TiffFields): number | null {
  const jfif = segments.find(({ app, data }) => app === 0 && begins(data, "JFIF\0"))?.data;
  if (jfif !== undefined && jfif.length >= 12) {
    const [unit = 0, high = 0, low = 0] = jfif.subarray(7, 10);
    const dpi = meant((high * 256 + low) * (unit === 2 ? 2.54 : 1));
    if (dpi !== null && (unit === 1 || unit === 2)) return dpi;
  }
  const stated = statedDpi(exif);
  return stated === null ? null : meant(stated.x);
}

/** The first fields of a JPEG's Exif part; none where it has none, or a damaged one. */
function exifOf({ segments }: JpegParts): TiffFields {
  const exif = segments.find(({ app, data }) => app === 1 && begins(data, "Exif\0\0"))?.data;
  try {
    const [first = new Map()] = exif === undefined ? [] : tiffFields(exif.subarray(6));
    return first;
  } catch {
    return new Map();
  }
}

/**
 * What the colour profile of a JPEG says of its numbers; a long one comes in several parts.
 *
 * @source ICC.1:2022, annex B.4 (APP2; from memory)
 */
function encodingOf({ segments }: JpegParts): GreyPicture["encoding"] {
  const profile = segments
    .filter(({ app, data }) => app === 2 && begins(data, "ICC_PROFILE\0"))
    .map(({ data }) => data.subarray(14));
  return profile.length === 0 ? null : iccEncoding(joined(profile));
}

/** Exif may say that the numbers are of sRGB. @source Exif 2.32 (CIPA DC-008-2019), ColorSpace: 1 */
function colourSpace({ segments }: JpegParts): GreyPicture["encoding"] {
  const exif = segments.find(({ app, data }) => app === 1 && begins(data, "Exif\0\0"))?.data;
  try {
    return exif !== undefined && firstOf(exifFields(exif.subarray(6)), TAG.colourSpace) === 1 ? "srgb" : null;
  } catch {
    return null;
  }
}

/** What is said of a picture in inks. */
export const INKS = "is written in printing inks (CMYK); save it in grey or in RGB";
const RARE = "is a JPEG of a rare kind (lossless, or packed arithmetically); save it as an ordinary one, or as PNG";

function begins(data: Uint8Array, word: string): boolean {
  return [...word].every((letter, i) => data[i] === letter.charCodeAt(0));
}
