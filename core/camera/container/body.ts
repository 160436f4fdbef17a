import { lieOf } from "../lies/lieOf.ts";
import type { Body } from "../shapes/shape.ts";
import { shapeOf } from "../shapes/shapeOf.ts";
import type { Camera } from "./camera.ts";
import { cameraKind } from "./cameraKind.ts";

/**
 * The inside of one chamber of a design, as its hole sees it.
 *
 * @returns inner sizes, mm
 * @example cameraBody(box).depth // 70
 */
export function cameraBody(camera: Camera): Body {
  const { onWall } = lieOf(cameraKind(camera));
  return shapeOf(camera.container).body(onWall, camera.chambers[0].film.distance);
}
