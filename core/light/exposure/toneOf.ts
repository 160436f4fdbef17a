import { type DensityRange, densityCurve, midExposure } from "./densityCurve.ts";

/** How a place of the scene comes out on the negative. */
export interface PaperTone {
  readonly density: number;
  /** Share of all densities there are, 0 to 1. */
  readonly share: number;
  readonly word: "white" | "faint" | "grey" | "dark" | "black";
}

/** Ends of what counts as blank and as burnt, shares of ΔD. PHYSICS section 11. */
const [BLANK, BURNT] = [0.02, 0.95];
/** Where a grey begins to be called so, and where it ends: thirds of what is left, common practice. */
const [GREY, DARK] = [0.15, 0.6];

/**
 * How a place comes out that is so many stops over or under what the exposure was reckoned for.
 *
 * @param stops of light over the middle; negative: darker places
 * @param curve of the medium
 * @param iso its speed
 * @param flash even exposure beforehand, lx·s
 * @returns its density and a word for it
 * @source density curve: PHYSICS section 9; blank and burnt: section 11
 * @example toneOf(0, { least: 0.05, most: 2.05, range: 110 }, 6).word // "grey"
 */
export function toneOf(stops: number, curve: DensityRange, iso: number, flash = 0): PaperTone {
  const density = densityCurve(curve, iso)(midExposure(iso) * 2 ** stops + flash);
  const share = (density - curve.least) / (curve.most - curve.least);
  const word =
    share < BLANK ? "white" : share < GREY ? "faint" : share < DARK ? "grey" : share < BURNT ? "dark" : "black";
  return { density, share, word };
}
