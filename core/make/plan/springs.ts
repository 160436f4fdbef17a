import { type Camera, cameraBody, cameraKind } from "../../camera/container/index.ts";
import { mountOf } from "../../camera/mounts/index.ts";

/**
 * Whether a curled sheet holds by its own spring: it does where it spans half a turn of the wall and more.
 *
 * @source common practice
 * @example springs(box) // false
 */
export function springs(camera: Camera): boolean {
  const { onWall } = mountOf(cameraKind(camera));
  return onWall && camera.chambers[0].film.width >= (Math.PI * cameraBody(camera).across) / 2;
}
