import { toSrgb } from "../../basis/pictureValues/index.ts";
import { type Encoding, lightTable, type NegativeScan } from "../model/negativeScan.ts";

/** A part of a scan, small enough to be shown: sRGB and opacity. */
export interface ScanView {
  /** Where it lies in the scan, px. */
  readonly left: number;
  readonly top: number;
  /** Pixels of the scan for one of the view. */
  readonly step: number;
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
}

/** A rectangle of a scan, px. */
interface Part {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Of a large block about so many pixels each way are looked at. */
const LOOKS = 4;

/**
 * A part of a scan, no more than `most` pixels on its longer side, in its own colours.
 *
 * @param part cut off at the scan's edges
 * @returns mean light of blocks, as sRGB
 * @example scanView(scan, "file", { left: 0, top: 0, width: 2, height: 1 }, 2).step // 1 …
 */
export function scanView(scan: NegativeScan, encoding: Encoding, part: Part, most: number): ScanView {
  const left = Math.max(0, Math.floor(part.left));
  const top = Math.max(0, Math.floor(part.top));
  const across = Math.max(1, Math.min(scan.width - left, Math.ceil(part.width)));
  const down = Math.max(1, Math.min(scan.height - top, Math.ceil(part.height)));
  const step = Math.max(1, Math.ceil(Math.max(across, down) / most));
  const [width, height] = [Math.ceil(across / step), Math.ceil(down / step)];
  const light = lightTable(scan, encoding);
  const rgba = new Uint8ClampedArray(4 * width * height);
  const stride = Math.max(1, Math.floor(step / LOOKS));
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = 4 * (y * width + x);
      for (let channel = 0; channel < 3; channel++) {
        rgba[at + channel] =
          channel < scan.channels
            ? 255 * toSrgb(mean(scan, light, left + x * step, top + y * step, step, stride, channel))
            : (rgba[at] as number);
      }
      rgba[at + 3] = 255;
    }
  }
  return { left, top, step, width, height, rgba };
}

function mean(
  { width, height, channels, samples }: NegativeScan,
  light: Float64Array,
  left: number,
  top: number,
  step: number,
  stride: number,
  channel: number,
): number {
  let [sum, count] = [0, 0];
  for (let y = top; y < Math.min(height, top + step); y += stride) {
    for (let x = left; x < Math.min(width, left + step); x += stride) {
      sum += light[samples[(y * width + x) * channels + channel] as number] as number;
      count++;
    }
  }
  return sum / Math.max(1, count);
}
