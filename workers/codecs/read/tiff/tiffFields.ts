/** The fields of one directory of a TIFF, by their tags: numbers, rationals as quotients. */
export type TiffFields = ReadonlyMap<number, readonly number[]>;

/** Tags we read. @source TIFF 6.0 (1992), section 8 and its supplements; 34675: ICC.1:2022, annex B; Exif 2.32 (CIPA DC-008-2019) */
export const TAG = {
  /** Of what kind a picture is: an odd number says that it is a smaller copy of another. */
  newKind: 254,
  width: 256,
  height: 257,
  bits: 258,
  packing: 259,
  meaning: 262,
  order: 266,
  strips: 273,
  orientation: 274,
  channels: 277,
  rowsAStrip: 278,
  stripBytes: 279,
  across: 282,
  up: 283,
  planes: 284,
  unit: 296,
  transfer: 301,
  predictor: 317,
  tileWidth: 322,
  tileHeight: 323,
  tiles: 324,
  tileBytes: 325,
  jpegTables: 347,
  profile: 34675,
  model: 272,
  exif: 34665,
  seconds: 33434,
  fNumber: 33437,
  iso: 34855,
  bias: 37380,
  focal35: 41989,
  apexTime: 37377,
  apexAperture: 37378,
  flash: 37385,
  takenAt: 36867,
  takenOffset: 36881,
  standardOutput: 34865,
  recommendedIndex: 34866,
  isoSpeed: 34867,
  colourSpace: 40961,
  /** Directories of further pictures that belong to one: the full one, where the first is its small copy. */
  further: 330,
  palette: 320,
  sampleFormat: 339,
} as const;

const KNOWN: ReadonlySet<number> = new Set(Object.values(TAG));
/** Fields that may be long; of others only the first numbers count. */
const LONG: ReadonlySet<number> = new Set([
  TAG.strips,
  TAG.stripBytes,
  TAG.tiles,
  TAG.tileBytes,
  TAG.profile,
  TAG.jpegTables,
  TAG.model,
  TAG.takenAt,
  TAG.takenOffset,
  TAG.palette,
]);
const FIRST = 16;
/** Bytes of one number by its type: bytes, letters, shorts, longs, rationals without and with sign. Others are passed over. @source TIFF 6.0, section 2 */
const SIZES: Readonly<Record<number, number>> = { 1: 1, 2: 1, 3: 2, 4: 4, 5: 8, 7: 1, 10: 8 };
/** Directories and fields in one that are looked at. */
const [MOST_PAGES, MOST_FIELDS] = [32, 512];

/**
 * The directories of a TIFF file (or of the Exif part of a JPEG, which is one). Only known fields are read, and never more
 * than the file holds, and never more directories than 32: one that leads back to itself is none the worse.
 *
 * @param tiff from its byte order mark on
 * @throws RangeError where a field lies beyond the end
 * @source TIFF 6.0 (1992), section 2
 */
export function tiffFields(tiff: Uint8Array): readonly TiffFields[] {
  const view = new DataView(tiff.buffer, tiff.byteOffset, tiff.byteLength);
  const little = view.getUint16(0) === 0x4949;
  const pages: TiffFields[] = [];
  let at = view.getUint32(4, little);
  while (at !== 0 && pages.length < MOST_PAGES) {
    const page = directory(view, at, little);
    pages.push(page);
    for (const further of page.get(TAG.further) ?? []) {
      if (further > 0 && pages.length < MOST_PAGES) pages.push(directory(view, further, little));
    }
    const next = at + 2 + 12 * view.getUint16(at, little);
    at = next + 4 <= view.byteLength ? view.getUint32(next, little) : 0;
  }
  return pages;
}

/** A picture of less than this share of the largest is a small copy of it, not another one. */
const ANOTHER = 0.25;

/** Pixels of a picture. */
export function pixelsOf(page: TiffFields): number {
  return firstOf(page, TAG.width) * firstOf(page, TAG.height);
}

