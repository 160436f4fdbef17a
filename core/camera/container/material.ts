import { shapeOf } from "../shapes/shapeOf.ts";
import type { Camera } from "./camera.ts";
import { holeMount } from "./mount.ts";

/**
 * Whether the container is of metal; where nobody said, what is usual for its shape.
 *
 * @example isMetal(box) // false
 */
export function isMetal({ container }: Camera): boolean {
  const { material } = container;
  return material === undefined ? shapeOf(container).usuallyMetal : /metal|alumin|tin|steel/i.test(material);
}

/**
 * Whether the inside is still to be blackened: not where it is black already, bought, or black plastic, which is black
 * through and through and holds no paint.
 *
 * @example toBlacken(box) // false
 */
export function toBlacken(camera: Camera): boolean {
  const { insideBlack = false, material = "" } = camera.container;
  return !insideBlack && !/plastic/.test(material) && holeMount(camera) !== "bought";
}
