import type { BandLine } from "./lightBand.ts";

/**
 * A band in a few lines of equal share, each at the mean wavelength of its part.
 *
 * @param count how many lines at most, a whole number > 0
 * @returns lines in order of wavelength, shares adding to those of the band
 * @example fewLines([{ wavelengthNm: 400, share: 0.5 }, { wavelengthNm: 500, share: 0.5 }], 1) // [{ wavelengthNm: 450, share: 1 }]
 */
export function fewLines(band: readonly BandLine[], count: number): readonly BandLine[] {
  const parts = Array.from({ length: count }, () => ({ sum: 0, share: 0 }));
  let passed = 0;
  for (const { wavelengthNm, share } of band) {
    const part = parts[Math.min(count - 1, Math.floor((passed + share / 2) * count))];
    if (part !== undefined) {
      part.sum += wavelengthNm * share;
      part.share += share;
    }
    passed += share;
  }
  return parts.filter(({ share }) => share > 0).map(({ sum, share }) => ({ wavelengthNm: sum / share, share }));
}
