import { once } from "../../basis/numeric/index.ts";

/** A part of the light that a medium sees: wavelength and share (all shares of a band add to 1). */
export interface BandLine {
  readonly wavelengthNm: number;
  readonly share: number;
}

/** Relative energy of a glowing body at a temperature, per wavelength: Planck's law. Source: CODATA c₂ = 1.438777e7 nm·K. */
export function glow(wavelengthNm: number, kelvin: number): number {
  return wavelengthNm ** -5 / Math.expm1(1.438777e7 / (wavelengthNm * kelvin));
}
/** Colour temperature of the daylight that papers and films are rated in, K. Common practice. */
export const DAYLIGHT = 5500;
/** Colour temperature of a lamp: CIE illuminant A, K. */
export const LAMPLIGHT = 2856;

const STEP_NM = 10;

/**
 * The band of light that counts: energy of the light times sensitivity of the medium, in steps of 10 nm.
 *
 * @param sensitivity relative, linear (not its logarithm), as points (nm, value) joined by straight lines; 0 outside
 * @param kelvin colour temperature of the light: 5500 for daylight, 2856 for a lamp (CIE illuminant A)
 * @returns lines in order of wavelength, shares adding to 1; faint ends are left out
 * @example lightBand([[400, 1], [500, 1]], 5500).length // 11
 */
export function lightBand(sensitivity: readonly (readonly [number, number])[], kelvin: number): readonly BandLine[] {
  const lines = energies(sensitivity, kelvin);
  const sum = total(lines);
  return lines
    .map(({ wavelengthNm, share }) => ({ wavelengthNm, share: share / sum }))
    .filter(({ share }) => share > 1e-4);
}

/**
 * All the light that a medium makes use of, relative: energy of the light times sensitivity, added up.
 *
 * @returns ≥ 0, comparable at one colour temperature only
 * @example lightBandEnergy([[500, 2], [520, 2]], 5500) / lightBandEnergy([[500, 1], [520, 1]], 5500) // 2
 */
export function lightBandEnergy(sensitivity: readonly (readonly [number, number])[], kelvin: number): number {
  return total(energies(sensitivity, kelvin));
}

function energies(sensitivity: readonly (readonly [number, number])[], kelvin: number): BandLine[] {
  const first = sensitivity[0]?.[0] ?? 0;
  const last = sensitivity.at(-1)?.[0] ?? 0;
  const lines: BandLine[] = [];
  for (let nm = Math.ceil(first / STEP_NM) * STEP_NM; nm <= last; nm += STEP_NM) {
    lines.push({ wavelengthNm: nm, share: between(sensitivity, nm) * glow(nm, kelvin) });
  }
  return lines;
}

function total(lines: readonly BandLine[]): number {
  return lines.reduce((sum, { share }) => sum + share, 0);
}

function between(points: readonly (readonly [number, number])[], at: number): number {
  const right = points.findIndex(([nm]) => nm >= at);
  if (right <= 0) return right === 0 && points[0]?.[0] === at ? (points[0]?.[1] ?? 0) : 0;
  const [[x0, y0], [x1, y1]] = [points[right - 1], points[right]] as [
    readonly [number, number],
    readonly [number, number],
  ];
  return y0 + ((y1 - y0) * (at - x0)) / (x1 - x0);
}

/**
 * Wavelength in the middle of a band by energy, nm.
 *
 * @returns nm
 * @example meanWavelength([{ wavelengthNm: 400, share: 0.5 }, { wavelengthNm: 500, share: 0.5 }]) // 450
 */
export function meanWavelength(band: readonly BandLine[]): number {
  const sum = band.reduce((total, { share }) => total + share, 0);
  return band.reduce((total, { wavelengthNm, share }) => total + wavelengthNm * share, 0) / sum;
}

/** One wavelength as a band. */
export const ONE_LINE: () => readonly BandLine[] = once(() => [{ wavelengthNm: 1, share: 1 }]);
