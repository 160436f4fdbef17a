import {
  type Camera,
  cameraKind,
  type DesignField,
  foldedSizes,
  traitsOf,
  withField,
} from "../../camera/container/index.ts";

/** No sheet is held nearer to its hole than this, mm; common practice. */
const NEAREST = 10;

/**
 * The distances at which a camera's sheet can stand without another container: a pair of boxes slides, a box or a can
 * with the hole in its lid takes a false back. Walls, bowed and leaning sheets and film wound between spools stay.
 *
 * @returns nearest and farthest distance from the hole, mm, or `null` where the sheet can't be moved
 * @example sheetReach(box of 70 mm depth) // [10, 70]
 */
export function sheetReach(camera: Camera): readonly [nearest: number, farthest: number] | null {
  const field = movingField(camera);
  if (field === null) return null;
  if (camera.container.shape === "folded") {
    const { nearest, farthest } = foldedSizes(camera.container);
    return [nearest, farthest];
  }
  return [NEAREST, Math.max(NEAREST, camera.chambers[0].film.distance)];
}

/**
 * The camera with its sheet at another distance: the pair of boxes slid, the container as deep as up to its false back.
 * The same camera where the sheet can't be moved.
 *
 * @param distance mm, within {@link sheetReach}
 */
export function withSheetAt(camera: Camera, distance: number): Camera {
  const field = movingField(camera);
  return field === null ? camera : withField(camera, field, distance);
}

/** The size that says how far the sheet stands off. */
function movingField(camera: Camera): DesignField | null {
  const kind = cameraKind(camera);
  if (kind === "folded-box") return "film.distance";
  if (kind === "lid-can") return "container.height";
  if (kind === "roll-carton" || traitsOf(kind).lies !== "on the back") return null;
  return "container.depth";
}
