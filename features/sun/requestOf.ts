import { mediumById } from "../../catalogue/media.ts";
import { type Camera, solveRequest } from "../../core/camera/container/index.ts";
import type { Trail } from "../../core/document/index.ts";
import { opticalModel } from "../../core/light/solve/index.ts";
import { MOST_DAYS, type SunRequest } from "../../core/sun/index.ts";
import { daysOut } from "./dayAfter.ts";

/** What a plan asks of the sun: its camera's hole and sheet, where it stands and looks, every day (of a very long time, fewer). */
export function requestOf(trail: Trail, camera: Camera): SunRequest {
  const request = solveRequest(camera, mediumById(camera.chambers[0].film.medium));
  const { diameter } = opticalModel(request).aperture;
  return {
    site: trail.site,
    hole: { ...request.hole, diameter },
    film: request.film,
    aim: trail.aim,
    from: trail.from,
    to: trail.to,
    everyDays: Math.max(1, Math.ceil(daysOut(trail.from, trail.to) / MOST_DAYS)),
    horizon: trail.horizon ?? [],
  };
}
