import { findRoot, once } from "../../basis/numeric/index.ts";
import { scaledContrast } from "./scaledContrast.ts";

/** A part of the light that a medium sees: wavelength and share (all shares of a band add to 1). */
export interface BandLine {
  readonly wavelengthNm: number;
  readonly share: number;
}

/** Relative energy of a glowing body at a temperature, per wavelength: Planck's law. Source: CODATA c₂ = 1.438777e7 nm·K. */
export function glow(wavelengthNm: number, kelvin: number): number {
  return wavelengthNm ** -5 / Math.expm1(1.438777e7 / (wavelengthNm * kelvin));
}

const STEP_NM = 10;

/**
 * The band of light that counts: energy of the light times sensitivity of the medium, in steps of 10 nm.
 *
 * @param sensitivity relative, linear (not its logarithm), as points (nm, value) joined by straight lines; 0 outside
 * @param kelvin colour temperature of the light: 5500 for daylight, 2856 for a lamp (CIE illuminant A)
 * @returns lines in order of wavelength, shares adding to 1; faint ends are left out
 */
export function lightBand(sensitivity: readonly (readonly [number, number])[], kelvin: number): readonly BandLine[] {
  const first = sensitivity[0]?.[0] ?? 0;
  const last = sensitivity.at(-1)?.[0] ?? 0;
  const lines: { wavelengthNm: number; share: number }[] = [];
  for (let nm = Math.ceil(first / STEP_NM) * STEP_NM; nm <= last; nm += STEP_NM) {
    lines.push({ wavelengthNm: nm, share: between(sensitivity, nm) * glow(nm, kelvin) });
  }
  const sum = lines.reduce((total, { share }) => total + share, 0);
  return lines
    .map(({ wavelengthNm, share }) => ({ wavelengthNm, share: share / sum }))
    .filter(({ share }) => share > 1e-4);
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

/** Wavelength in the middle of a band by energy, nm. */
export function meanWavelength(band: readonly BandLine[]): number {
  const sum = band.reduce((total, { share }) => total + share, 0);
  return band.reduce((total, { wavelengthNm, share }) => total + wavelengthNm * share, 0) / sum;
}

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

/** A curve of scaled resolution over the hole constant c, with its best point and the bands around it. */
export interface ResolutionCurve {
  readonly points: readonly (readonly [c: number, n: number])[];
  readonly best: readonly [c: number, n: number];
  readonly band95: readonly [number, number];
  readonly band90: readonly [number, number];
}

const LEAST = 0.7;
const MOST = 3;
const ROWS = 116;

/**
 * Resolution against the hole's diameter for a band of light (or, with one line, one wavelength), in scaled form:
 * d = c·√(λ̄z′), ν = n/((1 + z/u)·√(λ̄z′)).
 *
 * @param contrast κ in [0.06, 0.45]
 */
export function resolutionCurve(band: readonly BandLine[], contrast: number): ResolutionCurve {
  const points = Array.from({ length: ROWS }, (_, row) => {
    const c = LEAST + ((MOST - LEAST) * row) / (ROWS - 1);
    return [c, bandResolution(band, contrast, c)] as const;
  });
  const top = points.reduce((best, point, row) => (point[1] > (points[best]?.[1] ?? 0) ? row : best), 0);
  const at = (row: number): readonly [number, number] =>
    points[Math.min(ROWS - 1, Math.max(0, row))] as readonly [number, number];
  const best = peak(at(top - 1), at(top), at(top + 1));
  const reach = (share: number): readonly [number, number] => [
    bandEnd(points, top, share * best[1], -1),
    bandEnd(points, top, share * best[1], 1),
  ];
  return { points, best, band95: reach(0.95), band90: reach(0.9) };
}

/** Top of the parabola through three points, unless resolution jumps between them. */
function peak(
  a: readonly [number, number],
  b: readonly [number, number],
  c: readonly [number, number],
): readonly [number, number] {
  const h = b[0] - a[0];
  const bend = a[1] - 2 * b[1] + c[1];
  const lean = (c[1] - a[1]) / 2;
  if (h <= 0 || bend >= 0 || Math.abs(lean) > -bend) return b;
  return [b[0] - (h * lean) / bend, b[1] - (lean * lean) / (2 * bend)];
}

function bandEnd(points: ResolutionCurve["points"], top: number, level: number, way: -1 | 1): number {
  let row = top;
  while (row + way >= 0 && row + way < points.length && (points[row + way]?.[1] ?? 0) >= level) row += way;
  const [inside, outside] = [points[row], points[row + way]];
  if (inside === undefined || outside === undefined) return inside?.[0] ?? 0;
  return inside[0] + ((outside[0] - inside[0]) * (inside[1] - level)) / (inside[1] - outside[1]);
}

/** One wavelength as a band. */
export const ONE_LINE: () => readonly BandLine[] = once(() => [{ wavelengthNm: 1, share: 1 }]);
