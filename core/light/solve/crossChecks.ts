import type { Fault } from "./fault.ts";
import { opticalModel } from "./model.ts";
import type { FilmSpec, HoleSpec, SolveRequest } from "./request.ts";

/** The longest sheet a cylinder of this radius takes: once round. A hair of rounding is let through. */
const ONCE_ROUND = 2 * Math.PI * (1 + 1e-12);

/**
 * The rules that tie several fields together and so stand beside the schema: an opening no smaller than its hole,
 * a cylinder with a radius and without tilt, a sheet that goes round at most once.
 *
 * @returns faults, empty when all is well
 * @example crossChecks({ hole: { diameter: 0.3, openingDiameter: 0.2 }, film: { distance: 60, width: 127, height: 101.6 } })[0].path // "/hole/openingDiameter"
 */
export function crossChecks(request: SolveRequest): readonly Fault[] {
  const film = filmFaults(request.film, "/film");
  if (film.length > 0) return [...holeFaults(request.hole, "/hole"), ...film];
  // “best” stands for a diameter too: the opening has to be as wide as that.
  const { diameter } = opticalModel(request).aperture;
  return holeFaults({ ...request.hole, diameter }, "/hole");
}

/**
 * Faults of one hole, with paths below `path`.
 *
 * @returns faults with their paths; empty for a sound hole
 * @example holeFaults({ diameter: 0.3, openingDiameter: 0.2 }, "/hole").length // 1
 */
export function holeFaults(hole: HoleSpec, path: string): readonly Fault[] {
  const { openingDiameter, diameter } = hole;
  if (typeof openingDiameter !== "number" || diameter === "best" || openingDiameter >= diameter) return [];
  return [
    {
      path: `${path}/openingDiameter`,
      message: `must be at least the hole’s diameter, ${Number(diameter.toFixed(4))} mm (or null when nothing cuts)`,
    },
  ];
}

/**
 * Faults of one sheet, with paths below `path`.
 *
 * @returns faults with their paths; empty for a sound sheet
 * @example filmFaults({ surface: "cylinder", radius: 30, distance: 60, width: 200, height: 100 }, "/film")[0].path // "/film/width"
 */
export function filmFaults(film: FilmSpec, path: string): readonly Fault[] {
  if (film.surface !== "cylinder" || film.radius === undefined) return [];
  const faults: Fault[] = [];
  if (film.width > ONCE_ROUND * film.radius) {
    const most = (2 * Math.PI * film.radius).toFixed(2);
    faults.push({
      path: `${path}/width`,
      message: `must be at most once round the cylinder, 2π × radius = ${most} mm`,
    });
  }
  for (const tilt of ["tiltX", "tiltY"] as const) {
    if ((film[tilt] ?? 0) !== 0) {
      faults.push({ path: `${path}/${tilt}`, message: "must be 0 on a cylinder; only a flat sheet can lean" });
    }
  }
  return faults;
}
