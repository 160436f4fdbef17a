import type { Camera } from "../../../core/camera/container/index.ts";
import {
  cameraNames,
  cameraOrFirst,
  type FinderSetting,
  readSettings,
  rememberCamera,
} from "../../../storage/index.ts";

/** What the finder needs. */
export interface LookData {
  readonly camera: Camera | null;
  readonly finder: FinderSetting | null;
}

/** Reads the camera that is asked for, or at hand, and how the phone was calibrated. */
export async function readLook(asked: string | null): Promise<LookData> {
  const [cameras, { fieldCamera, finder }] = await Promise.all([cameraNames(), readSettings()]);
  const camera = await cameraOrFirst(asked ?? fieldCamera, cameras);
  if (camera !== null) await rememberCamera(camera.id);
  return { camera, finder };
}
