import { RADIANS } from "../basis/units/index.ts";
import type { Vector } from "../light/rays/index.ts";

/** Where the sun stands, how a camera looks, and how high its hole is. */
export interface ShadowRequest {
  /** Radians from north to the right, and over the horizon. */
  readonly sun: { readonly azimuth: number; readonly altitude: number };
  /** Where the camera looks, radians from north to the right. */
  readonly heading: number;
  /** Hole above the ground, mm. */
  readonly height: number;
}

/** Whoever stands behind a camera, so far behind the hole, mm. */
const BEHIND = 600;
/** How tall they are taken for, mm. */
export const TALL = 1700;
/** Somebody seen from the front: to the right and up, mm; common sizes. */
const SOMEBODY: readonly (readonly [right: number, up: number])[] = [
  [-250, 0],
  [-250, 1400],
  [-110, 1470],
  [-110, TALL],
  [110, TALL],
  [110, 1470],
  [250, 1400],
  [250, 0],
];
/** A lower sun draws a shadow without an end, radians. */
const LOWEST = 2 * RADIANS;

/**
 * The outline of the shadow that the maker throws on level ground, standing behind the camera.
 *
 * @returns directions from the hole over the ground, of any length (x east, y up, z south), a closed row; none where the sun is too low
 * @source a shadow of something h high is h/tan(altitude) long and points away from the sun
 * @example makersShadow({ sun: { azimuth: 0, altitude: 0 }, heading: 0, height: 800 }) // []
 */
export function makersShadow({ sun, heading, height }: ShadowRequest): readonly Vector[] {
  if (!(sun.altitude > LOWEST)) return [];
  const long = 1 / Math.tan(sun.altitude);
  // North is −z, east is x: what looks at the heading stands behind itself.
  const feet = { x: -BEHIND * Math.sin(heading), z: BEHIND * Math.cos(heading) };
  return SOMEBODY.map(([right, up]) => ({
    // Broadside to the sun, and then away from it.
    x: feet.x + right * Math.cos(sun.azimuth) - up * long * Math.sin(sun.azimuth),
    y: -height,
    z: feet.z + right * Math.sin(sun.azimuth) + up * long * Math.cos(sun.azimuth),
  }));
}
