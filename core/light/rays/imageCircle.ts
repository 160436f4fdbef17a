import { findRoot } from "../../basis/numeric/index.ts";
import { type Aperture, vignetting } from "./vignetting.ts";

/**
 * Diameter of the circle on a flat film inside which fewer than `stops` stops are lost: cos⁴ and the plate, not the opening.
 *
 * @param aperture hole and plate
 * @param distance z, mm, > 0
 * @param stops lost at the rim, > 0; 2 is the usual limit
 * @returns diameter in mm
 * @source PHYSICS section 2: without a plate 2 stops at 45° (D = 2z), 1 stop at 32.77° (D = 1.2872 z)
 * @example imageCircle({ diameter: 0.3, plateThickness: 0, openingDiameter: null, wall: 0 }, 60, 2) // 120
 */
export function imageCircle(aperture: Aperture, distance: number, stops: number): number {
  const level = 2 ** -stops;
  const open = { ...aperture, openingDiameter: null };
  const cosine4 = Math.sqrt(2 ** (stops / 2) - 1);
  if (aperture.plateThickness === 0) return 2 * distance * cosine4;
  const excess = (slope: number): number => vignetting(open, slope) / (1 + slope * slope) ** 2 - level;
  const farthest = Math.min(cosine4, aperture.diameter / aperture.plateThickness);
  return 2 * distance * findRoot(excess, 0, farthest, 1e-15 * farthest);
}

/**
 * 2zd/t: beyond it the plate lets nothing through; `null` for a plate without thickness.
 *
 * @returns mm, or `null`
 * @example plateLimit({ diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 }, 60) // 360
 */
export function plateLimit(aperture: Aperture, distance: number): number | null {
  const limit = (2 * distance * aperture.diameter) / aperture.plateThickness;
  return Number.isFinite(limit) ? limit : null;
}
