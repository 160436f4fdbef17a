import { type Camera, cameraKind, type DesignField, holeMount } from "../../../core/camera/container/index.ts";
import { kindRecord } from "../../../core/camera/kinds/index.ts";

export const SHEET_FIELDS: readonly DesignField[] = ["film.width", "film.height"];

/** How wide the hole came out and its opening is, and where it can be. */
export function holeFields(camera: Camera): readonly DesignField[] {
  const opening: readonly DesignField[] = holeMount(camera) === "wall" ? [] : ["hole.openingDiameter"];
  return ["hole.measured", ...opening, "container.wall", ...kindRecord(cameraKind(camera)).holePlace];
}
