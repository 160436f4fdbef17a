import { holeMount } from "../facts/holeMount.ts";
import type { Camera, HoleMount } from "../model/camera.ts";
import { USUAL_PLATE } from "../model/usualSizes.ts";
import { withChamber, withField, withHole } from "./edits.ts";

/**
 * A design with its hole in something else. In the wall there is no opening, and the wall is the plate; put back into a
 * plate, it is a thin one, and nothing cuts until an opening is asked for.
 *
 * @returns the design; its hole does not follow before `settled`
 * @example holeMount(withMount(can, "wall")) // "wall"
 */
export function withMount(camera: Camera, mount: HoleMount): Camera {
  const { making } = camera;
  const inIt = withChamber(camera, { mount });
  const next = making?.way === "bought" ? { ...inIt, making: { ...making, way: undefined } } : inIt;
  return mount === "plate" && holeMount(camera) === "wall"
    ? withField(next, "hole.plateThickness", USUAL_PLATE)
    : mounted(next);
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
