import UTIF from "utif2";
import { joined } from "../../../../core/basis/numeric/index.ts";
import { failure, type Result, success } from "../../../../core/basis/units/index.ts";
import type { GreyPicture } from "../../../../core/make/holeScan/index.ts";
import { meant, NOT_SQUARE, nearlySquare, type RawScan } from "../grey.ts";
import { iccEncoding } from "../iccEncoding.ts";
import type { Inflate } from "../inflate.ts";
import { MOST_UNPACKED, NO_GREYS, tooLarge, UNPACKS_TOO_FAR } from "../limits.ts";
import { INKS } from "../readJpeg.ts";
import { upright } from "../upright.ts";
import { firstOf, fullPages, pixelsOf, statedDpi, TAG, type TiffFields, tiffFields } from "./tiffFields.ts";
import { tiffJpeg } from "./tiffJpeg.ts";
import { tiffLzw } from "./tiffLzw.ts";

/** How the packed pieces of a picture lie in a file: strips over its whole width, or tiles. */
interface Pieces {
  readonly starts: readonly number[];
  readonly lengths: readonly number[];
  /** Bytes of one piece, unpacked, and of the last one, which may be shorter. */
  readonly size: number;
  readonly least: number;
  /** How many there must be. */
  readonly count: number;
}

const TRUNCATED = "is damaged: it ends too early";

/**
 * Reads the largest picture of a TIFF, 8 or 16 bits, in strips or tiles, or another of like size. Throws where it is damaged.
 *
 * @param index of the pictures of like size, in the file's order, from 0; not said: the largest
 */
export async function readTiff(
  bytes: Uint8Array<ArrayBuffer>,
  inflate: Inflate,
  index?: number,
): Promise<Result<RawScan>> {
  const all = tiffFields(bytes);
  const [largest] = [...all].sort((a, b) => pixelsOf(b) - pixelsOf(a));
  if (largest === undefined || pixelsOf(largest) === 0) return failure("holds no picture");
  const pages = fullPages(all);
  const page = index === undefined ? largest : pages[index];
  if (page === undefined)
    return failure(`holds ${pages.length === 1 ? "one picture" : `${pages.length} pictures`}, not so many`);
  const [width, height] = [firstOf(page, TAG.width), firstOf(page, TAG.height)];
  const bits = firstOf(page, TAG.bits) || 1;
  const channels = firstOf(page, TAG.channels) || 1;
  const unreadable = tooLarge(width, height) ?? strangeNumbers(page, bits) ?? unreadableTiff(page, bits, channels);
  if (unreadable !== null) return failure(unreadable);
  const pieces = piecesOf(page, (bits * channels) / 8);
  const cut = cutShort(pieces, page, bytes.length);
  if (cut !== null) return failure(cut);
  const data = arranged(
    OURS.includes(packingOf(page)) || firstOf(page, TAG.order) === 2
      ? await unpacked(bytes, page, pieces, inflate)
      : { bytes, page },
  );
  if (firstOf(page, TAG.meaning) === PALETTE) return paletted(page, data, { width, height });
  const most = bits === 16 ? 65535 : 255;
  // The decoder gives 16-bit numbers as bytes, the lower one first.
  const numbers = bits === 16 ? new Uint16Array(data.slice().buffer) : data;
  const dpi = statedDpi(page);
  if (dpi !== null && !nearlySquare(dpi.x, dpi.y)) return failure(NOT_SQUARE);
  const whiteIsZero = page.has(TAG.meaning) && firstOf(page, TAG.meaning) === 0;
  const scan: RawScan = {
    width,
    height,
    channels,
    samples: whiteIsZero ? numbers.map((value) => most - value) : numbers,
    most,
    encoding: encodingOf(page),
    dpi: dpi === null ? null : meant(dpi.x),
  };
  return success(upright(scan, firstOf(page, TAG.orientation)));
}

/** Packings by number: none, LZW, ZIP (two numbers), PackBits; with JPEG. @source TIFF 6.0, and its supplement 2 */
const LZW = 5;
const JPEG = 7;
const PACK_BITS = 32773;
const OURS = [LZW, JPEG, 8, 32946];
const UNPACKED = [1, PACK_BITS, ...OURS];
/** Packed with JPEG as it was done before 1995: in many ways, none of them written down well. */
const OLD_JPEG = 6;
/** What three numbers stand for: luma and two colour differences. */
const YCC = 6;
const MOST_CHANNELS = 8;

function packingOf(page: TiffFields): number {
  return firstOf(page, TAG.packing) || 1;
}

