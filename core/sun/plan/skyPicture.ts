import { RADIANS } from "../../basis/units/index.ts";
import type { SheetPlace } from "../../light/rays/index.ts";
import type { SunRequest } from "../site/siteAndAim.ts";
import { sheetSky } from "./dayTrack.ts";

/** A sheet laid out by the directions it looked in: azimuth to the right, altitude upwards, evenly. */
export interface SkyPicture {
  readonly width: number;
  readonly height: number;
  /** Degrees: of the left and right edge (from north clockwise, perhaps below 0 or above 360), the lower and upper one. */
  readonly azimuths: readonly [from: number, to: number];
  readonly altitudes: readonly [from: number, to: number];
  /** Places of the scan, x and y in turn, row by row from the top; NaN where the sheet saw nothing. */
  readonly places: Float32Array<ArrayBuffer>;
}

/** Degrees to each side of the aim, below the level and above it. */
const ASIDE = 100;
const BELOW = -8;
const ABOVE = 82;

/**
 * Where each direction of the sky lies in a sheet’s scan.
 *
 * @param request the camera as it stood
 * @param width px
 * @param toScan from a place of the sheet (mm) to its scan
 * @returns a picture of 200° by 90°, one degree as wide as high
 * @source PHYSICS section 14; an even (equirectangular) projection
 * @example skyPicture(sunPlan, 200, (place) => ({ x: place.s, y: place.t })).height // 90
 */
export function skyPicture(
  request: SunRequest,
  width: number,
  toScan: (place: SheetPlace) => { readonly x: number; readonly y: number },
): SkyPicture {
  const sky = sheetSky(request);
  const perPixel = (2 * ASIDE) / width;
  const height = Math.round((ABOVE - BELOW) / perPixel);
  const { azimuth } = request.aim;
  const places = new Float32Array(2 * width * height).fill(Number.NaN);
  for (let row = 0; row < height; row++) {
    const altitude = (ABOVE - (row + 0.5) * perPixel) * RADIANS;
    for (let column = 0; column < width; column++) {
      const place = sky.land({ azimuth: (azimuth - ASIDE + (column + 0.5) * perPixel) * RADIANS, altitude });
      if (place === null || !sky.isLit(place)) continue;
      const { x, y } = toScan(place);
      const at = 2 * (row * width + column);
      places[at] = x;
      places[at + 1] = y;
    }
  }
  return { width, height, azimuths: [azimuth - ASIDE, azimuth + ASIDE], altitudes: [BELOW, ABOVE], places };
}
