import { distributionOfLight } from "./density/distributionOfLight.ts";
import { toneFor, toneOfLog } from "./density/tone.ts";
import { negativeCurve } from "./model/negativeCurve.ts";
import { lightTable, type NegativeScan } from "./model/negativeScan.ts";
import type { ProofSettings } from "./model/proofSettings.ts";
import type { ProofPicture } from "./proof.ts";
import { noPicture, type PlacedSheet } from "./scan/placeSheet.ts";

/**
 * The positive of a grey scan whose sheet lies square on its pixels: each number becomes a tone by one table, row by row
 * from the last. The same picture as by the long way, many times quicker.
 *
 * @param placed the sheet in its scan
 * @returns `null` where pixels of the positive are not pixels of the scan (turned, unbent, resized, sharpened, in colour)
 * @source PHYSICS section 11; FORMAT, `POST /api/proof`
 * @example pointwise(scan, { medium, sheet }, placeSheet(scan, { medium, sheet })) // a picture, or null …
 */
export function pointwise(scan: NegativeScan, settings: ProofSettings, placed: PlacedSheet): ProofPicture | null {
  const part = squarePart(scan, settings, placed);
  if (part === null || noPicture(placed) !== null) return null;
  const { left, top, width, height } = part;
  const bits = settings.output?.bits ?? 8;
  const most = bits === 8 ? 255 : 65535;
  const { logExposure } = negativeCurve(settings.medium, placed.white);
  const light = lightTable(scan, settings.encoding ?? "file");
  const spread = distributionOfLight(placed.light, settings.medium, placed.white);
  const tone = toneFor(spread, { low: null, high: null, gamma: null, ...settings.tone });
  // A scan has few numbers: each is worked out.
  const number = (exposure: number): number => Math.floor(most * toneOfLog(tone, exposure) + 0.5);
  const data = bits === 8 ? new Uint8Array(2 * width * height) : new Uint16Array(2 * width * height);
  if (bits === 8)
    fillBytes(
      data as Uint8Array,
      scan,
      part,
      Uint8Array.from(light, (value) => number(Math.fround(logExposure(value)))),
    );
  else {
    const table = Uint16Array.from(light, (value) => number(Math.fround(logExposure(value))));
    for (let y = 0, to = 0; y < height; y++) {
      let from = (top + height - 1 - y) * scan.width + left;
      for (let x = 0; x < width; x++, from++) {
        data[to++] = table[scan.samples[from] as number] as number;
        data[to++] = most;
      }
    }
  }
  return { width, height, channels: 2, bits, data, tones: [tone] };
}

interface Part {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Grey and opacity of four neighbours at once, where rows begin at fourth places: four bytes of the scan are one number,
 * and two pixels of the picture another. Else pixel by pixel.
 */
function fillBytes(data: Uint8Array, { samples, width: across }: NegativeScan, part: Part, table: Uint8Array): void {
  const { left, top, width, height } = part;
  const bytes = samples as Uint8Array;
  if ((left | width | across | bytes.byteOffset) % 4 === 0) {
    const fours = new Uint32Array(bytes.buffer, bytes.byteOffset, bytes.length >> 2);
    const out = new Uint32Array(data.buffer);
    const both = new Uint32Array(65536);
    for (let pair = 0; pair < 65536; pair++)
      both[pair] = (table[pair & 255] as number) | 0xff00 | ((table[pair >> 8] as number) << 16) | 0xff000000;
    for (let y = 0, to = 0; y < height; y++) {
      const from = ((top + height - 1 - y) * across + left) >> 2;
      const end = from + (width >> 2);
      for (let i = from; i < end; i++, to += 2) {
        const four = fours[i] as number;
        out[to] = both[four & 65535] as number;
        out[to + 1] = both[four >>> 16] as number;
      }
    }
    return;
  }
  const out = new Uint16Array(data.buffer);
  for (let y = 0, to = 0; y < height; y++) {
    let from = (top + height - 1 - y) * across + left;
    for (let x = 0; x < width; x++) out[to++] = (table[bytes[from++] as number] as number) | 0xff00;
  }
}

/** The part of the scan that is the sheet, where each of its pixels is one of the picture. */
function squarePart(
  scan: NegativeScan,
  { projection = "lay", evenLight, sharpen, colour, sheet, output }: ProofSettings,
  { sheet: placed }: PlacedSheet,
): Part | null {
  if (scan.channels !== 1 || projection !== "lay" || evenLight || sharpen || colour || output?.kind === "exposure")
    return null;
  const [a, b, c, d] = placed.corners;
  const isSquare =
    [a.x, a.y, c.x, c.y].every(Number.isInteger) && b.x === c.x && b.y === a.y && d.x === a.x && d.y === c.y;
  if (!isSquare || placed.seen !== "emulsion") return null;
  const [width, height] = [c.x - a.x, c.y - a.y];
  if (a.x < 0 || a.y < 0 || c.x > scan.width || c.y > scan.height || width < 1 || height < 1) return null;
  const wide = output?.width ?? Math.max(1, Math.round(sheet.width * placed.pixelsPerMm));
  return wide === width && Math.round((wide * sheet.height) / sheet.width) === height
    ? { left: a.x, top: a.y, width, height }
    : null;
}