/** The pictures of like size in a file, in its order: sheets that a scanner wrote one after the other. */
export function fullPages(all: readonly TiffFields[]): readonly TiffFields[] {
  const most = all.reduce((largest, page) => Math.max(largest, pixelsOf(page)), 0);
  return all.filter((page) => pixelsOf(page) >= ANOTHER * most && (firstOf(page, TAG.newKind) & 1) === 0);
}

/**
 * How many sheets a TIFF holds, by its head alone.
 *
 * @returns 1 for what is no TIFF, or damaged: its reader says why
 */
export function sheetsInTiff(bytes: Uint8Array): number {
  const mark = String.fromCharCode(...bytes.subarray(0, 4));
  if (mark !== "II*\0" && mark !== "MM\0*") return 1;
  try {
    return Math.max(1, fullPages(tiffFields(bytes)).length);
  } catch {
    return 1;
  }
}

/**
 * The fields of the directory that a first directory's Exif pointer leads to; none where there is no pointer.
 *
 * @param tiff from its byte order mark on
 * @throws RangeError where a field lies beyond the end
 */
export function exifFields(tiff: Uint8Array): TiffFields {
  const view = new DataView(tiff.buffer, tiff.byteOffset, tiff.byteLength);
  const [first = new Map()] = tiffFields(tiff);
  const at = firstOf(first, TAG.exif);
  const found = at === 0 ? new Map<number, readonly number[]>() : directory(view, at, view.getUint16(0) === 0x4949);
  const model = first.get(TAG.model);
  return model === undefined ? found : new Map([...found, [TAG.model, model]]);
}

function directory(view: DataView, at: number, little: boolean): Map<number, readonly number[]> {
  const fields = new Map<number, readonly number[]>();
  for (let i = 0; i < Math.min(view.getUint16(at, little), MOST_FIELDS); i++) {
    const entry = at + 2 + 12 * i;
    const tag = view.getUint16(entry, little);
    if (KNOWN.has(tag)) fields.set(tag, valuesAt(view, entry, LONG.has(tag), little));
  }
  return fields;
}

function valuesAt(view: DataView, entry: number, long: boolean, little: boolean): readonly number[] {
  const type = view.getUint16(entry + 2, little);
  const size = SIZES[type];
  if (size === undefined) return [];
  const stated = view.getUint32(entry + 4, little);
  const at = stated * size <= 4 ? entry + 8 : view.getUint32(entry + 8, little);
  const count = long ? stated : Math.min(stated, FIRST);
  if (at + count * size > view.byteLength) throw new RangeError("a field lies beyond the end of the file");
  return Array.from({ length: count }, (_, i) => numberAt(view, at + i * size, type, little));
}

function numberAt(view: DataView, at: number, type: number, little: boolean): number {
  if (type === 3) return view.getUint16(at, little);
  if (type === 4) return view.getUint32(at, little);
  if (type === 5) return view.getUint32(at, little) / view.getUint32(at + 4, little);
  if (type === 10) return view.getInt32(at, little) / view.getInt32(at + 4, little);
  return view.getUint8(at);
}

/** The first number of a field; 0 where there is none. */
export function firstOf(fields: TiffFields, tag: number): number {
  return fields.get(tag)?.[0] ?? 0;
}

/** What a directory states of the resolution each way, dots per inch; `null` where it states none. */
export function statedDpi(fields: TiffFields): { readonly x: number; readonly y: number } | null {
  const [x, y] = [firstOf(fields, TAG.across), firstOf(fields, TAG.up)];
  const unit = fields.has(TAG.unit) ? firstOf(fields, TAG.unit) : 2;
  if (!(x > 0) || unit === 1) return null;
  const perInch = unit === 3 ? 2.54 : 1;
  return { x: x * perInch, y: (y > 0 ? y : x) * perInch };
}
