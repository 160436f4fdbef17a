import { decode } from "fast-png";
import { encodedBy } from "../../../core/basis/pictureValues/index.ts";
import { failure, MM_PER_INCH, type Result, success } from "../../../core/basis/units/index.ts";
import type { GreyPicture } from "../../../core/make/holeScan/index.ts";
import { meant, NOT_SQUARE, nearlySquare, type RawScan } from "./grey.ts";
import { iccEncoding } from "./iccEncoding.ts";
import type { Inflate } from "./inflate.ts";
import { MOST_UNPACKED, NO_GREYS, tooLarge, UNPACKS_TOO_FAR } from "./limits.ts";
import { pngChunks } from "./readPngChunks.ts";
import { storedPng, unpackedPng } from "./storedPng.ts";

/** Reads a PNG of any depth. Throws where it is damaged. */
export async function readPng(bytes: Uint8Array<ArrayBuffer>, inflate: Inflate): Promise<Result<RawScan>> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const large = tooLarge(view.getUint32(16), view.getUint32(20));
  if (large !== null) return failure(large);
  if (unpackedPng(bytes.subarray(16, 29)) > MOST_UNPACKED) return failure(UNPACKS_TOO_FAR);
  const encoding = await encodingOf(bytes, inflate);
  const png = decode(await storedPng(bytes, inflate));
  const { width, height } = png;
  const { palette } = png;
  const channels = palette === undefined ? png.channels : 3;
  if (png.depth === 1) return failure(NO_GREYS);
  const isSmall = palette === undefined && png.depth < 8;
  const data = isSmall
    ? spread(png.data, png.depth, width, height)
    : palette === undefined
      ? png.data
      : coloured(png.data, palette);
  const metres = png.resolution !== undefined && png.resolution.unit === 1 ? png.resolution : null;
  if (metres !== null && !nearlySquare(metres.x, metres.y)) return failure(NOT_SQUARE);
  return success({
    width,
    height,
    channels,
    samples: data instanceof Uint16Array ? data : Uint8Array.from(data),
    most: data instanceof Uint16Array ? 65535 : 255,
    encoding,
    dpi: metres === null ? null : meant((metres.x * MM_PER_INCH) / 1000),
  });
}

/** Red, green and blue of every pixel of a picture that names its colours by number. */
function coloured(data: ArrayLike<number>, palette: readonly (readonly number[])[]): Uint8Array {
  const out = new Uint8Array(3 * data.length);
  for (let i = 0; i < data.length; i++) out.set((palette[data[i] as number] ?? []).slice(0, 3), 3 * i);
  return out;
}

/** Grey numbers of 2 or 4 bits, as they lie in bytes row by row, spread over 8. @source PNG specification (Third Edition), 7.2 */
function spread(data: ArrayLike<number>, depth: number, width: number, height: number): Uint8Array {
  const [each, greatest, row] = [8 / depth, 2 ** depth - 1, Math.ceil((width * depth) / 8)];
  const out = new Uint8Array(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const byte = data[y * row + Math.floor(x / each)] as number;
      out[y * width + x] = (255 * ((byte >> (8 - depth * (1 + (x % each)))) & greatest)) / greatest;
    }
  }
  return out;
}

/** A colour profile that unpacks further says nothing to us, bytes. */
const LARGEST_PROFILE = 8 * 2 ** 20;
/** Longest name of a profile, bytes. @source PNG specification (Third Edition), 11.3.2.3 */
const LONGEST_NAME = 79;

/**
 * What a PNG says of its numbers: by its profile, else the mark of sRGB, else its gamma (which is written along with either,
 * for programs that know no better).
 *
 * @source PNG specification (Third Edition), 4.3 and 11.3.2: which goes before which; 11.3.2.2 gAMA
 */
async function encodingOf(bytes: Uint8Array<ArrayBuffer>, inflate: Inflate): Promise<GreyPicture["encoding"]> {
  const said = new Map<string, Uint8Array<ArrayBuffer>>();
  for (const { name, data } of pngChunks(bytes)) {
    if (name === "IDAT") break;
    said.set(name, data);
  }
  const profile = said.get("iCCP");
  const end = profile?.subarray(0, LONGEST_NAME + 1).indexOf(0) ?? -1;
  // Behind the name: a byte for the way of packing (always zlib), then the profile.
  const whole =
    profile === undefined || end < 1
      ? null
      : await inflate(profile.subarray(end + 2), LARGEST_PROFILE).catch(() => null);
  const byProfile = whole && iccEncoding(whole);
  if (byProfile) return byProfile;
  if (said.has("sRGB")) return "srgb";
  const gamma = said.get("gAMA");
  if (gamma === undefined || gamma.length < 4) return null;
  const written = new DataView(gamma.buffer, gamma.byteOffset).getUint32(0) / 100_000;
  if (!(written > 0.1 && written <= 2)) return null;
  // One over 2.2 is what stands for sRGB in a number.
  return Math.abs(written - 1 / 2.2) < 0.01 ? "srgb" : encodedBy((share) => share ** (1 / written));
}
