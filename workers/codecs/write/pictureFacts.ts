import { joined } from "../../../core/basis/numeric/index.ts";
import { jpegParts } from "../read/jpegParts.ts";
import { rational, type TiffField, tiffDirectory, tiffHead } from "./tiffDirectory.ts";

/** What is written into a picture's file: its camera, and how it was taken. */
export interface PictureFacts {
  /** The camera's own name. */
  readonly camera: string;
  readonly subject: string;
  readonly fNumber: number | null;
  readonly seconds: number | null;
  readonly iso: number | null;
  /** When the hole was opened, ISO 8601 with offset. */
  readonly openedAt: string | null;
}

/**
 * The facts as an Exif block (a small TIFF): camera, f-number, time, speed, date, resolution; colours are sRGB.
 *
 * @param dpi pixels an inch
 * @param jpeg the size of the JPEG it goes into: such a block says more
 * @source Exif 2.32 (CIPA DC-008-2019), 4.6
 */
export function exifOf(
  facts: PictureFacts,
  dpi: number,
  jpeg: { readonly width: number; readonly height: number } | null = null,
): Uint8Array<ArrayBuffer> {
  const { camera, subject } = facts;
  const outer = (at: number): TiffField[] => [
    [270, "ascii", plain(subject)],
    [271, "ascii", "Made by hand"],
    [272, "ascii", plain(camera)],
    [282, "rational", rational(dpi)],
    [283, "rational", rational(dpi)],
    [296, "short", [2]],
    [305, "ascii", "Still Box"],
    ...(jpeg === null ? [] : ([[531, "short", [1]]] satisfies TiffField[])),
    [34665, "long", [at]],
  ];
  const head = 8;
  const at = head + tiffDirectory(outer(0), head).length;
  return joined([tiffHead(head), tiffDirectory(outer(at), head), tiffDirectory(exifFields(facts, jpeg), at)]);
}

/**
 * The fields of an Exif directory: f-number, time, speed, date; colours are sRGB.
 *
 * @source Exif 2.32 (CIPA DC-008-2019), 4.6.5
 */
export function exifFields(
  { fNumber, seconds, iso, openedAt }: PictureFacts,
  jpeg: { readonly width: number; readonly height: number } | null = null,
): readonly TiffField[] {
  const [day, offset] = timeOf(openedAt);
  return [
    ...(seconds === null ? [] : ([[33434, "rational", rational(seconds)]] satisfies TiffField[])),
    ...(fNumber === null ? [] : ([[33437, "rational", rational(fNumber)]] satisfies TiffField[])),
    ...(iso === null
      ? []
      : ([[34855, "short", [Math.max(1, Math.min(65535, Math.round(iso)))]]] satisfies TiffField[])),
    [36864, "undefined", Uint8Array.from("0232", (letter) => letter.charCodeAt(0))],
    ...(day === null ? [] : ([[36867, "ascii", day]] satisfies TiffField[])),
    ...(offset === null ? [] : ([[36881, "ascii", offset]] satisfies TiffField[])),
    // Brightness and two colours, in this order.
    ...(jpeg === null ? [] : ([[37121, "undefined", Uint8Array.of(1, 2, 3, 0)]] satisfies TiffField[])),
    // The version of a standard that readers ask for.
    [40960, "undefined", Uint8Array.from("0100", (letter) => letter.charCodeAt(0))],
    [40961, "short", [1]],
    ...(jpeg === null
      ? []
      : ([
          [40962, "long", [jpeg.width]],
          [40963, "long", [jpeg.height]],
        ] satisfies TiffField[])),
  ];
}

/** Exif's own way to write a time: the clock on the wall, and its offset. */
function timeOf(iso: string | null): readonly [string | null, string | null] {
  const found = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2}):(\d{2})(?:\.\d+)?(Z|[+-]\d{2}:\d{2})$/.exec(iso ?? "");
  if (found === null) return [null, null];
  const [, year, month, day, hour, minute, second, offset] = found;
  return [`${year}:${month}:${day} ${hour}:${minute}:${second}`, offset === "Z" ? "+00:00" : (offset ?? null)];
}

