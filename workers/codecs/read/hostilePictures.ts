import { deflateSync } from "node:zlib";
import { encode as encodeJpeg } from "jpeg-js";
import { joined } from "../../../core/basis/numeric/index.ts";

/** Bytes of a word. */
export const text = (word: string): Uint8Array => Uint8Array.from(word, (letter) => letter.charCodeAt(0));
/** Numbers of four bytes, the highest first. */
export const uint32 = (...values: readonly number[]): Uint8Array => {
  const view = new DataView(new ArrayBuffer(4 * values.length));
  for (const [i, value] of values.entries()) view.setUint32(4 * i, value);
  return new Uint8Array(view.buffer);
};

/** A PNG of these parts; check sums are left 0. */
export function png(...chunks: readonly (readonly [string, Uint8Array])[]): Uint8Array<ArrayBuffer> {
  const parts = chunks.flatMap(([name, data]) => [uint32(data.length), text(name), data, uint32(0)]);
  return joined([Uint8Array.of(0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10), ...parts]);
}

/** The header chunk of a PNG. */
export const header = (width: number, height: number, bits = 8, colour = 0) =>
  ["IHDR", joined([uint32(width, height), Uint8Array.of(bits, colour, 0, 0, 0)])] as const;

/** A little-endian TIFF of one directory: tag, type, count, value. */
export function tiff(fields: readonly (readonly [number, number, number, number])[], data = new Uint8Array()) {
  const start = 14 + 12 * fields.length;
  const view = new DataView(new ArrayBuffer(start));
  view.setUint32(0, 0x49492a00);
  view.setUint32(4, 8, true);
  view.setUint16(8, fields.length, true);
  for (const [i, [tag, type, count, value]] of fields.entries()) {
    const at = 10 + 12 * i;
    view.setUint16(at, tag, true);
    view.setUint16(at + 2, type, true);
    view.setUint32(at + 4, count, true);
    view.setUint32(at + 8, value, true);
  }
  return joined([new Uint8Array(view.buffer), data]);
}

const grey = { width: 64, height: 64, data: Buffer.alloc(64 * 64 * 4, 120) };
/** A small grey JPEG. */
export const jpeg = (): Uint8Array<ArrayBuffer> => Uint8Array.from(encodeJpeg(grey, 90).data);

/** The same JPEG with another segment behind its first marker. */
export function withSegment(file: Uint8Array, marker: number, data: Uint8Array): Uint8Array<ArrayBuffer> {
  const length = data.length + 2;
  return joined([file.subarray(0, 2), Uint8Array.of(0xff, marker, length >> 8, length & 255), data, file.subarray(2)]);
}

/** A JPEG whose frame says another size. */
export function resized(file: Uint8Array<ArrayBuffer>, width: number, height: number): Uint8Array<ArrayBuffer> {
  const at = file.findIndex((byte, i) => byte === 0xff && file[i + 1] === 0xc0);
  const view = new DataView(file.buffer);
  view.setUint16(at + 5, height);
  view.setUint16(at + 7, width);
  return file;
}

/** A JPEG that is gone over again and again: its scan repeated. */
export function scanned(file: Uint8Array, times: number): Uint8Array<ArrayBuffer> {
  const at = file.findIndex((byte, i) => byte === 0xff && file[i + 1] === 0xda);
  const scan = file.subarray(at, file.length - 2);
  return joined([file.subarray(0, at), ...Array.from({ length: times }, () => scan), file.subarray(-2)]);
}

export const MEGABYTE = 2 ** 20;
/** Eight lines of eight grey pixels, packed. */
export const pixels = deflateSync(Buffer.alloc(8 * 9));
