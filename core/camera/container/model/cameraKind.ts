import { type CameraKind, kindSeen } from "../../kinds/registry.ts";
import { shapeOf } from "../../shapes/shapeOf.ts";
import type { Camera } from "./camera.ts";

/**
 * The kind of a camera; for files that don't name it, from shape, sheet and holes.
 *
 * @returns the kind’s name
 * @example cameraKind(can) // "curled-can"
 */
export function cameraKind({ container, chambers }: Camera): CameraKind {
  if (container.kind !== undefined) return container.kind;
  const [{ film, holes, roll }] = chambers;
  const { round } = shapeOf(container);
  return kindSeen(container.shape, {
    holes: holes.length,
    rolled: roll != null,
    bent: film.surface === "cylinder",
    leaning: (film.tiltX ?? 0) !== 0 || (film.tiltY ?? 0) !== 0,
    pastHalf: round !== null && film.width > (Math.PI * round.diameter) / 2,
  });
}