/** Letters that are no marked others, as they are spelt in plain ones. */
const SPELT: Readonly<Record<string, string>> = {
  ß: "ss",
  æ: "ae",
  Æ: "Ae",
  œ: "oe",
  Œ: "Oe",
  ø: "o",
  Ø: "O",
  ł: "l",
  Ł: "L",
  đ: "d",
  Đ: "D",
};

/** Exif's texts, and those of TIFF, are ASCII: letters with marks lose them, others become question marks. */
export function plain(words: string): string {
  return words
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .replace(/[ßæÆœŒøØłŁđĐ]/g, (letter) => SPELT[letter] ?? letter)
    .replace(/[’‘]/g, "'")
    .replace(/[–—]/g, "-")
    .replace(/[^\x20-\x7e]/g, "?");
}

/**
 * The facts as an XMP packet, in full Unicode.
 *
 * @source XMP Specification Part 1 (ISO 16684-1:2019), 7; Part 2 for Exif's names
 */
export function xmpOf({ camera, subject, fNumber, seconds, openedAt }: PictureFacts): string {
  const quotient = (value: number): string => rational(value).join("/");
  const named = [
    ...(fNumber === null ? [] : [`exif:FNumber="${quotient(fNumber)}"`]),
    ...(seconds === null ? [] : [`exif:ExposureTime="${quotient(seconds)}"`]),
    ...(openedAt === null ? [] : [`exif:DateTimeOriginal="${escaped(openedAt)}"`]),
    `tiff:Model="${escaped(camera)}"`,
    'xmp:CreatorTool="Still Box"',
  ].join(" ");
  return `<?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?><x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:exif="http://ns.adobe.com/exif/1.0/" xmlns:tiff="http://ns.adobe.com/tiff/1.0/" xmlns:xmp="http://ns.adobe.com/xap/1.0/" ${named}><dc:title><rdf:Alt><rdf:li xml:lang="x-default">${escaped(subject)}</rdf:li></rdf:Alt></dc:title></rdf:Description></rdf:RDF></x:xmpmeta><?xpacket end="w"?>`;
}

function escaped(words: string): string {
  return words.replace(/&/g, "&amp;").replace(/</g, "&lt;").replace(/>/g, "&gt;").replace(/"/g, "&quot;");
}

/**
 * A JPEG with its facts: Exif with its resolution, XMP and the profile of sRGB behind its first mark. What its writer said of
 * it (JFIF, a profile of its own) goes: Exif wants to stand first, and one profile is enough.
 *
 * @source ITU-T T.81 (segments); Exif 2.32, 4.7.2; ISO 16684-3 (XMP in JPEG); ICC.1:2022, B.4
 */
export function withJpegFacts(
  jpeg: Uint8Array<ArrayBuffer>,
  facts: PictureFacts,
  profile: Uint8Array<ArrayBuffer>,
  dpi: number,
): Uint8Array<ArrayBuffer> {
  const text = (words: string): Uint8Array<ArrayBuffer> => new TextEncoder().encode(words);
  const segments = [
    segment(0xe1, joined([text("Exif\0\0"), exifOf(facts, dpi, jpegParts(jpeg))])),
    segment(0xe1, joined([text("http://ns.adobe.com/xap/1.0/\0"), text(xmpOf(facts))])),
    segment(0xe2, joined([text("ICC_PROFILE\0"), Uint8Array.of(1, 1), profile])),
  ];
  return joined([jpeg.subarray(0, 2), ...segments, jpeg.subarray(behindFacts(jpeg))]);
}

/** Where the segments for programs (APP0 to APP15) at a JPEG's beginning end. */
function behindFacts(jpeg: Uint8Array): number {
  let at = 2;
  while (jpeg[at] === 0xff && ((jpeg[at + 1] as number) & 0xf0) === 0xe0) {
    at += 2 + (jpeg[at + 2] as number) * 256 + (jpeg[at + 3] as number);
  }
  return at;
}

function segment(mark: number, data: Uint8Array): Uint8Array<ArrayBuffer> {
  const length = data.length + 2;
  return joined([Uint8Array.of(0xff, mark, length >> 8, length & 255), data]);
}
