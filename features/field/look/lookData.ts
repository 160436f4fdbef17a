import { type Camera, isTrail } from "../../../core/camera/container/index.ts";
import { type Trail, trailAtHand } from "../../../core/document/index.ts";
import {
  cameraNames,
  cameraOrFirst,
  type FinderSetting,
  listRecords,
  readSettings,
  rememberCamera,
} from "../../../storage/index.ts";

/** What the finder needs. */
export interface LookData {
  readonly camera: Camera | null;
  readonly finder: FinderSetting | null;
  /** Where it hangs, or is to hang, for months of sun; `null`: it is for pictures, or nothing is planned. */
  readonly trail: Trail | null;
}

/** Reads the camera that is asked for, or at hand, its plan, and how the phone was calibrated. */
export async function readLook(asked: string | null): Promise<LookData> {
  const [cameras, { fieldCamera, finder }] = await Promise.all([cameraNames(), readSettings()]);
  const camera = await cameraOrFirst(asked ?? fieldCamera, cameras);
  if (camera !== null) await rememberCamera(camera.id);
  const trails = camera === null || !isTrail(camera) ? [] : await listRecords("trails");
  return { camera, finder, trail: trailAtHand(trails.filter(({ cameraId }) => cameraId === camera?.id)) };
}
