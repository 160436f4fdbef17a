import ExifReader from "exifreader";
import { decode as decodePng } from "fast-png";
import { decode as decodeJpegJs } from "jpeg-js";
import UTIF from "utif2";
import { failure, MM_PER_INCH, type Result, success } from "../core/basis/units/index.ts";
import type { GreyPicture } from "../core/make/holeScan/index.ts";
import { iccEncoding } from "./iccEncoding.ts";
import { type Inflate, storedPng } from "./storedPng.ts";

/** A picture file as grey numbers, with the resolution the file states. */
export interface Scan {
  readonly picture: GreyPicture;
  /** Pixels per inch, or `null` where the file says none. */
  readonly dpi: number | null;
}

/** A decoded JPEG: red, green, blue, alpha in turn. */
export interface Rgba {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array | Uint8ClampedArray;
}

/** Larger pictures are refused before they are unpacked. */
const MOST_PIXELS = 120_000_000;

/** What the place a picture is read in can do quicker than plain code. */
export interface Decoders {
  readonly jpeg?: (bytes: Uint8Array<ArrayBuffer>) => Promise<Rgba>;
  readonly inflate?: Inflate;
}

/** Reads a PNG, TIFF or JPEG by its first bytes, whatever it calls itself; 8 and 16 bits are kept as they are. */
export async function readScan(
  bytes: Uint8Array<ArrayBuffer>,
  { jpeg = jpegInPlainCode, inflate }: Decoders = {},
): Promise<Result<Scan>> {
  try {
    if (startsWith(bytes, [0x89, 0x50, 0x4e, 0x47])) return await readPng(bytes, inflate);
    if (startsWith(bytes, [0x49, 0x49, 42, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 42])) return readTiff(bytes);
    if (startsWith(bytes, [0xff, 0xd8])) return await readJpeg(bytes, jpeg);
  } catch {
    return failure("is damaged: the picture cannot be unpacked");
  }
  return failure("is not a PNG, TIFF or JPEG picture");
}

async function readPng(bytes: Uint8Array<ArrayBuffer>, inflate: Inflate | undefined): Promise<Result<Scan>> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const [width, height] = [view.getUint32(16), view.getUint32(20)];
  if (width * height > MOST_PIXELS) return failure(tooLarge(width, height));
  const png = decodePng(inflate === undefined ? bytes : await storedPng(bytes, inflate));
  const channels = png.palette === undefined ? png.channels : 1;
  const shade = png.palette?.map(([r = 0, g = 0, b = 0]) => Math.round((r + g + b) / 3));
  const data = shade === undefined ? png.data : Uint8Array.from(png.data, (index) => shade[index] ?? 0);
  const depth = shade === undefined ? png.depth : 8;
  const metres = png.resolution !== undefined && png.resolution.unit === 1 ? png.resolution : null;
  if (metres !== null && !nearlySquare(metres.x, metres.y)) return failure(NOT_SQUARE);
  return success({
    picture: {
      ...greyOf(scaled(data, depth), { width, height, channels }, depth > 8 ? 65535 : 255),
      encoding:
        pngEncoding(bytes, view) ?? (png.iccEmbeddedProfile && iccEncoding(png.iccEmbeddedProfile.profile)) ?? null,
    },
    dpi: metres === null ? null : meant((metres.x * MM_PER_INCH) / 1000),
  });
}

/** Numbers of 1, 2 or 4 bits spread over 8. */
function scaled(data: Uint8Array | Uint8ClampedArray | Uint16Array, depth: number): Uint8Array | Uint16Array {
  if (depth >= 8) return data instanceof Uint16Array ? data : Uint8Array.from(data);
  return Uint8Array.from(data, (value) => (value * 255) / (2 ** depth - 1));
}

/** What a PNG's sRGB or gAMA chunk says of its numbers. */
function pngEncoding(bytes: Uint8Array, view: DataView): GreyPicture["encoding"] {
  for (let at = 8; at + 12 <= bytes.length; ) {
    const length = view.getUint32(at);
    const name = String.fromCharCode(...bytes.subarray(at + 4, at + 8));
    if (name === "sRGB") return "srgb";
    if (name === "gAMA") return view.getUint32(at + 8) > 80_000 ? "linear" : "srgb";
    if (name === "IDAT") return null;
    at += 12 + length;
  }
  return null;
}

