import { RADIANS } from "../../basis/units/index.ts";
import { rayleigh, type Setting } from "../hole/index.ts";
import type { Aperture, Surface, Vector } from "../rays/index.ts";
import { type FilmSpec, type HoleSpec, SOLVE_DEFAULTS, type SolveRequest } from "./request.ts";

/** A request with every default filled in and every length and angle in the core's units. */
export interface OpticalModel {
  readonly place: Vector;
  readonly aperture: Aperture;
  readonly surface: Surface;
  readonly setting: Setting;
  readonly distance: number;
  readonly width: number;
  readonly height: number;
  readonly iso: number;
  readonly contrast: number;
}

/**
 * Fills in FORMAT's defaults; `"best"` becomes Rayleigh's diameter for the request's light.
 *
 * @returns hole, sheet and light with every default filled in; mm, radians
 * @example opticalModel(solveRequest(box, paper)).distance // 70
 */
export function opticalModel(request: SolveRequest): OpticalModel {
  const { hole, film } = request;
  const light = request.light ?? {};
  const setting: Setting = {
    distance: film.distance,
    wavelengthNm: light.wavelength ?? SOLVE_DEFAULTS.wavelength,
    subjectDistance: light.subjectDistance ?? null,
  };
  return {
    place: { x: hole.x ?? 0, y: hole.y ?? 0, z: 0 },
    aperture: apertureOf(hole, setting),
    surface: surfaceOf(film),
    setting,
    distance: film.distance,
    width: film.width,
    height: film.height,
    iso: light.iso ?? SOLVE_DEFAULTS.iso,
    contrast: light.contrast ?? SOLVE_DEFAULTS.contrast,
  };
}

function apertureOf(hole: HoleSpec, setting: Setting): Aperture {
  return {
    diameter: hole.diameter === "best" ? rayleigh.compute(setting) : hole.diameter,
    plateThickness: hole.plateThickness ?? 0,
    openingDiameter: hole.openingDiameter ?? null,
    wall: hole.wall ?? 0,
  };
}

/**
 * A sheet as the ray model has it; angles in radians.
 *
 * @returns the surface, mm and radians
 * @example surfaceOf({ distance: 60, width: 127, height: 101.6 }).kind // "flat"
 */
export function surfaceOf(film: FilmSpec): Surface {
  const { distance, x = 0, y = 0 } = film;
  if (film.surface === "cylinder") {
    return { kind: "cylinder", x, y, distance, radius: film.radius ?? distance / 2, slide: film.slide ?? 0 };
  }
  return {
    kind: "flat",
    x,
    y,
    distance,
    tiltX: (film.tiltX ?? 0) * RADIANS,
    tiltY: (film.tiltY ?? 0) * RADIANS,
  };
}
