import { findRoot } from "../../basis/numeric/index.ts";
import { type BandLine, meanWavelength } from "./lightBand.ts";
import { scaledContrast } from "./scaledContrast.ts";

/**
 * Contrast for a band, scaled by its mean wavelength: signed values of all lines added, then judged (PHYSICS section 1).
 * With c and n meant for the mean wavelength λ̄, a line at λ has c·√(λ̄/λ) and n·√(λ/λ̄): the scaling law holds for
 * bands too, so that one curve serves every distance.
 */
export function bandContrast(band: readonly BandLine[], n: number, c: number): number {
  const mean = meanWavelength(band);
  let sum = 0;
  for (const { wavelengthNm, share } of band) {
    const ratio = Math.sqrt(wavelengthNm / mean);
    sum += share * scaledContrast(n * ratio, c / ratio);
  }
  return sum;
}

/** The lowest scaled frequency at which the contrast of a band falls to `contrast`; accurate to about 1e-6. */
export function bandResolution(band: readonly BandLine[], contrast: number, c: number): number {
  const excess = (n: number): number => bandContrast(band, n, c) - contrast;
  const step = c * Math.min(1 / 40, 0.25 / (Math.PI * c * c));
  let n = step;
  while (n < 2 * c && excess(n) > 0) n += step;
  return findRoot(excess, n - step, n, 1e-7);
}
