import type { CameraKind } from "../../kinds/registry.ts";
import { mountOf } from "../../mounts/mountOf.ts";
import type { Room, Stand } from "../../mounts/room.ts";
import { shapeOf } from "../../shapes/shapeOf.ts";
import type { Camera } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";
import type { Container } from "../model/containers.ts";

/**
 * The room for a sheet in a container: the far wall of a box; round the wall of a can less the gap at the hole; half
 * round for a sheet that lies only across the far wall; as far as walls, front or vanes let a leaning or bowed one go.
 *
 * @returns mm
 * @example sheetRoom({ shape: "cylinder", diameter: 66.6, height: 168, wall: 0.1 }, "curled-can").width // 199.2…
 */
export function sheetRoom(container: Container, kind: CameraKind, stand: Stand = { distance: 0 }): Room {
  const shape = shapeOf(container);
  const mount = mountOf(kind);
  return mount.room(shape.body(mount.onWall, stand.distance), shape, stand);
}

/**
 * {@link sheetRoom} for a design as it stands.
 *
 * @returns mm
 * @example cameraRoom(box).width // 165
 */
export function cameraRoom(camera: Camera): Room {
  return sheetRoom(camera.container, cameraKind(camera), camera.chambers[0].film);
}
