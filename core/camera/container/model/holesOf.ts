import type { HoleSpec, SolveRequest } from "../../../light/solve/index.ts";
import type { Camera, DesignLight, Measurement } from "./camera.ts";
import { combined } from "./combined.ts";

/**
 * A hole of the first chamber by its number, counted from 0; the first one where there are not so many.
 *
 * @returns the hole as the file has it, mm
 * @example holeAt(pair, 1).x // 55
 */
export function holeAt(camera: Camera, hole = 0): HoleSpec {
  const { holes } = camera.chambers[0];
  return holes[hole] ?? holes[0];
}

/**
 * The measurements of a hole of the first chamber, oldest first. Chambers of a drum look through one hole.
 *
 * @returns oldest first; empty where there are none
 * @example measurementsOf(box) // []
 */
export function measurementsOf(camera: Camera, of = 0): readonly Measurement[] {
  return (camera.measurements ?? []).filter(({ chamber = 0, hole = 0 }) => chamber === 0 && hole === of);
}

/**
 * A hole's diameter as measured, mm, or `null`: the newest value, or all that state a ± combined with it.
 *
 * @example measuredDiameter(box) // null
 */
export function measuredDiameter(camera: Camera, of = 0): number | null {
  const own = measurementsOf(camera, of);
  const newest = own.at(-1);
  if (newest === undefined) return null;
  return newest.uncertainty == null ? newest.diameter : (combined(own)?.value ?? newest.diameter);
}

/**
 * A hole's diameter as far as it is settled: measured, else as the design states it.
 *
 * @returns mm, or "best" while the hole is only wanted
 * @example holeDiameter(withHole(box, { diameter: 0.4 })) // 0.4
 */
export function holeDiameter(camera: Camera, hole = 0): HoleSpec["diameter"] {
  return measuredDiameter(camera, hole) ?? holeAt(camera, hole).diameter;
}

/**
 * What `solve` is asked about one picture of a camera: where two holes share a sheet, each has its own half of it.
 * Else the same as {@link solveRequest}.
 *
 * @returns a request of `POST /api/solve`
 * @example pictureRequest(pair, paper).film.width // 127
 */
export function pictureRequest(camera: Camera, light: DesignLight, hole = 0): SolveRequest {
  const request = solveRequest(camera, light, hole);
  const { holes, film } = camera.chambers[0];
  if (holes.length !== 2 || film.surface === "cylinder" || (film.tiltX ?? 0) !== 0 || (film.tiltY ?? 0) !== 0) {
    return request;
  }
  const other = holeAt(camera, 1 - hole);
  const side = Math.sign((request.hole.x ?? 0) - (other.x ?? 0)) || 1;
  const half = film.width / 2;
  return { ...request, film: { ...request.film, width: half, x: (film.x ?? 0) + (side * half) / 2 } };
}

/**
 * What `solve` is asked about a camera: one of its holes (as measured, where it was) and its first sheet.
 *
 * @returns a request of `POST /api/solve`
 * @example solveRequest(pair, paper).film.width // 254
 */
export function solveRequest(camera: Camera, light: DesignLight, hole = 0): SolveRequest {
  const { film, aim } = camera.chambers[0];
  return {
    hole: { ...holeAt(camera, hole), diameter: holeDiameter(camera, hole) },
    film,
    light: {
      wavelength: light.wavelengthNm,
      iso: light.iso,
      contrast: aim?.contrast,
      subjectDistance: aim?.subjectDistance,
    },
  };
}
