import { bandResolution } from "./bandContrast.ts";
import type { BandLine } from "./lightBand.ts";

/** A curve of scaled resolution over the hole constant c, with its best point and the bands around it. */
export interface ResolutionCurve {
  readonly points: readonly (readonly [c: number, n: number])[];
  readonly best: readonly [c: number, n: number];
  readonly band95: readonly [number, number];
  readonly band90: readonly [number, number];
}
const FROM_TIMES_BEST = 0.7;
const TO_TIMES_BEST = 3;
const ROWS = 116;

/**
 * Resolution against the hole's diameter for a band of light (or, with one line, one wavelength), in scaled form:
 * d = c·√(λ̄z′), ν = n/((1 + z/u)·√(λ̄z′)).
 *
 * @param contrast κ in [0.06, 0.45]
 * @returns points in order of c, the best of them by a parabola, its bands
 * @example resolutionCurve(lightBand(…), 0.2).best // about 1.52 in one wavelength, a little less in a band
 */
export function resolutionCurve(band: readonly BandLine[], contrast: number): ResolutionCurve {
  const points = Array.from({ length: ROWS }, (_, row) => {
    const c = FROM_TIMES_BEST + ((TO_TIMES_BEST - FROM_TIMES_BEST) * row) / (ROWS - 1);
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
