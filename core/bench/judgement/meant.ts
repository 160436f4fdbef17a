import type { Camera } from "../../camera/container/index.ts";
import type { Verdict } from "./verdict.ts";

/** Under which name a choice is kept that a verdict is meant so. */
const keyOf = (id: string): string => `meant:${id}`;

/**
 * Whether a maker wants just what a verdict is about: then it is not said again. What won't work at all can't be meant.
 *
 * @example isMeant(box, { id: "dark-corners", weight: "warn" }) // false
 */
export function isMeant(camera: Camera, { id, weight }: Pick<Verdict, "id" | "weight">): boolean {
  return weight !== "stop" && camera.making?.choices?.[keyOf(id)] === "yes";
}

/**
 * A design of which a verdict is meant so, or is to be said again.
 *
 * @example isMeant(withMeant(box, "dark-corners", true), { id: "dark-corners", weight: "warn" }) // true
 */
export function withMeant(camera: Camera, id: string, meant: boolean): Camera {
  const { [keyOf(id)]: _, ...others } = camera.making?.choices ?? {};
  const choices = meant ? { ...others, [keyOf(id)]: "yes" } : others;
  return { ...camera, making: { ...camera.making, choices } };
}
