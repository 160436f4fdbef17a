import type { Camera } from "../../../core/camera/container/index.ts";
import type { Load, Pack, Processing } from "../../../core/document/index.ts";
import {
  type CameraName,
  cameraNames,
  cameraOrFirst,
  type DarkSettings,
  darkChoices,
  listRecords,
  presentLoad,
  readSettings,
  rememberCamera,
  type Settings,
} from "../../../storage/index.ts";

/** What loading in the dark needs. */
export interface LoadData {
  readonly cameras: readonly CameraName[];
  readonly camera: Camera | null;
  readonly settings: Pick<DarkSettings, "speech"> & Pick<Settings, "sound">;
  readonly kit: LoadKit;
}

/** What is at hand for a camera: its load, packs, strips. */
export interface LoadKit {
  readonly load: Load | null;
  readonly packs: readonly Pack[];
  readonly done: readonly Processing[];
}

export async function readLoad(asked: string | null): Promise<LoadData> {
  const [cameras, { sound, fieldCamera }, { speech }] = await Promise.all([
    cameraNames(),
    readSettings(),
    darkChoices.read(),
  ]);
  const camera = await cameraOrFirst(asked ?? fieldCamera, cameras);
  if (camera !== null) await rememberCamera(camera.id);
  return { cameras, camera, settings: { sound, speech }, kit: await readLoadKit(camera?.id ?? null) };
}

export async function readLoadKit(cameraId: string | null): Promise<LoadKit> {
  const [load, packs, done] = await Promise.all([
    cameraId === null ? null : presentLoad(cameraId),
    listRecords("packs"),
    listRecords("processing"),
  ]);
  return { load, packs, done };
}
