/** A field of a TIFF's directory: its number, the type of its values, and they; text is ASCII. */
export type TiffField =
  | readonly [tag: number, type: "byte" | "short" | "long" | "rational", values: readonly number[]]
  | readonly [tag: number, type: "ascii", text: string]
  | readonly [tag: number, type: "undefined", bytes: Uint8Array];

const TYPES = { byte: 1, ascii: 2, short: 3, long: 4, rational: 5, undefined: 7 } as const;
const SIZES = { byte: 1, ascii: 1, short: 2, long: 4, rational: 8, undefined: 1 } as const;

/**
 * One directory of a TIFF, the lower byte first, with the values that do not fit into it behind it.
 *
 * @param at where it will stand in the file, bytes
 * @param next where the next directory stands; 0: none
 * @source TIFF revision 6.0 (1992), section 2
 */
export function tiffDirectory(fields: readonly TiffField[], at: number, next = 0): Uint8Array<ArrayBuffer> {
  const sorted = [...fields].sort(([a], [b]) => a - b);
  const values = sorted.map(bytesOf);
  const head = 2 + 12 * sorted.length + 4;
  const far = values.map((bytes) => (bytes.length > 4 ? bytes.length + (bytes.length % 2) : 0));
  const out = new Uint8Array(head + far.reduce((sum, size) => sum + size, 0));
  const view = new DataView(out.buffer);
  view.setUint16(0, sorted.length, true);
  let place = head;
  for (const [index, [tag, type]] of sorted.entries()) {
    const bytes = values[index] as Uint8Array;
    const entry = 2 + 12 * index;
    view.setUint16(entry, tag, true);
    view.setUint16(entry + 2, TYPES[type], true);
    view.setUint32(entry + 4, bytes.length / SIZES[type], true);
    if (bytes.length <= 4) out.set(bytes, entry + 8);
    else {
      view.setUint32(entry + 8, at + place, true);
      out.set(bytes, place);
      place += far[index] as number;
    }
  }
  view.setUint32(2 + 12 * sorted.length, next, true);
  return out;
}

function bytesOf(field: TiffField): Uint8Array {
  const [, type, value] = field;
  if (type === "undefined") return value;
  if (type === "ascii") return Uint8Array.from([...value, "\0"], (letter) => Math.min(255, letter.charCodeAt(0)));
  if (type === "byte") return Uint8Array.from(value);
  const size = type === "short" ? 2 : 4;
  const view = new DataView(new ArrayBuffer(size * value.length));
  for (const [i, number] of value.entries()) {
    if (size === 2) view.setUint16(2 * i, number, true);
    else view.setUint32(4 * i, number, true);
  }
  return new Uint8Array(view.buffer);
}

/** The mark at the beginning of a TIFF: lower byte first, and where its first directory stands. */
export function tiffHead(directory: number): Uint8Array<ArrayBuffer> {
  const head = new Uint8Array([0x49, 0x49, 42, 0, 0, 0, 0, 0]);
  new DataView(head.buffer).setUint32(4, directory, true);
  return head;
}

/** A number as a quotient of whole ones, to six places. */
export function rational(value: number): readonly [number, number] {
  if (value >= 1) return value < 4000 ? [Math.round(value * 1e6), 1e6] : [Math.round(value), 1];
  return [1e6, Math.min(2 ** 32 - 1, Math.max(1, Math.round(1e6 / value)))];
}
