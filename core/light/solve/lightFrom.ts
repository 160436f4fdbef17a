import { illumination, rayTo, type Vector, vignettingMargin } from "../rays/index.ts";
import type { OpticalModel } from "./model.ts";

/** What a sheet place gets from its holes. */
export interface Sight {
  /** Relative light, E ≥ 0; 0 in the dark. */
  readonly light: number;
  /** How far the best-seen hole is from being shut out: 1 on the axis, 0 where its last is hidden, −1 out of sight. */
  readonly margin: number;
}

/**
 * Relative light at a sheet place from all the holes that look at one sheet: their illuminations added.
 *
 * @param models one for each hole, of one sheet
 * @param divider how far a wall in the sheet's middle stands forward of it, mm; 0: none
 * @param s, t sheet coordinates, mm
 * @returns light and the margin by which the nearest hole is seen
 * @source PHYSICS sections 2 and 5
 * @example sightFrom([opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } })], 0, 0, 0) // { light: 1, margin: 1 }
 */
export function sightFrom(models: readonly OpticalModel[], divider: number, s: number, t: number): Sight {
  let light = 0;
  let margin = -1;
  for (const { place, surface, aperture, distance } of models) {
    const ray = rayTo(place, surface, s, t);
    if (!ray.inSight) continue;
    margin = Math.max(margin, vignettingMargin(aperture, ray.slope));
    if (divider > 0 && crossesDivider(place, surface.x, distance, divider, s + surface.x)) continue;
    light += illumination(aperture, distance, ray);
  }
  return { light, margin };
}

/**
 * The light of {@link sightFrom} alone.
 *
 * @returns relative light, ≥ 0
 * @example lightFrom([opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } })], 0, 60, 0) // 0.25
 */
export function lightFrom(models: readonly OpticalModel[], divider: number, s: number, t: number): number {
  return sightFrom(models, divider, s, t).light;
}

/** Whether the ray from a hole to x on the sheet meets the wall that stands on the sheet's middle. */
function crossesDivider(hole: Vector, middle: number, distance: number, divider: number, x: number): boolean {
  const [from, to] = [hole.x - middle, x - middle];
  if (from * to >= 0) return false;
  return (distance * from) / (from - to) > distance - divider;
}