/** Colours by number, inks, and what a camera's sensor wrote. @source TIFF 6.0, section 8; TIFF/EP and DNG 1.4 (from memory) */
const [PALETTE, MASK, CMYK] = [3, 4, 5];
const LAB: readonly number[] = [8, 9, 10];
const SENSOR: readonly number[] = [32803, 34892];
const AS_GREY = "save it in grey or in RGB, with 8 or 16 bits";

/** Why the numbers of a TIFF are none that a scan has, or `null`: read all the same they would come out wrong without a word. */
function strangeNumbers(page: TiffFields, bits: number): string | null {
  const meaning = firstOf(page, TAG.meaning);
  if (SENSOR.includes(meaning)) return "is a camera’s raw file: develop it to TIFF first, in a program for raw files";
  if (meaning === CMYK) return INKS;
  if (LAB.includes(meaning)) return `is written in Lab colours; ${AS_GREY}`;
  if (meaning === YCC && packingOf(page) !== JPEG) return `is written as brightness and two colours; ${AS_GREY}`;
  if (meaning === MASK || meaning > YCC)
    return `is written in colours of a kind (${meaning}) that can’t be read here; ${AS_GREY}`;
  if (bits === 1) return NO_GREYS;
  if ((page.get(TAG.bits) ?? []).some((each) => each !== bits)) return `has colours of different depth; ${AS_GREY}`;
  const format = firstOf(page, TAG.sampleFormat) || 1;
  if (format === 2) return `holds numbers with a sign; ${AS_GREY}`;
  if (format === 3) return `holds ${bits === 16 ? "half " : ""}floating-point numbers; ${AS_GREY}`;
  return format === 1 || format === 4 ? null : `holds numbers of a rare kind (${format}); ${AS_GREY}`;
}

/** A picture that names its colours by number, of 8 bits: in full colour. */
function paletted(
  page: TiffFields,
  data: Uint8Array,
  size: { readonly width: number; readonly height: number },
): Result<RawScan> {
  const palette = page.get(TAG.palette) ?? [];
  if (firstOf(page, TAG.bits) !== 8 || palette.length !== 3 * 256)
    return failure(`names its colours by number; ${AS_GREY}`);
  const samples = new Uint16Array(3 * size.width * size.height);
  for (let i = 0; i < size.width * size.height; i++) {
    for (let k = 0; k < 3; k++) samples[3 * i + k] = palette[256 * k + (data[i] as number)] as number;
  }
  const dpi = statedDpi(page);
  const said = { encoding: encodingOf(page), dpi: dpi === null ? null : meant(dpi.x) };
  return success(upright({ ...size, channels: 3, samples, most: 65535, ...said }, firstOf(page, TAG.orientation)));
}

/** Why a TIFF can't be read, or `null`: the decoder would give wrong numbers without a word. */
function unreadableTiff(page: TiffFields, bits: number, channels: number): string | null {
  const packing = packingOf(page);
  if (!UNPACKED.includes(packing)) {
    const how = packing === OLD_JPEG ? "with JPEG of an old kind" : `in a way (${packing})`;
    return `is packed ${how} that can’t be read here; save it uncompressed, or with LZW or ZIP`;
  }
  if (packing === PACK_BITS && firstOf(page, TAG.order) === 2) {
    return "has its bits in the reverse order, packed; save it uncompressed, or with LZW or ZIP";
  }
  if (firstOf(page, TAG.planes) === 2 && channels > 1) {
    return "holds its colours one after the other; save it with the colours of each pixel together, or in grey";
  }
  if (packing === JPEG && (bits !== 8 || (channels !== 1 && channels !== 3))) {
    return "is packed with JPEG, but neither in grey nor in colour of 8 bits; save it uncompressed, or with LZW or ZIP";
  }
  if (bits !== 8 && bits !== 16) return `has ${bits} bits a number; 8 or 16 can be read`;
  return channels > MOST_CHANNELS ? `has ${channels} numbers a pixel; save it in colour or in grey` : null;
}

function piecesOf(page: TiffFields, pixelBytes: number): Pieces {
  const [width, height] = [firstOf(page, TAG.width), firstOf(page, TAG.height)];
  if (page.has(TAG.tileWidth)) {
    const [across, up] = [firstOf(page, TAG.tileWidth), firstOf(page, TAG.tileHeight)];
    const size = across * up * pixelBytes;
    return {
      starts: page.get(TAG.tiles) ?? page.get(TAG.strips) ?? [],
      lengths: page.get(TAG.tileBytes) ?? [],
      size,
      least: size,
      count: Math.ceil(width / across) * Math.ceil(height / up),
    };
  }
  const rows = Math.min(firstOf(page, TAG.rowsAStrip) || height, height);
  const size = rows * width * pixelBytes;
  const starts = page.get(TAG.strips) ?? [];
  return {
    starts,
    lengths: page.get(TAG.stripBytes) ?? (starts.length === 1 ? [size] : []),
    size,
    least: (height - rows * (Math.ceil(height / rows) - 1)) * width * pixelBytes,
    count: Math.ceil(height / rows),
  };
}

