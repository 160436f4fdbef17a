import type { Camera } from "../../core/camera/container/index.ts";
import type { Count, Load, Meter, Pack } from "../../core/document/index.ts";
import {
  type CameraName,
  cameraNames,
  cameraOrFirst,
  listRecords,
  presentLoad,
  readSettings,
  rememberCamera,
  type Settings,
} from "../../storage/index.ts";

/** What the Field's first page shows. */
export interface FieldData {
  readonly cameras: readonly CameraName[];
  readonly camera: Camera | null;
  readonly settings: Settings;
  readonly counts: readonly Count[];
  readonly kit: FieldKit;
}

/** What is at hand for a camera: its load, meters, packs. */
export interface FieldKit {
  readonly load: Load | null;
  readonly meters: readonly Meter[];
  readonly packs: readonly Pack[];
}

/** Reads the Field for the camera asked for, the one that is open, or the last one worked on. */
export async function readField(asked: string | null): Promise<FieldData> {
  const [cameras, settings, counts] = await Promise.all([cameraNames(), readSettings(), listRecords("counts")]);
  const camera = await cameraOrFirst(asked ?? counts[0]?.cameraId ?? settings.fieldCamera, cameras);
  if (camera !== null) await rememberCamera(camera.id);
  return { cameras, camera, settings, counts, kit: await readKit(camera?.id ?? null) };
}

/** Reads what is at hand for a camera. */
export async function readKit(cameraId: string | null): Promise<FieldKit> {
  const [load, meters, packs] = await Promise.all([
    cameraId === null ? null : presentLoad(cameraId),
    listRecords("meters"),
    listRecords("packs"),
  ]);
  return { load, meters, packs };
}
