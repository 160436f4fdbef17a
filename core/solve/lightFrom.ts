import { illumination, rayTo, type Vector } from "../rays/index.ts";
import type { OpticalModel } from "./model.ts";

/**
 * Relative light at a sheet place from all the holes that look at one sheet: their illuminations added.
 *
 * @param models one for each hole, of one sheet
 * @param divider how far a wall in the sheet's middle stands forward of it, mm; 0: none
 * @param s, t sheet coordinates, mm
 * @returns E ≥ 0; 0 in the dark
 * @source PHYSICS sections 2 and 5
 */
export function lightFrom(models: readonly OpticalModel[], divider: number, s: number, t: number): number {
  let sum = 0;
  for (const { place, surface, aperture, distance } of models) {
    const ray = rayTo(place, surface, s, t);
    if (!ray.inSight) continue;
    if (divider > 0 && crossesDivider(place, surface.x, distance, divider, s + surface.x)) continue;
    sum += illumination(aperture, distance, ray);
  }
  return sum;
}

/** Whether the ray from a hole to x on the sheet meets the wall that stands on the sheet's middle. */
function crossesDivider(hole: Vector, middle: number, distance: number, divider: number, x: number): boolean {
  const [from, to] = [hole.x - middle, x - middle];
  if (from * to >= 0) return false;
  return (distance * from) / (from - to) > distance - divider;
}
