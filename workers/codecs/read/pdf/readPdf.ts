import { encodedBy } from "../../../../core/basis/pictureValues/index.ts";
import { pngOf } from "../../../../core/basis/pngChunks/index.ts";
import { failure, type Result, success } from "../../../../core/basis/units/index.ts";
import { meant, NOT_SQUARE, nearlySquare, type RawScan } from "../grey.ts";
import { iccEncoding } from "../iccEncoding.ts";
import { MOST_UNPACKED, tooLarge, UNPACKS_TOO_FAR } from "../limits.ts";
import type { PictureReaders } from "../readScan.ts";
import { tiffLzw } from "../tiff/tiffLzw.ts";
import { upright } from "../upright.ts";
import { type Matrix, orientationOf } from "./drawings.ts";
import { type PdfPicture, pdfPages, pictureOnPage } from "./pdfPictures.ts";

/** Points of a page in an inch. @source ISO 32000-1:2008, 8.3.2.3 */
const POINTS = 72;

/**
 * A scanner's PDF by the picture that fills its page, number for number; its resolution by its size on the page.
 *
 * @param index of the page, from 0; not said: the first
 */
async function readPdf(bytes: Uint8Array<ArrayBuffer>, readers: PictureReaders, index = 0): Promise<Result<RawScan>> {
  const pages = await pdfPages(bytes);
  if (!pages.ok) return pages;
  const page = pages.value[index];
  if (page === undefined) return failure(`holds ${pages.value.length} pages, not so many`);
  const found = await pictureOnPage(page, readers.inflate);
  if (!found.ok) return found;
  const picture = found.value;
  const large = tooLarge(picture.width, picture.height);
  if (large !== null) return failure(large);
  const read = await unpackedBy(picture, readers);
  if (!read.ok) return read;
  const { across, up } = dpiOf(picture);
  if (!nearlySquare(across, up)) return failure(NOT_SQUARE);
  const encoding = encodingOf(picture) ?? read.value.encoding;
  const scan = { ...read.value, encoding, dpi: meant(across) };
  return success(upright(picture.isInverted ? inverted(scan) : scan, orientationOf(picture.matrix)));
}

/** How many sheets a PDF holds, one a page; 1 where it can't be opened: its reader says why. */
async function pagesInPdf(bytes: Uint8Array): Promise<number> {
  const pages = await pdfPages(bytes);
  return pages.ok ? pages.value.length : 1;
}

/** The picture's numbers as they lie in the file. Throws where they are damaged. */
async function unpackedBy(picture: PdfPicture, { jpeg, png, inflate }: PictureReaders): Promise<Result<RawScan>> {
  const { width, height, bits, channels, packing, bytes } = picture;
  if (packing === "jpeg") return jpeg(bytes);
  if (picture.rows === "png") return png(pngOf(picture, bytes));
  const length = (width * height * channels * bits) / 8;
  if (length > MOST_UNPACKED) return failure(UNPACKS_TOO_FAR);
  const plain =
    packing === "none" ? bytes : packing === "lzw" ? tiffLzw(bytes, length) : await inflate(bytes, length + SPARE);
  if (plain.length < length) throw new RangeError("the picture ends too early");
  const samples = bits === 16 ? highFirst(plain.subarray(0, length)) : plain.slice(0, length);
  if (picture.rows === "differences") addUp(samples, width * channels, channels);
  return success({ width, height, channels, samples, most: bits === 16 ? 65_535 : 255, encoding: null, dpi: null });
}

/** Bytes that a writer may leave behind a picture: the end of a line. */
const SPARE = 2;

/** Numbers of 16 bits, their higher byte first. */
function highFirst(bytes: Uint8Array): Uint16Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  return Uint16Array.from({ length: bytes.length / 2 }, (_, i) => view.getUint16(2 * i));
}

/** Each number of a row is told by its difference to the pixel before. @source TIFF 6.0, section 14 */
function addUp(samples: Uint8Array | Uint16Array, row: number, channels: number): void {
  for (let start = 0; start < samples.length; start += row) {
    for (let at = start + channels; at < start + row; at++) {
      samples[at] = (samples[at] as number) + (samples[at - channels] as number);
    }
  }
}

/** What the page says of the numbers. */
function encodingOf({ profile }: PdfPicture): RawScan["encoding"] {
  if (profile === null) return null;
  if (typeof profile === "number") return encodedBy((share) => share ** profile);
  return iccEncoding(profile);
}

/** Pixels to the inch along the picture's rows and across them. */
function dpiOf({ width, height, matrix }: PdfPicture): { readonly across: number; readonly up: number } {
  const [a, b, c, d]: Matrix = matrix;
  return { across: (width * POINTS) / Math.hypot(a, b), up: (height * POINTS) / Math.hypot(c, d) };
}

function inverted(scan: RawScan): RawScan {
  return { ...scan, samples: scan.samples.map((value) => scan.most - value) };
}

/** All that is asked about PDFs: one object, so that every worker fetches the same file. */
export const pdfFiles = { read: readPdf, sheets: pagesInPdf };
