import { MM_PER_NM } from "../../basis/units/index.ts";
import { type BandLine, obliqueContrast } from "../hole/index.ts";
import { dot, length, multiplied, subtract, surfacePoint, type Vector } from "../rays/index.ts";
import type { OpticalModel } from "./model.ts";

/** How the sheet's two directions look in the plane across a ray, in the axes of the hole's foreshortening. */
export interface AcrossRay {
  /** Across-ray coordinates of the sheet's unit vectors: p = A·(s, t), rows along and across the foreshortening. */
  readonly a11: number;
  readonly a12: number;
  readonly a21: number;
  readonly a22: number;
}

/** How a sheet place sees the hole. */
export interface RaySight {
  /** r, mm. */
  readonly length: number;
  /** cos α of the ray to the hole's axis. */
  readonly cosAxis: number;
  readonly projection: AcrossRay;
}

/**
 * How a sheet place sees the hole: distance, foreshortening, and the sheet's directions across the ray.
 *
 * @returns `null` where the place does not see the hole
 * @example sightAt(model, 0, 0).cosAxis // 1 on the axis …
 */
export function sightAt({ place, surface }: OpticalModel, s: number, t: number): RaySight | null {
  const centre = surfacePoint(surface, s, t);
  const offset = subtract(centre.place, place);
  const far = length(offset);
  const ray = multiplied(offset, 1 / far);
  if (ray.z <= 1e-6 || dot(ray, centre.normal) >= -1e-6) return null;
  const step = 1e-3;
  const unit = (to: Vector): Vector => multiplied(subtract(to, centre.place), 1 / step);
  const es = unit(surfacePoint(surface, s + step, t).place);
  const et = unit(surfacePoint(surface, s, t + step).place);
  // The hole's axis (z) laid across the ray: along it the hole looks narrower. Straight on, any direction serves.
  const lying: Vector = { x: -ray.z * ray.x, y: -ray.z * ray.y, z: 1 - ray.z * ray.z };
  const size = length(lying);
  const along = size > 1e-6 ? multiplied(lying, 1 / size) : { x: 1, y: 0, z: 0 };
  const across: Vector = {
    x: ray.y * along.z - ray.z * along.y,
    y: ray.z * along.x - ray.x * along.z,
    z: ray.x * along.y - ray.y * along.x,
  };
  return {
    length: far,
    cosAxis: ray.z,
    // A place and its opposite look the same: signs of s and t cancel in all that is symmetric.
    projection: { a11: dot(es, along), a12: dot(et, along), a21: dot(es, across), a22: dot(et, across) },
  };
}

/**
 * A frequency of the sheet, seen across the ray: ν_p = A⁻ᵀ ν_s.
 *
 * @param fs, ft cycles/mm along s and t
 * @returns cycles/mm along and across the foreshortening
 * @example acrossRay({ a11: 1, a12: 0, a21: 0, a22: 1 }, 3, 4).along // 3
 */
export function acrossRay(
  { a11, a12, a21, a22 }: AcrossRay,
  fs: number,
  ft: number,
): { readonly along: number; readonly across: number } {
  const det = a11 * a22 - a12 * a21;
  return { along: (a22 * fs - a21 * ft) / det, across: (a11 * ft - a12 * fs) / det };
}

/**
 * Signed contrast of a band of light across a ray.
 *
 * @param radius of the hole, mm
 * @param lines light by wavelength, shares adding to 1
 * @param along, across cycles/mm
 * @returns contrast in [−1, 1]
 * @source PHYSICS section 1: signed values are added before anything is sought
 * @example contrastAcross(sightAt(model, 0, 0), 0.15, [{ wavelengthNm: 550, share: 1 }], 0, 0) // 1 …
 */
export function contrastAcross(
  { length: far, cosAxis }: RaySight,
  radius: number,
  lines: readonly BandLine[],
  along: number,
  across: number,
): number {
  const pupil = { along: radius * cosAxis, across: radius, length: far, subjectDistance: null };
  return lines.reduce(
    (sum, { wavelengthNm, share }) => sum + share * obliqueContrast(pupil, wavelengthNm * MM_PER_NM, along, across),
    0,
  );
}
