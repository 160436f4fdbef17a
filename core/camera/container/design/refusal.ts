import type { Limit } from "../../fields/designFault.ts";
import type { DesignField } from "../../fields/designFields.ts";
import { cameraBody } from "../facts/body.ts";
import type { Camera } from "../model/camera.ts";
import { designFaults } from "./designFaults.ts";

/**
 * Why a change can't be made, or `null` when it can. A container may become too small for its sheet (a verdict offers to
 * trim it), but no change may lead to a design that the file format itself refuses: a sheet more than once round its
 * can, a hole wider than the opening before it.
 *
 * A hole that its face does not hold, or a back that the boxes can't slide to, is refused with the change that asks for it.
 *
 * @param next design with the change made and its hole settled
 * @param field that was set, or `null` for a change of something else (rule, paper, sheet)
 * @returns what is possible, or `null` where nothing stands against it
 * @example refusal(withField(box, "film.tiltX", 0), "film.tiltX") // null
 */
export function refusal(next: Camera, field: DesignField | null): Limit | null {
  const fault = designFaults(next).find((each) => each.field === field);
  return fault?.limit ?? noRoom(next) ?? onceRound(next) ?? openingTooNarrow(next);
}

/** A sheet that leans so far, or in so shallow a box, that its middle would stand at the hole or before it. */
function noRoom(camera: Camera): Limit | null {
  const { film } = camera.chambers[0];
  if (film.distance > 0) return null;
  const deep = cameraBody(camera).depth - film.distance;
  return { code: "leans-past", deep };
}

function onceRound({ chambers }: Camera): Limit | null {
  const { width, surface, radius = 0 } = chambers[0].film;
  if (surface !== "cylinder" || width <= 2 * Math.PI * radius) return null;
  return { code: "once-round", long: width, across: width / Math.PI };
}

function openingTooNarrow({ chambers }: Camera): Limit | null {
  const narrow = chambers[0].holes.find(
    ({ diameter, openingDiameter }) => openingDiameter != null && diameter !== "best" && diameter > openingDiameter,
  );
  if (narrow === undefined) return null;
  return { code: "opening-first", hole: Number(narrow.diameter), opening: narrow.openingDiameter ?? 0 };
}
