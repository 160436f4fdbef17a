import { decode as decodeJpeg } from "jpeg-js";
import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import { greyScan, type RawScan, type Rgba, type Scan } from "./grey.ts";
import { type Inflate, plainInflate } from "./inflate.ts";
import { MOST_PIXELS, MOST_UNPACKED, tooLarge, UNPACKS_TOO_FAR } from "./limits.ts";
import { isPdf, type OtherFormat, otherFormat } from "./otherFormats.ts";
import { readJpeg } from "./readJpeg.ts";
import { readPng } from "./readPng.ts";
import { readTiff } from "./tiff/readTiff.ts";

/** What the place a picture is read in can do quicker than plain code. */
export interface Decoders {
  readonly jpeg?: (bytes: Uint8Array<ArrayBuffer>) => Promise<Rgba>;
  readonly inflate?: Inflate;
  /** Unpacks formats that we don't: WebP, AVIF, HEIC, as far as the browser knows them. */
  readonly elsewhere?: (bytes: Uint8Array<ArrayBuffer>) => Promise<Rgba>;
  /** Fetches the reader of PDFs, which is large; not given: they are refused. */
  readonly pdf?: () => Promise<PdfReader>;
}

/** Reads the picture of one page. */
type PdfReader = (bytes: Uint8Array<ArrayBuffer>, readers: PictureReaders, page?: number) => Promise<Result<RawScan>>;

/** How pictures within another file are read. */
export interface PictureReaders {
  readonly jpeg: (bytes: Uint8Array<ArrayBuffer>) => Promise<Result<RawScan>>;
  readonly png: (bytes: Uint8Array<ArrayBuffer>) => Promise<Result<RawScan>>;
  readonly inflate: Inflate;
}

/**
 * Reads a PNG, TIFF or JPEG by its first bytes, whatever it calls itself; 8 and 16 bits are kept as they are. What a file
 * says of itself is read first, by bounded parsers of known fields; what would take too much memory is refused in words.
 */
export async function readRaw(
  bytes: Uint8Array<ArrayBuffer>,
  { jpeg = jpegInPlainCode, inflate = plainInflate, elsewhere, pdf }: Decoders = {},
  /** Which picture of a file that holds several, from 0; not said: the largest. */
  page?: number,
): Promise<Result<RawScan>> {
  try {
    if (startsWith(bytes, [0x89, 0x50, 0x4e, 0x47])) return await readPng(bytes, inflate);
    if (startsWith(bytes, [0x49, 0x49, 42, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 42])) {
      return await readTiff(bytes, inflate, page);
    }
    if (startsWith(bytes, [0xff, 0xd8])) return await readJpeg(bytes, jpeg);
    if (pdf !== undefined && isPdf(bytes)) {
      const read = await pdf();
      const readers = {
        jpeg: (own: Uint8Array<ArrayBuffer>) => readJpeg(own, jpeg),
        png: (own: Uint8Array<ArrayBuffer>) => readPng(own, inflate),
      };
      return await read(bytes, { ...readers, inflate }, page);
    }
    const other = otherFormat(bytes);
    if (other === null) return failure("is not a PNG, TIFF or JPEG picture");
    return success(await drawnByBrowser(bytes, other, elsewhere));
  } catch (error) {
    if (error instanceof Unreadable) return failure(error.message);
    if (error instanceof Error && error.message.startsWith("maxMemoryUsageInMB")) return failure(UNPACKS_TOO_FAR);
    return failure("is damaged: the picture cannot be unpacked");
  }
}

/** Why a picture is not read, in words that go on after its file's name. */
class Unreadable extends Error {}

/** A picture of another format, where the browser can draw it: its colours are those of sRGB then. */
async function drawnByBrowser(
  bytes: Uint8Array<ArrayBuffer>,
  { byBrowser, words }: OtherFormat,
  draw: Decoders["elsewhere"],
): Promise<RawScan> {
  const drawn = byBrowser && draw !== undefined ? await draw(bytes).catch(() => null) : null;
  if (drawn === null) throw new Unreadable(words);
  const { width, height, data } = drawn;
  const large = tooLarge(width, height);
  if (large !== null) throw new Unreadable(large);
  const samples = new Uint8Array(data.buffer, data.byteOffset, data.length);
  return { width, height, channels: 4, samples, most: 255, encoding: "srgb", dpi: null };
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
