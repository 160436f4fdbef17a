import { RADIANS } from "../../basis/units/index.ts";
import { type Camera, cameraKind, isBuilt, wallMaterial } from "../../camera/container/index.ts";
import { mountOf } from "../../camera/mounts/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { springs } from "./springs.ts";
import type { Ways } from "./ways.ts";

/** What holds the sheet where it belongs; lengths in mm. */
export type HoldingPlan =
  /** Curled, it presses against the wall. */
  | { readonly by: "its own spring" }
  | { readonly by: Ways["hold"]; readonly needsSteel: boolean }
  /** Leaning, it lies on a back of card that slopes from nothing to this high before the back, so long along the slope. */
  | {
      readonly by: "a sloped back";
      readonly high: number;
      readonly wide: number;
      readonly long: number;
    }
  /** Bowed, its ends press against two upright stops: how far these stand apart, and before the back. */
  | { readonly by: "stops"; readonly apart: number; readonly forward: number }
  /** In a drum's chamber it is taped into a liner, which is pushed in between the vanes. */
  | { readonly by: "a liner a chamber"; readonly chambers: number; readonly wide: number; readonly high: number };

/**
 * What holds the sheet.
 *
 * @returns `null` where film is wound across a mask, or the camera has its own holder
 * @source common practice; the sloped back and the stops by elementary geometry
 */
export function holdingPlan(camera: Camera, { hold }: Ways): HoldingPlan | null {
  const { film, roll } = camera.chambers[0];
  if (roll || !isBuilt(camera)) return null;
  const { vanes } = shapeOf(camera.container);
  if (vanes !== null) {
    return { by: "a liner a chamber", chambers: camera.chambers.length, wide: film.width, high: film.height };
  }
  const mount = mountOf(cameraKind(camera));
  if (springs(camera)) return { by: "its own spring" };
  if (mount.loading === "lean") {
    const [x, y] = [(film.tiltX ?? 0) * RADIANS, (film.tiltY ?? 0) * RADIANS];
    const sideways = Math.abs(y) >= Math.abs(x);
    const [long, wide] = sideways ? [film.width, film.height] : [film.height, film.width];
    return { by: "a sloped back", high: long * Math.abs(Math.sin(sideways ? y : x)), wide, long };
  }
  const { radius } = film;
  if (mount.loading === "bow" && radius !== undefined) {
    const half = film.width / 2 / radius;
    return { by: "stops", apart: 2 * radius * Math.sin(half), forward: radius * (1 - Math.cos(half)) };
  }
  return { by: hold, needsSteel: hold === "magnets" && wallMaterial(camera) !== "steel" };
}
