import { median } from "../../basis/numeric/index.ts";
import { turnedDensity } from "../../light/exposure/index.ts";
import type { NegativeScan } from "../model/negativeScan.ts";
import type { ProofSettings } from "../model/proofSettings.ts";
import { placeSheet } from "../scan/placeSheet.ts";
import { uprightDensities } from "./faults/uprightDensities.ts";

/** Of each step so much is looked at, in its middle: edges between steps are never where one thinks. */
const MIDDLE = 0.5;

/**
 * The densities of a strip's steps, side by side and equally wide, as the sheet lies upright.
 *
 * @param count of steps
 * @param along `across`: from left to right, `down`: from top to bottom
 * @returns median of the density that each step's middle shows, above nothing (with the base)
 * @example stripDensities(scan, { medium, sheet }, 7, "across").length // 7 …
 */
export function stripDensities(
  scan: NegativeScan,
  settings: ProofSettings,
  count: number,
  along: "across" | "down",
): readonly number[] {
  const { width, height, share } = uprightDensities(scan, settings, placeSheet(scan, settings));
  const { least, most } = settings.medium;
  const [length, wide] = along === "across" ? [width, height] : [height, width];
  return Array.from({ length: count }, (_, step) => {
    const from = Math.floor(((step + (1 - MIDDLE) / 2) / count) * length);
    const to = Math.max(from + 1, Math.ceil(((step + (1 + MIDDLE) / 2) / count) * length));
    const values: number[] = [];
    for (let i = from; i < to; i++) {
      for (let k = Math.floor(0.25 * wide); k < Math.ceil(0.75 * wide); k++) {
        values.push(share[along === "across" ? k * width + i : i * width + k] as number);
      }
    }
    return turnedDensity(settings.medium, least + (median(values) || 0) * (most - least));
  });
}
