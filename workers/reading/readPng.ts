import { decode } from "fast-png";
import { failure, MM_PER_INCH, type Result, success } from "../../core/basis/units/index.ts";
import type { GreyPicture } from "../../core/make/holeScan/index.ts";
import { meant, NOT_SQUARE, nearlySquare, type RawScan } from "./grey.ts";
import { iccEncoding } from "./iccEncoding.ts";
import type { Inflate } from "./inflate.ts";
import { MOST_UNPACKED, tooLarge, UNPACKS_TOO_FAR } from "./limits.ts";
import { pngChunks } from "./pngChunks.ts";
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
  const data = palette === undefined ? png.data : coloured(png.data, palette);
  const depth = palette === undefined ? png.depth : 8;
  const metres = png.resolution !== undefined && png.resolution.unit === 1 ? png.resolution : null;
  if (metres !== null && !nearlySquare(metres.x, metres.y)) return failure(NOT_SQUARE);
  return success({
    width,
    height,
    channels,
    samples: scaled(data, depth),
    most: depth > 8 ? 65535 : 255,
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

/** Numbers of 1, 2 or 4 bits spread over 8. */
function scaled(data: Uint8Array | Uint8ClampedArray | Uint16Array, depth: number): Uint8Array | Uint16Array {
  if (depth >= 8) return data instanceof Uint16Array ? data : Uint8Array.from(data);
  return Uint8Array.from(data, (value) => (value * 255) / (2 ** depth - 1));
}

/** A colour profile that unpacks further says nothing to us, bytes. */
const LARGEST_PROFILE = 8 * 2 ** 20;
/** Longest name of a profile, bytes. @source PNG specification (Third Edition), 11.3.2.3 */
const LONGEST_NAME = 79;

/** What a PNG's chunks sRGB, gAMA or iCCP say of its numbers; the first two go before the profile. */
async function encodingOf(bytes: Uint8Array<ArrayBuffer>, inflate: Inflate): Promise<GreyPicture["encoding"]> {
  let profile: Uint8Array<ArrayBuffer> | null = null;
  for (const { name, data } of pngChunks(bytes)) {
    if (name === "IDAT") break;
    if (name === "sRGB") return "srgb";
    if (name === "gAMA" && data.length === 4) {
      return new DataView(data.buffer, data.byteOffset).getUint32(0) > 80_000 ? "linear" : "srgb";
    }
    if (name === "iCCP") profile = data;
  }
  const end = profile?.subarray(0, LONGEST_NAME + 1).indexOf(0) ?? -1;
  if (profile === null || end < 1) return null;
  // Behind the name: a byte for the way of packing (always zlib), then the profile.
  return inflate(profile.subarray(end + 2), LARGEST_PROFILE).then(iccEncoding, () => null);
}
