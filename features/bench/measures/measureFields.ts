import type { DesignField } from "../../../core/camera/container/index.ts";
import { type CameraKind, kindRecord } from "../../../core/camera/kinds/index.ts";

export const SHEET_FIELDS: readonly DesignField[] = ["film.width", "film.height"];

/** How wide the hole came out and its opening is, and where it can be. */
export function holeFields(kind: CameraKind): readonly DesignField[] {
  return ["hole.measured", "hole.openingDiameter", "container.wall", ...kindRecord(kind).holePlace];
}
