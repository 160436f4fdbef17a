import { shapeOf } from "../../shapes/index.ts";
import type { Camera } from "../model/camera.ts";
import { isBuilt } from "./built.ts";

/** What a container's wall is of, as far as making depends on it. */
export type WallMaterial = "card" | "steel" | "aluminium" | "plastic" | "wood";

/** How each is called in a design; the first that fits. Tin is steel with a coat; other metal is taken for aluminium: no magnet holds there. */
const CALLED: readonly (readonly [WallMaterial, RegExp])[] = [
  ["aluminium", /alumin/i],
  ["steel", /tin|steel/i],
  ["aluminium", /metal/i],
  ["plastic", /plastic/i],
  ["wood", /wood|hardboard/i],
];

/**
 * What the container's wall is of; where nobody said, what is usual for its shape.
 *
 * @example wallMaterial(box) // "card"
 */
export function wallMaterial({ container }: Camera): WallMaterial {
  const { material } = container;
  if (material === undefined) return shapeOf(container).usuallyMetal ? "steel" : "card";
  return CALLED.find(([, called]) => called.test(material))?.[0] ?? "card";
}

/**
 * Whether the inside is still to be blackened: not where it is black already, bought, or black plastic, which is black
 * through and through and holds no paint.
 *
 * @example toBlacken(box) // false
 */
export function toBlacken(camera: Camera): boolean {
  const { insideBlack = false } = camera.container;
  return !insideBlack && wallMaterial(camera) !== "plastic" && isBuilt(camera);
}

/** How thick a wall a pin is pushed through by hand, mm; common practice. What is thicker is drilled, or sanded thin first. */
export const PUSHED_THROUGH: Readonly<Record<WallMaterial, number>> = {
  card: 2,
  steel: 0.3,
  aluminium: 0.5,
  plastic: 0.5,
  wood: 0.5,
};
