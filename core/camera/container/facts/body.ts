import { mountOf } from "../../mounts/mountOf.ts";
import type { Body } from "../../shapes/shape.ts";
import { shapeOf } from "../../shapes/shapeOf.ts";
import type { Camera } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";

/**
 * The inside of one chamber of a design, as its hole sees it.
 *
 * @returns inner sizes, mm
 * @example cameraBody(box).depth // 70
 */
export function cameraBody(camera: Camera): Body {
  const { onWall } = mountOf(cameraKind(camera));
  return shapeOf(camera.container).body(onWall, camera.chambers[0].film.distance);
}
