import { negativeCurve } from "../../model/negativeCurve.ts";
import type { NegativeScan } from "../../model/negativeScan.ts";
import type { ProofSettings } from "../../model/proofSettings.ts";
import { type SmallPicture, smallPicture } from "../../scan/findSheet.ts";
import type { PlacedSheet } from "../../scan/placeSheet.ts";

/** Densities of a sheet above its base, as shares of what there is, upright, row by row. */
export interface UprightDensities {
  readonly width: number;
  readonly height: number;
  /** mm for one pixel. */
  readonly pitch: number;
  readonly share: Float32Array;
}

/** Longer side, px. */
const SIDE = 240;

/**
 * A sheet's densities in the small, upright: what faults are looked for in.
 *
 * @param side pixels on the longer side
 * @returns 0 where blank, 1 where black
 * @example uprightDensities(scan, settings, placeSheet(scan, settings)).width // 240 for a sheet that lies across …
 */
export function uprightDensities(
  scan: NegativeScan,
  settings: ProofSettings,
  { sheet, white }: PlacedSheet,
  side: number = SIDE,
): UprightDensities {
  const curve = negativeCurve(settings.medium, Math.max(white, 1e-6));
  const { least, most } = settings.medium;
  const small = smallPicture(scan, settings.encoding ?? "file", Math.round(side * 1.5));
  const pitch = Math.max(sheet.width, sheet.height) / side;
  const width = Math.max(1, Math.round(sheet.width / pitch));
  const height = Math.max(1, Math.round(sheet.height / pitch));
  const share = new Float32Array(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = sheet.toScan(sheet.width / 2 - (x + 0.5) * pitch, (y + 0.5) * pitch - sheet.height / 2);
      const density = curve.density(lightAt(small, at.x / small.step - 0.5, at.y / small.step - 0.5));
      share[y * width + x] = Math.min(2, Math.max(0, (density - least) / (most - least)));
    }
  }
  return { width, height, pitch, share };
}

/** Light between pixels, by straight lines. */
function lightAt({ width, height, light }: SmallPicture, x: number, y: number): number {
  const px = Math.min(width - 1, Math.max(0, x));
  const py = Math.min(height - 1, Math.max(0, y));
  const at = (py | 0) * width + (px | 0);
  const right = (px | 0) + 1 < width ? 1 : 0;
  const down = (py | 0) + 1 < height ? width : 0;
  const u = px % 1;
  const upper = (light[at] as number) * (1 - u) + (light[at + right] as number) * u;
  const lower = (light[at + down] as number) * (1 - u) + (light[at + down + right] as number) * u;
  return upper + (lower - upper) * (py % 1);
}
