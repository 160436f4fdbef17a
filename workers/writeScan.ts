import { encode as encodePng } from "fast-png";
import { fromSrgb } from "../core/basis/pictureValues/index.ts";
import { withPhysicalSize, withSrgb } from "../core/basis/pngChunks/index.ts";
import { MM_PER_INCH } from "../core/basis/units/index.ts";
import type { GreyPicture } from "../core/make/holeScan/index.ts";

/** A grey picture as a PNG that says its resolution and, where its numbers are sRGB, that. */
export function scanToPng(picture: GreyPicture, dpi: number): Uint8Array<ArrayBuffer> {
  const { width, height, samples, most, encoding } = picture;
  const png = encodePng({ width, height, data: samples, depth: most === 255 ? 8 : 16, channels: 1 });
  const sized = withPhysicalSize(png, MM_PER_INCH / dpi);
  return encoding === "srgb" ? withSrgb(sized) : sized;
}

/** A field of a TIFF's directory: its number, the type of its values, and they. */
type Field = readonly [tag: number, type: "short" | "long" | "rational", values: readonly number[]];

const TYPES = { short: { code: 3, bytes: 2 }, long: { code: 4, bytes: 4 }, rational: { code: 5, bytes: 8 } } as const;
/** Where the numbers begin, bytes: beyond everything the head may hold. */
const HEAD = 1024;

/**
 * A grey picture as an uncompressed TIFF with its resolution; sRGB numbers say so by a transfer function. (The package
 * that reads TIFF writes 8-bit colour only.)
 *
 * @source TIFF revision 6.0 (1992), sections 2, 4 and 20
 */
export function scanToTiff(picture: GreyPicture, dpi: number): Uint8Array<ArrayBuffer> {
  const { width, height, samples, most, encoding } = picture;
  const bytes = most === 255 ? 1 : 2;
  const fields: readonly Field[] = [
    [256, "long", [width]],
    [257, "long", [height]],
    [258, "short", [8 * bytes]],
    [259, "short", [1]],
    [262, "short", [1]],
    [273, "long", [HEAD]],
    [277, "short", [1]],
    [278, "long", [height]],
    [279, "long", [samples.length * bytes]],
    [282, "rational", [dpi, 1]],
    [283, "rational", [dpi, 1]],
    [296, "short", [2]],
    ...(encoding === "srgb" && bytes === 1 ? [[301, "short", transferFunction()] as const] : []),
  ];
  const file = new Uint8Array(HEAD + samples.length * bytes);
  const view = new DataView(file.buffer);
  file.set([0x49, 0x49, 42, 0, 8, 0, 0, 0]);
  writeFields(view, fields);
  for (let i = 0; i < samples.length; i++) {
    if (bytes === 1) file[HEAD + i] = samples[i] as number;
    else view.setUint16(HEAD + 2 * i, samples[i] as number, true);
  }
  return file;
}

function writeFields(view: DataView, fields: readonly Field[]): void {
  view.setUint16(8, fields.length, true);
  let far = 10 + 12 * fields.length + 4;
  for (const [index, [tag, type, values]] of fields.entries()) {
    const { code, bytes } = TYPES[type];
    const count = type === "rational" ? values.length / 2 : values.length;
    const at = 10 + 12 * index;
    view.setUint16(at, tag, true);
    view.setUint16(at + 2, code, true);
    view.setUint32(at + 4, count, true);
    const near = count * bytes <= 4;
    if (!near) view.setUint32(at + 8, far, true);
    for (const [i, value] of values.entries()) {
      const place = near ? at + 8 : far;
      if (type === "short") view.setUint16(place + 2 * i, value, true);
      else view.setUint32(place + 4 * i, value, true);
    }
    if (!near) far += count * bytes;
  }
}

/** Light for each of 256 numbers, to 65535. */
function transferFunction(): number[] {
  return Array.from({ length: 256 }, (_, value) => Math.round(fromSrgb(value / 255) * 65535));
}