function readTiff(bytes: Uint8Array<ArrayBuffer>): Result<Scan> {
  const buffer = bytes.slice().buffer;
  const pages = UTIF.decode(buffer).filter((page) => one(page, "t256") > 0);
  const size = (page: UTIF.IFD): number => one(page, "t256") * one(page, "t257");
  const [page] = pages.sort((a, b) => size(b) - size(a));
  if (page === undefined) return failure("holds no picture");
  if (size(page) > MOST_PIXELS) return failure(tooLarge(one(page, "t256"), one(page, "t257")));
  const unreadable = unreadableTiff(page);
  if (unreadable !== null) return failure(unreadable);
  UTIF.decodeImage(buffer, page);
  const { width, height } = page;
  const bits = one(page, "t258") || 1;
  const channels = one(page, "t277") || 1;
  if (bits !== 8 && bits !== 16) return failure(`has ${bits} bits a number; 8 or 16 can be read`);
  if (page.data.length < (width * height * channels * bits) / 8 || endsEarly(page, bytes.length)) {
    return failure("is damaged: it ends too early");
  }
  // The decoder gives 16-bit numbers as bytes, the lower one first.
  const data = bits === 16 ? new Uint16Array(page.data.slice().buffer) : page.data;
  const grey = greyOf(data, { width, height, channels }, bits === 16 ? 65535 : 255);
  const [x, y] = [one(page, "t282"), one(page, "t283")];
  if (x > 0 && y > 0 && !nearlySquare(x, y)) return failure(NOT_SQUARE);
  const white = "t262" in page && one(page, "t262") === 0;
  return success({
    picture: {
      ...grey,
      samples: white ? grey.samples.map((value) => grey.most - value) : grey.samples,
      encoding: tiffEncoding(page),
    },
    dpi: tiffDpi(page),
  });
}

/** Packings the decoder unpacks without a fault: none, LZW, ZIP (two numbers), PackBits. TIFF 6.0, and its supplement 2. */
const UNPACKED = [1, 5, 8, 32946, 32773];
const JPEG_PACKED = [6, 7];

/** Why a TIFF can't be read, or `null`: the decoder would give wrong numbers without a word. */
function unreadableTiff(page: UTIF.IFD): string | null {
  const packing = one(page, "t259") || 1;
  if (!UNPACKED.includes(packing)) {
    const how = JPEG_PACKED.includes(packing) ? "with JPEG" : `in a way (${packing})`;
    return `is packed ${how} that can’t be read here; save it uncompressed, or with LZW or ZIP`;
  }
  if (one(page, "t284") === 2 && one(page, "t277") > 1) {
    return "holds its colours one after the other; save it with the colours of each pixel together, or in grey";
  }
  return null;
}

/** What a TIFF's profile or transfer function (tag 301) says of its numbers. */
function tiffEncoding(page: UTIF.IFD): GreyPicture["encoding"] {
  const profile = page.t34675;
  if (Array.isArray(profile) || ArrayBuffer.isView(profile)) {
    return iccEncoding(Uint8Array.from(profile as unknown as ArrayLike<number>));
  }
  return "t301" in page ? "srgb" : null;
}

/** Resolution of a TIFF in dots per inch. */
function tiffDpi(page: UTIF.IFD): number | null {
  const x = one(page, "t282");
  const unit = "t296" in page ? one(page, "t296") : 2;
  return !(x > 0) || unit === 1 ? null : meant(unit === 3 ? x * 2.54 : x);
}

/** Whether a strip or tile of a TIFF would lie beyond the file's end: the decoder fills it with zeros. */
function endsEarly(page: UTIF.IFD, length: number): boolean {
  const numbers = (field: string): readonly number[] => (page[field] as number[] | undefined) ?? [];
  const [starts, counts] = "t324" in page ? [numbers("t324"), numbers("t325")] : [numbers("t273"), numbers("t279")];
  return Array.from(starts).some((start, i) => start + (counts[i] ?? 0) > length);
}

