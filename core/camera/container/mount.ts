import { kindRecord } from "../kinds/registry.ts";
import type { Camera, HoleMount } from "./camera.ts";
import { cameraKind } from "./cameraKind.ts";
import { withChamber, withHole } from "./edits.ts";

/**
 * What the hole is in: a plate before an opening, the container's own wall, or whatever it was bought in.
 *
 * @returns as chosen, else what is usual for the kind
 * @example holeMount(box) // "plate"
 */
export function holeMount(camera: Camera): HoleMount {
  return camera.chambers[0].mount ?? kindRecord(cameraKind(camera)).mount ?? "plate";
}

/**
 * Whether a camera is for the sun's trails of weeks and months: its sheet is never developed, and nobody counts seconds.
 *
 * @example isTrail(box) // false
 */
export function isTrail({ purpose }: Camera): boolean {
  return purpose === "trail";
}

/**
 * Whether the inside is still to be blackened: not where it is black already, bought, or black plastic, which is black
 * through and through and holds no paint.
 *
 * @example blackened(box) // false
 */
export function blackened(camera: Camera): boolean {
  const { insideBlack = false, material = "" } = camera.container;
  return !insideBlack && !/plastic/.test(material) && holeMount(camera) !== "bought";
}

/** A plate where the design had none: drinks-can metal, mm; common practice. */
const USUAL_PLATE = 0.1;

/**
 * A design with its hole in something else. In the wall there is no opening, and the wall is the plate; put back into a
 * plate, it is a thin one, and nothing cuts until an opening is asked for.
 *
 * @returns the design; its hole does not follow before `settled`
 * @example holeMount(withMount(can, "wall")) // "wall"
 */
export function withMount(camera: Camera, mount: HoleMount): Camera {
  const next = withChamber(camera, { mount });
  if (mount !== "plate" || holeMount(camera) !== "wall") return mounted(next);
  return next.chambers[0].holes.reduce<Camera>(
    (now, _, hole) => withHole(now, { plateThickness: USUAL_PLATE }, hole),
    next,
  );
}

/**
 * A design whose hole is as thick as what it is in.
 *
 * @returns the same object where it is already
 */
export function mounted(camera: Camera): Camera {
  if (holeMount(camera) !== "wall") return camera;
  const { wall } = camera.container;
  return camera.chambers[0].holes.reduce<Camera>((now, spec, hole) => {
    const same = spec.plateThickness === wall && spec.openingDiameter == null;
    return same ? now : withHole(now, { plateThickness: wall, openingDiameter: null }, hole);
  }, camera);
}
