import { mediumById } from "../../catalogue/media.ts";
import { type Camera, solveRequest } from "../../core/camera/container/index.ts";
import type { Trail } from "../../core/document/index.ts";
import { opticalModel } from "../../core/light/solve/index.ts";
import { MOST_DAYS, type SunRequest, type SunStay } from "../../core/sun/index.ts";
import { daysOut } from "../format/dayAfter.ts";

/** What a plan asks of the sun: its camera's hole and sheet, where it stands and looks, every day (of a very long time, fewer). */
export function sunRequest(trail: Trail, camera: Camera): SunRequest {
  const request = solveRequest(camera, mediumById(camera.chambers[0].film.medium));
  const { diameter } = opticalModel(request).aperture;
  const stay = stayOf(trail);
  return {
    ...stay,
    hole: { ...request.hole, diameter },
    film: request.film,
    everyDays: Math.max(1, Math.ceil(daysOut(stay.from, stay.to) / MOST_DAYS)),
  };
}

/** How a plan's camera hangs, or hung. */
export function stayOf(trail: Trail): SunStay {
  return { site: trail.site, aim: trail.aim, ...daysAsTheyWere(trail), horizon: trail.horizon ?? [] };
}

/** From the day on which the tape came off to that on which it went on again, where these were noted; else as planned. */
export function daysAsTheyWere({ from, to, up, down }: Trail): { readonly from: string; readonly to: string } {
  const [first, last] = [up ? dayOf(up.at) : from, down ? dayOf(down.at) : to];
  // Taken down on the day it went up, or with a clock that was wrong: one day at least.
  const isForward = last >= first;
  return { from: first, to: isForward ? last : first };
}

/** The day where it was noted, of an instant with its offset. */
function dayOf(at: string): string {
  return at.slice(0, 10);
}
