import { decode as decodeJpeg } from "jpeg-js";
import { failure, type Result, success } from "../../core/basis/units/index.ts";
import { greyScan, type RawScan, type Rgba, type Scan } from "./grey.ts";
import { type Inflate, plainInflate } from "./inflate.ts";
import { MOST_PIXELS, MOST_UNPACKED, UNPACKS_TOO_FAR } from "./limits.ts";
import { readJpeg } from "./readJpeg.ts";
import { readPng } from "./readPng.ts";
import { readTiff } from "./readTiff.ts";

/** What the place a picture is read in can do quicker than plain code. */
export interface Decoders {
  readonly jpeg?: (bytes: Uint8Array<ArrayBuffer>) => Promise<Rgba>;
  readonly inflate?: Inflate;
}

/**
 * Reads a PNG, TIFF or JPEG by its first bytes, whatever it calls itself; 8 and 16 bits are kept as they are. What a file
 * says of itself is read first, by bounded parsers of known fields; what would take too much memory is refused in words.
 */
export async function readRaw(
  bytes: Uint8Array<ArrayBuffer>,
  { jpeg = jpegInPlainCode, inflate = plainInflate }: Decoders = {},
): Promise<Result<RawScan>> {
  try {
    if (startsWith(bytes, [0x89, 0x50, 0x4e, 0x47])) return await readPng(bytes, inflate);
    if (startsWith(bytes, [0x49, 0x49, 42, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 42])) {
      return await readTiff(bytes, inflate);
    }
    if (startsWith(bytes, [0xff, 0xd8])) return await readJpeg(bytes, jpeg);
  } catch (error) {
    if (error instanceof Error && error.message.startsWith("maxMemoryUsageInMB")) return failure(UNPACKS_TOO_FAR);
    return failure("is damaged: the picture cannot be unpacked");
  }
  return failure("is not a PNG, TIFF or JPEG picture");
}

/** The same in grey. */
export async function readScan(bytes: Uint8Array<ArrayBuffer>, decoders?: Decoders): Promise<Result<Scan>> {
  const read = await readRaw(bytes, decoders);
  return read.ok ? success(greyScan(read.value)) : read;
}

async function jpegInPlainCode(bytes: Uint8Array<ArrayBuffer>): Promise<Rgba> {
  return decodeJpeg(bytes, {
    useTArray: true,
    maxResolutionInMP: MOST_PIXELS / 1e6,
    maxMemoryUsageInMB: MOST_UNPACKED / 2 ** 20,
  });
}

function startsWith(bytes: Uint8Array, start: readonly number[]): boolean {
  return start.every((value, i) => bytes[i] === value);
}
