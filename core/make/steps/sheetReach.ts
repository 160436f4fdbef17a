import { type Camera, cameraKind, withField } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";

/** No sheet is held nearer to its hole than this, mm; common practice. */
const NEAREST = 10;

/**
 * The distances at which a camera's sheet can stand without another container: a pair of boxes slides, a box or a can
 * with the hole in its lid takes a false back. Walls, bowed and leaning sheets and film wound between spools stay.
 *
 * @returns nearest and farthest distance from the hole, mm, or `null` where the sheet can't be moved
 * @example sheetReach(box) // [10, 70]
 */
export function sheetReach(camera: Camera): readonly [nearest: number, farthest: number] | null {
  if (kindRecord(cameraKind(camera)).moves === null) return null;
  const { reach } = shapeOf(camera.container);
  return reach ?? [NEAREST, Math.max(NEAREST, camera.chambers[0].film.distance)];
}

/**
 * The camera with its sheet at another distance: the pair of boxes slid, the container as deep as up to its false back.
 * The same camera where the sheet can't be moved.
 *
 * @param distance mm, within {@link sheetReach}
 * @returns the design
 * @example withSheetAt(box, 50).chambers[0].film.distance // 50
 */
export function withSheetAt(camera: Camera, distance: number): Camera {
  const { moves: field } = kindRecord(cameraKind(camera));
  return field === null ? camera : withField(camera, field, distance);
}
