import type { LengthWords } from "../../fields/designFault.ts";
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
 * @returns a sentence that says what is possible, or `null`
 * @example refusal(withField(box, "film.tiltX", 0), "film.tiltX", inMm) // null
 */
export function refusal(next: Camera, field: DesignField | null, words: LengthWords): string | null {
  const fault = designFaults(next, words).find((each) => each.field === field);
  return fault?.message ?? noRoom(next, words) ?? onceRound(next, words) ?? openingTooNarrow(next, words);
}

/** A sheet that leans so far, or in so shallow a box, that its middle would stand at the hole or before it. */
function noRoom(camera: Camera, words: LengthWords): string | null {
  const { film } = camera.chambers[0];
  if (film.distance > 0) return null;
  const deep = cameraBody(camera).depth - film.distance;
  return `The sheet would lean past the hole: for this lean the inside must be more than ${words(deep)} deep. Let it lean less, or trim it.`;
}

function onceRound({ chambers }: Camera, words: LengthWords): string | null {
  const { width, surface, radius = 0 } = chambers[0].film;
  if (surface !== "cylinder" || width <= 2 * Math.PI * radius) return null;
  return `The sheet, ${words(width)} long, would go more than once round: the inside must be ${words(width / Math.PI)} across at least. Trim the sheet first.`;
}

function openingTooNarrow({ chambers }: Camera, words: LengthWords): string | null {
  const narrow = chambers[0].holes.find(
    ({ diameter, openingDiameter }) => openingDiameter != null && diameter !== "best" && diameter > openingDiameter,
  );
  if (narrow === undefined) return null;
  const [diameter, openingDiameter] = [Number(narrow.diameter), narrow.openingDiameter ?? 0];
  return `The hole, ${words(diameter)}, would be wider than the opening before it, ${words(openingDiameter)}. Widen the opening first.`;
}
