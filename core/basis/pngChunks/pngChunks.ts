import { joined } from "../numeric/index.ts";

/** Bytes of a PNG up to the end of its header chunk: signature and IHDR. */
const HEADER_END = 33;

/**
 * A PNG that says how large it is: the same file with a chunk pHYs (pixels per metre) behind its header.
 *
 * @param png a PNG without pHYs
 * @param pitch pixel pitch, mm
 * @returns a new file; the picture in it is untouched
 * @source PNG specification (Third Edition), 11.3.4.3 pHYs; CRC-32 of its annex D
 * @example withPhysicalSize(new Uint8Array(33), 0.01).length // 54
 */
export function withPhysicalSize(png: Uint8Array, pitch: number): Uint8Array<ArrayBuffer> {
  const perMetre = Math.round(1000 / pitch);
  const data = new Uint8Array(9);
  const view = new DataView(data.buffer);
  view.setUint32(0, perMetre);
  view.setUint32(4, perMetre);
  data[8] = 1;
  return withChunk(png, "pHYs", data);
}

/**
 * A PNG whose numbers are sRGB (perceptual intent): the chunk sRGB. @source PNG specification, 11.3.2.5
 *
 * @returns a new file
 * @example withSrgb(new Uint8Array(33)).length // 46
 */
export function withSrgb(png: Uint8Array): Uint8Array<ArrayBuffer> {
  return withChunk(png, "sRGB", new Uint8Array(1));
}

/**
 * A PNG with an Exif block. @source PNG specification (Third Edition), 11.3.4.6 eXIf
 *
 * @returns a new file
 * @example withExif(new Uint8Array(33), new Uint8Array(10)).length // 55
 */
export function withExif(png: Uint8Array, exif: Uint8Array): Uint8Array<ArrayBuffer> {
  return withChunk(png, "eXIf", exif);
}

/**
 * A PNG with an XMP packet. @source PNG specification (Third Edition), 11.3.3.4 iTXt; XMP Part 3 (ISO 16684-3), 1.1.5
 *
 * @param xmp the packet's bytes, UTF-8
 * @returns a new file
 * @example withXmp(new Uint8Array(33), new Uint8Array(10)).length // 77
 */
export function withXmp(png: Uint8Array, xmp: Uint8Array): Uint8Array<ArrayBuffer> {
  // Keyword, then: not packed, no language, no translated keyword.
  const head = Uint8Array.from([..."XML:com.adobe.xmp"].map((letter) => letter.charCodeAt(0)));
  const data = new Uint8Array(head.length + 5 + xmp.length);
  data.set(head);
  data.set(xmp, head.length + 5);
  return withChunk(png, "iTXt", data);
}

function withChunk(png: Uint8Array, name: string, data: Uint8Array): Uint8Array<ArrayBuffer> {
  return joined([png.subarray(0, HEADER_END), chunkOf(name, data), png.subarray(HEADER_END)]);
}

/** A part of a PNG: length, name, data, check sum. */
function chunkOf(name: string, data: Uint8Array): Uint8Array<ArrayBuffer> {
  const chunk = new Uint8Array(12 + data.length);
  const view = new DataView(chunk.buffer);
  view.setUint32(0, data.length);
  chunk.set(
    [...name].map((letter) => letter.charCodeAt(0)),
    4,
  );
  chunk.set(data, 8);
  view.setUint32(8 + data.length, crc(chunk.subarray(4, 8 + data.length)));
  return chunk;
}

const SIGNATURE = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];

/**
 * A PNG round a picture's rows that are packed already: filtered row by row and in zlib.
 *
 * @param bits of a number, 8 or 16
 * @param channels numbers a pixel: 1 is grey, 3 red green blue
 * @source PNG specification (Third Edition), 5.2, 11.2.1 IHDR
 * @example pngOf({ width: 2, height: 1, bits: 8, channels: 1 }, new Uint8Array(11)).length // 68
 */
export function pngOf(
  { width, height, bits, channels }: PngHead,
  packed: Uint8Array<ArrayBuffer>,
): Uint8Array<ArrayBuffer> {
  const head = new Uint8Array(13);
  const view = new DataView(head.buffer);
  view.setUint32(0, width);
  view.setUint32(4, height);
  head.set([bits, channels === 1 ? 0 : 2], 8);
  const end = new Uint8Array(0);
  return joined([Uint8Array.from(SIGNATURE), chunkOf("IHDR", head), chunkOf("IDAT", packed), chunkOf("IEND", end)]);
}

interface PngHead {
  readonly width: number;
  readonly height: number;
  readonly bits: 8 | 16;
  readonly channels: 1 | 3;
}

function crc(bytes: Uint8Array): number {
  let value = 0xffffffff;
  for (const byte of bytes) {
    value ^= byte;
    for (let bit = 0; bit < 8; bit++) value = value & 1 ? (value >>> 1) ^ 0xedb88320 : value >>> 1;
  }
  return ~value >>> 0;
}
