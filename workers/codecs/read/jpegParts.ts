/** What a JPEG says of itself before it is unpacked. */
export interface JpegParts {
  /** px; 0 where no frame header was found. */
  readonly width: number;
  readonly height: number;
  /** Numbers a pixel; 0 where no frame header was found. */
  readonly components: number;
  /** The kind of its frame, by its marker; `null` where none was found. */
  readonly frame: number | null;
  /** Times the picture is gone over: 1, or some ten where it comes coarse first. */
  readonly scans: number;
  /** Segments for programs, by number (APP0, APP1 …), in their order. */
  readonly segments: readonly { readonly app: number; readonly data: Uint8Array<ArrayBuffer> }[];
}

/** None that a camera or scanner writes goes over its picture more often. */
export const MOST_SCANS = 64;
const MOST_SEGMENTS = 1024;

/**
 * Walks over the markers of a JPEG; nothing is unpacked. It ends where the file does, or where it has no marker any more.
 *
 * @source ITU-T T.81 (1992), annex B
 */
export function jpegParts(bytes: Uint8Array<ArrayBuffer>): JpegParts {
  const segments: JpegParts["segments"][number][] = [];
  let [width, height, scans, components] = [0, 0, 0, 0];
  let frame: number | null = null;
  let at = 2;
  while (at + 4 <= bytes.length && segments.length < MOST_SEGMENTS) {
    const marker = bytes[at + 1] as number;
    // Fill bytes may stand before a marker.
    if (bytes[at] !== 0xff) break;
    if (marker === 0xff) {
      at++;
      continue;
    }
    if (marker === 0xd9) break;
    const length = (bytes[at + 2] as number) * 256 + (bytes[at + 3] as number);
    const data = bytes.subarray(at + 4, at + 2 + length);
    if (isFrame(marker) && data.length >= 5) {
      height = Math.max(height, (data[1] as number) * 256 + (data[2] as number));
      width = Math.max(width, (data[3] as number) * 256 + (data[4] as number));
      components = Math.max(components, data[5] ?? 0);
      frame ??= marker;
    }
    if (marker >= 0xe0 && marker <= 0xef) segments.push({ app: marker - 0xe0, data });
    at += 2 + length;
    if (marker !== 0xda) continue;
    scans++;
    at = nextMarker(bytes, at);
  }
  return { width, height, components, frame, scans, segments };
}

/** Start of frame: C0 to CF without DHT, JPG and DAC. */
function isFrame(marker: number): boolean {
  return marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
}

/** Where the next marker stands behind packed data: FF there is followed by 0, or by a restart's number. */
function nextMarker(bytes: Uint8Array, from: number): number {
  let at = bytes.indexOf(0xff, from);
  while (at !== -1 && at + 1 < bytes.length) {
    const next = bytes[at + 1] as number;
    if (next !== 0 && next !== 0xff && !(next >= 0xd0 && next <= 0xd7)) return at;
    at = bytes.indexOf(0xff, at + 1);
  }
  return bytes.length;
}
