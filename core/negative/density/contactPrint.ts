import { type DensityRange, densityCurve, exposureFor, midExposure } from "../../light/exposure/index.ts";
import type { NegativeMedium } from "../model/negativeCurve.ts";

/**
 * Of a paper negative's density as one looks at it, so much holds light back that goes through once: light that is looked
 * at has passed the silver twice. A stand-in, from memory; the paper's own fibre comes on top and is the same everywhere.
 */
const PASSED_ONCE = 0.5;

/**
 * What a contact print of a negative gets: an exposure of the negative to the density of the print.
 *
 * @param negative the curve of the negative
 * @param paper the curve and speed of the paper under it
 * @param stops light of the lamp: 0 gives mid-grey where the negative is blank
 * @param film whether the negative is film, whose density is that of light gone through once
 * @returns density of the print for log₁₀ H of the negative
 * @source PHYSICS section 11, “Contact print”: no time is computed, a strip decides; density curve of section 9
 * @example contactPrint({ least: 0.05, most: 2.05, range: 110, iso: 6 }, { least: 0.05, most: 2.05, range: 90, iso: 6 }, 0, false)(-9) // fog + 0.6
 */
export function contactPrint(
  negative: NegativeMedium,
  paper: NegativeMedium,
  stops: number,
  film: boolean,
): (logExposure: number) => number {
  const densityOf = densityCurve(negative, negative.iso);
  const printed = densityCurve(paper, paper.iso);
  const lamp = midExposure(paper.iso) * 2 ** stops;
  const share = film ? 1 : PASSED_ONCE;
  return (log) => printed(lamp * 10 ** (-share * (densityOf(10 ** log) - negative.least)));
}

/**
 * The light that a film positive must let through, so that a process with the curve of `paper` prints a tone: the negative
 * of the positive, curve included.
 *
 * @param paper the curve of the process
 * @param share what the print is to reflect, as a share of its paper's white, 0 to 1
 * @returns share of light let through, 0 to 1; 1 where the print is blackest
 * @source inverse of the density curve of PHYSICS section 9, kept 2 % from both ends
 * @example processFilm({ least: 0.05, most: 1.6, range: 150 }, 0) // 1
 */
export function processFilm(paper: DensityRange, share: number): number {
  const span = paper.most - paper.least;
  const [low, high] = [paper.least + 0.02 * span, paper.most - 0.02 * span];
  const kept = Math.min(high, Math.max(low, paper.least - Math.log10(Math.max(share, 1e-6))));
  return exposureFor(paper, 1, kept) / exposureFor(paper, 1, high);
}
