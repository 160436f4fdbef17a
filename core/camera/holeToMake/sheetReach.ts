import { type Camera, cameraKind, withChamber, withField } from "../container/index.ts";
import { kindRecord } from "../kinds/index.ts";
import { shapeOf } from "../shapes/index.ts";

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
 * The camera with its sheet at another distance: the pair of boxes slid, the container as deep as up to its false back,
 * a wall between two pictures cut to it.
 * The same camera where the sheet can't be moved.
 *
 * @param distance mm, within {@link sheetReach}
 * @returns the design
 * @example withSheetAt(box, 50).chambers[0].film.distance // 50
 */
export function withSheetAt(camera: Camera, distance: number): Camera {
  const { moves: field } = kindRecord(cameraKind(camera));
  if (field === null) return camera;
  const { divider = null, film } = camera.chambers[0];
  const moved = withField(camera, field, distance);
  // A wall between two pictures must be as high as the sheet is far: h = z·X/(X + a).
  return divider === null ? moved : withChamber(moved, { divider: Math.ceil((divider * distance) / film.distance) });
}