/** The first number of a TIFF field; rationals come as pairs or as quotients. 0 where there is none. */
function one(page: UTIF.IFD, field: string): number {
  const value: unknown = page[field];
  const first: unknown = Array.isArray(value) || ArrayBuffer.isView(value) ? (value as unknown as unknown[])[0] : value;
  if (Array.isArray(first)) return Number(first[0]) / Number(first[1]);
  return typeof first === "number" ? first : 0;
}

async function readJpeg(
  bytes: Uint8Array<ArrayBuffer>,
  jpeg: (bytes: Uint8Array<ArrayBuffer>) => Promise<Rgba>,
): Promise<Result<Scan>> {
  const { width, height, data } = await jpeg(bytes);
  const encoding = jpegEncoding(bytes);
  const picture = { ...greyOf(new Uint8Array(data), { width, height, channels: 4 }, 255), encoding };
  return success({ picture, dpi: jpegDpi(bytes) });
}

async function jpegInPlainCode(bytes: Uint8Array<ArrayBuffer>): Promise<Rgba> {
  return decodeJpegJs(bytes, { useTArray: true, maxResolutionInMP: MOST_PIXELS / 1e6, maxMemoryUsageInMB: 2048 });
}

/** Below this a stated resolution is what programs write when they know none (72, 96), dots per inch. */
const LEAST_DPI = 100;

function meant(dpi: number): number | null {
  return dpi >= LEAST_DPI ? dpi : null;
}

/** Resolution that a JPEG states in its JFIF or Exif part, dots per inch, or `null`. */
function jpegDpi(bytes: Uint8Array<ArrayBuffer>): number | null {
  const { jfif, exif } = readTags(bytes);
  const density = jfif?.XResolution?.value ?? 0;
  const unit = jfif?.["Resolution Unit"]?.value ?? 0;
  if (density > 0 && (unit === 1 || unit === 2)) {
    const dpi = meant(unit === 2 ? density * 2.54 : density);
    if (dpi !== null) return dpi;
  }
  const stated = exif?.XResolution?.value ?? 0;
  const perUnit = typeof stated === "number" ? stated : stated[0] / stated[1];
  const exifUnit = exif?.ResolutionUnit?.value ?? 2;
  return !(perUnit > 0) || exifUnit === 1 ? null : meant(exifUnit === 3 ? perUnit * 2.54 : perUnit);
}

/** JFIF and Exif tags of a picture; none where it has none that can be read. */
function readTags(bytes: Uint8Array<ArrayBuffer>): ExifReader.ExpandedTags {
  try {
    return ExifReader.load(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength), {
      expanded: true,
    });
  } catch {
    return {};
  }
}

/**
 * The colour profile of a JPEG; a long one comes in several parts.
 *
 * @source ICC.1:2022, annex B.4 (APP2; from memory)
 */
function jpegEncoding(bytes: Uint8Array): GreyPicture["encoding"] {
  let profile: readonly number[] = [];
  for (let at = 2; at + 18 < bytes.length && bytes[at] === 0xff && bytes[at + 1] !== 0xda; ) {
    const length = (bytes[at + 2] as number) * 256 + (bytes[at + 3] as number);
    const part = bytes.subarray(at + 4, at + 2 + length);
    if (bytes[at + 1] === 0xe2 && startsWith(part, letters("ICC_PROFILE"))) {
      profile = [...profile, ...part.subarray(14)];
    }
    at += 2 + length;
  }
  return profile.length === 0 ? null : iccEncoding(Uint8Array.from(profile));
}

function letters(word: string): readonly number[] {
  return [...word].map((letter) => letter.charCodeAt(0));
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

const NOT_SQUARE = "has pixels that are not square; scan with the same resolution both ways";

function nearlySquare(x: number, y: number): boolean {
  return Math.abs(x / y - 1) < 0.005;
}

function tooLarge(width: number, height: number): string {
  return `is ${width} × ${height} pixels; at most ${MOST_PIXELS / 1e6} million can be read. Cut out the part with the hole`;
}

function startsWith(bytes: Uint8Array, start: readonly number[]): boolean {
  return start.every((value, i) => bytes[i] === value);
}