/** Why the pieces of a picture are not unpacked: too much in all, or some missing or outside the file. */
function cutShort(
  { starts, lengths, size, least, count }: Pieces,
  page: TiffFields,
  fileLength: number,
): string | null {
  if (!(size > 0 && count > 0) || starts.length < count || lengths.length < count) return TRUNCATED;
  if (size * count > MOST_UNPACKED) return UNPACKS_TOO_FAR;
  let packed = 0;
  for (let i = 0; i < count; i++) {
    const length = lengths[i] as number;
    packed += length;
    if ((starts[i] as number) + length > fileLength) return TRUNCATED;
  }
  if (packed > fileLength) return "is damaged: its parts lie in one another";
  return packingOf(page) === 1 && packed < size * (count - 1) + least ? TRUNCATED : null;
}

/** The same picture with its pieces unpacked, each no further than it may. Throws where one gives too little. */
async function unpacked(
  bytes: Uint8Array<ArrayBuffer>,
  page: TiffFields,
  pieces: Pieces,
  inflate: Inflate,
): Promise<Unpackable> {
  const { starts, lengths, size, least, count } = pieces;
  const unpack = unpackerOf(page, inflate);
  const isTurned = firstOf(page, TAG.order) === 2 && packingOf(page) !== JPEG;
  const parts: Uint8Array[] = [bytes.subarray(0, HEAD)];
  for (let i = 0; i < count; i++) {
    const start = starts[i] as number;
    const piece = bytes.subarray(start, start + (lengths[i] as number));
    const packed = isTurned ? turnedBits(piece) : piece;
    const part = await unpack(packed, size);
    if (part.length < (i === count - 1 ? least : size)) throw new RangeError("a piece ends too early");
    parts.push(part);
  }
  let at = 0;
  const ends = parts.map(({ length }) => (at += length));
  const tiled = page.has(TAG.tileWidth);
  const plain = new Map(page)
    .set(TAG.packing, [1])
    .set(TAG.order, [1])
    .set(tiled ? TAG.tiles : TAG.strips, ends.slice(0, -1))
    .set(
      tiled ? TAG.tileBytes : TAG.stripBytes,
      parts.slice(1).map(({ length }) => length),
    );
  return { bytes: joined(parts), page: plain };
}

/** Bytes whose lowest bit comes first, turned round. @source TIFF 6.0, FillOrder */
function turnedBits(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  return bytes.map((byte) => {
    let [rest, turned] = [byte, 0];
    for (let k = 0; k < 8; k++, rest >>= 1) turned = (turned << 1) | (rest & 1);
    return turned;
  });
}

/** The way a page's pieces are unpacked. */
function unpackerOf(
  page: TiffFields,
  inflate: Inflate,
): (packed: Uint8Array<ArrayBuffer>, size: number) => Uint8Array | Promise<Uint8Array> {
  const packing = packingOf(page);
  if (packing === LZW) return tiffLzw;
  if (packing === 1) return (packed) => packed;
  if (packing !== JPEG) return inflate;
  const channels = firstOf(page, TAG.channels) || 1;
  const width = firstOf(page, TAG.tileWidth) || firstOf(page, TAG.width);
  const tables = page.get(TAG.jpegTables);
  const ycc = firstOf(page, TAG.meaning) === YCC;
  const shared = tables === undefined ? null : Uint8Array.from(tables);
  return (packed, size) => tiffJpeg(packed, shared, { width, height: size / (width * channels), channels, ycc });
}

/** Byte order, the number 42 and the first directory's place: what the decoder looks at. */
const HEAD = 8;

interface Unpackable {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly page: TiffFields;
}

/** Strips or tiles put in their places, numbers that are differences added up, by the decoder. */
function arranged({ bytes, page }: Unpackable): Uint8Array {
  const directory = Object.fromEntries([...page].map(([tag, values]) => [`t${tag}`, [...values]]));
  const picture: UTIF.IFD = { t262: [1], ...directory } as unknown as UTIF.IFD;
  UTIF.decodeImage(bytes.byteOffset === 0 ? bytes.buffer : bytes.slice().buffer, picture);
  return picture.data;
}

/** What a TIFF's profile or transfer function says of its numbers. */
function encodingOf(page: TiffFields): GreyPicture["encoding"] {
  const profile = page.get(TAG.profile);
  if (profile !== undefined) return iccEncoding(Uint8Array.from(profile));
  return page.has(TAG.transfer) ? "srgb" : null;
}
