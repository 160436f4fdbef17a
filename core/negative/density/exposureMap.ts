import { type NegativeMedium, negativeCurve } from "../model/negativeCurve.ts";
import { type Encoding, lightTable, type NegativeScan, type Plane, readRow } from "../model/negativeScan.ts";
import type { SheetPlacement } from "../scan/sheetInScan.ts";

/** log₁₀ of the exposure, lx·s, of the pixels of a scan round its sheet. */
export interface ExposureMap {
  /** Where it lies in the scan, px. */
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** Row by row. */
  readonly log: Float32Array;
}

/** Pixels round the sheet that its edge is drawn from. */
const BORDER = 3;

/**
 * The exposures of a scanned sheet: what its densities say through the curve of its medium.
 *
 * @param white light of the unexposed sheet, linear, > 0
 * @param plane luminance, or one channel by itself
 * @returns a map of the rectangle that holds the sheet
 * @source PHYSICS section 11
 * @example exposureMap(scan, "file", placement, paper, 0.85, "luminance").log[0] // -0.2 …
 */
export function exposureMap(
  scan: NegativeScan,
  encoding: Encoding,
  placement: SheetPlacement,
  medium: NegativeMedium,
  white: number,
  plane: Plane,
): ExposureMap {
  const { left, top, right, bottom } = boundsOf(placement, scan);
  const [width, height] = [Math.max(0, right - left), Math.max(0, bottom - top)];
  const log = new Float32Array(width * height);
  const light = lightTable(scan, encoding);
  const { logExposure } = negativeCurve(medium, white);
  if (scan.channels === 1) {
    const table = Float32Array.from(light, logExposure);
    for (let y = 0; y < height; y++) {
      let from = (top + y) * scan.width + left;
      for (let at = y * width; at < (y + 1) * width; at++, from++)
        log[at] = table[scan.samples[from] as number] as number;
    }
  } else {
    const read = readRow(scan, light, plane);
    const row = new Float64Array(width);
    for (let y = 0; y < height; y++) {
      read(top + y, left, right, row);
      for (let x = 0; x < width; x++) log[y * width + x] = logExposure(row[x] as number);
    }
  }
  return { left, top, width, height, log };
}

function boundsOf(
  { corners }: SheetPlacement,
  { width, height }: NegativeScan,
): Record<"left" | "top" | "right" | "bottom", number> {
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  return {
    left: Math.max(0, Math.floor(Math.min(...xs)) - BORDER),
    top: Math.max(0, Math.floor(Math.min(...ys)) - BORDER),
    right: Math.min(width, Math.ceil(Math.max(...xs)) + BORDER),
    bottom: Math.min(height, Math.ceil(Math.max(...ys)) + BORDER),
  };
}
