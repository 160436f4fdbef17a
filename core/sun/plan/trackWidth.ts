import { rayTo, type SheetPlace } from "../../light/rays/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";

/** The sun's image for each millimetre of the ray: 0.533°. PHYSICS section 9. */
const SUN = 0.0093;

/**
 * How wide the sun draws at a place of the sheet, in full: the hole and the sun's image together.
 *
 * @returns mm
 * @source PHYSICS section 9: d + 0.0093 r; diffraction and over-exposure widen it
 * @example trackWidth(sheetSky(sunPlan).model, { s: 0, t: 0 }) // 1.0138
 */
export function trackWidth({ place, surface, aperture }: OpticalModel, { s, t }: SheetPlace): number {
  return aperture.diameter + SUN * rayTo(place, surface, s, t).length;
}
