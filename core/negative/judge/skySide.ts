import type { NegativeScan } from "../model/negativeScan.ts";
import type { ProofSettings } from "../model/proofSettings.ts";
import type { PlacedSheet } from "../scan/placeSheet.ts";
import { uprightDensities } from "./faults/uprightDensities.ts";

/** Sides of a sheet in its scan: 0 from its first corner to its second, clockwise. */
export type SideOfSheet = 0 | 1 | 2 | 3;

/** Longer side of what is looked at, px. */
const SIDE = 60;
/** Depth of the strips compared, and what is left out at the very edge, as shares of the sheet. */
const DEPTH = 0.25;
const RIM = 0.06;
/** A sky is so much denser than what lies opposite (as a share of all the density there is), at least. */
const LEAST_STEP = 0.12;
/** And that difference is so many times the one between the two other sides. */
const CLEARLY = 1.6;

/**
 * The side of a square sheet that the sky fell on: the side that got far more light than the one opposite. A picture
 * stands upside down on its sheet, so that this is the lower edge, as the sheet stood.
 *
 * @returns the side, as the corners are named now; `null` where no side tells itself apart
 * @example skySide(scan, settings, placeSheet(scan, settings)) // 2 for a sheet that is named as it stood …
 */
export function skySide(scan: NegativeScan, settings: ProofSettings, placed: PlacedSheet): SideOfSheet | null {
  const { width, height, share } = uprightDensities(scan, settings, placed, SIDE);
  const meanOf = (isIn: (u: number, v: number) => boolean): number => {
    let [sum, count] = [0, 0];
    for (let y = 0; y < height; y++) {
      for (let x = 0; x < width; x++) {
        const [u, v] = [(x + 0.5) / width, (y + 0.5) / height];
        const onRim = Math.min(u, v, 1 - u, 1 - v) < RIM;
        if (onRim || !isIn(u, v)) continue;
        sum += share[y * width + x] as number;
        count++;
      }
    }
    return sum / Math.max(1, count);
  };
  const [top, bottom] = [meanOf((_, v) => v < DEPTH), meanOf((_, v) => v > 1 - DEPTH)];
  const [left, right] = [meanOf((u) => u < DEPTH), meanOf((u) => u > 1 - DEPTH)];
  const [upright, across] = [top - bottom, left - right];
  const [larger, smaller] = [Math.abs(upright), Math.abs(across)].sort((a, b) => b - a) as [number, number];
  if (larger < LEAST_STEP || larger < CLEARLY * smaller) return null;
  if (larger === Math.abs(upright)) return upright > 0 ? 2 : 0;
  // Seen through its back the sheet lies the other way round in the scan.
  return across > 0 === (placed.sheet.seen === "emulsion") ? 3 : 1;
}
