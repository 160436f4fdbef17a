import { type Surface, surfacePoint } from "./surface.ts";
import { dot, EDGE_ON, length, subtract, type Vector } from "./vector.ts";
import { type Aperture, vignetting } from "./vignetting.ts";

/** The ray from the hole to a point of the sheet. */
export interface Ray {
  /** Distance in mm. */
  readonly length: number;
  /** Cosine of the angle to the hole's axis; ≤ 0 is behind the hole. */
  readonly cosAxis: number;
  /** Cosine of the angle to the sheet's normal; ≤ 0 strikes its back. */
  readonly cosSheet: number;
  /** tan α to the axis, ≥ 0; infinite where the point cannot be seen. */
  readonly slope: number;
  /** Whether the point faces the hole at all. */
  readonly inSight: boolean;
}

/**
 * The ray from a hole at `hole` (axis +z) to the sheet point (s, t).
 *
 * @returns distance, cosines and slope of the ray
 * @example rayTo({ x: 0, y: 0, z: 0 }, flatAt60, 60, 0).slope // 1
 */
export function rayTo(hole: Vector, surface: Surface, s: number, t: number): Ray {
  const { place, normal } = surfacePoint(surface, s, t);
  const offset = subtract(place, hole);
  const distance = length(offset);
  if (distance === 0) return { length: 0, cosAxis: 0, cosSheet: 0, slope: Number.POSITIVE_INFINITY, inSight: false };
  const cosAxis = offset.z / distance;
  const cosSheet = -dot(normal, offset) / distance;
  const ahead = cosAxis > EDGE_ON;
  return {
    length: distance,
    cosAxis,
    cosSheet,
    slope: ahead ? Math.hypot(offset.x, offset.y) / offset.z : Number.POSITIVE_INFINITY,
    inSight: ahead && cosSheet > EDGE_ON,
  };
}

/**
 * Relative illumination of a sheet point, E = V·cos α·cos β·z²/r²: 1 on the axis of an untilted sheet.
 *
 * @param aperture hole, plate, opening
 * @param distance z, mm: `film.distance`, also where the axis does not meet the sheet's centre
 * @param ray from {@link rayTo}
 * @returns E ≥ 0 (above 1 where the sheet comes nearer than z); 0 in the dark
 * @source PHYSICS section 2; flat back: the cos⁴ law
 * @example illumination({ diameter: 0.3, plateThickness: 0, openingDiameter: null, wall: 0 }, 60, { length: 60, cosAxis: 1, cosSheet: 1, slope: 0, inSight: true }) // 1
 */
export function illumination(aperture: Aperture, distance: number, ray: Ray): number {
  if (!ray.inSight) return 0;
  return vignetting(aperture, ray.slope) * ray.cosAxis * ray.cosSheet * (distance / ray.length) ** 2;
}

/**
 * Stops lost for a relative illumination: −log₂ E, or `null` in the dark. Negative where the light gains.
 *
 * @returns stops, or `null`
 * @example stopsLost(0.25) // 2
 */
export function stopsLost(relative: number): number | null {
  return relative > 0 ? -Math.log2(relative) + 0 : null;
}
