import { type Camera, isTrail } from "../../../core/camera/container/index.ts";
import { type Count, type Trail, trailAtHand } from "../../../core/document/index.ts";
import {
  cameraNames,
  cameraOrFirst,
  type FinderSetting,
  listRecords,
  readSettings,
  rememberCamera,
} from "../../../storage/index.ts";
import { type FieldKit, readKit } from "../fieldData.ts";

/** What the finder needs. */
export interface LookData {
  readonly camera: Camera | null;
  readonly finder: FinderSetting | null;
  /** Where it hangs, or is to hang, for months of sun; `null`: it is for pictures, or nothing is planned. */
  readonly trail: Trail | null;
  /** What is in the camera, and the meters. */
  readonly kit: FieldKit;
  /** Holes that are open, and shots that are not yet logged. */
  readonly counts: readonly Count[];
}

/** Reads the camera that is asked for, or at hand, its plan, and how the phone was calibrated. */
export async function readLook(asked: string | null): Promise<LookData> {
  const [cameras, { fieldCamera, finder }] = await Promise.all([cameraNames(), readSettings()]);
  const camera = await cameraOrFirst(asked ?? fieldCamera, cameras);
  if (camera !== null) await rememberCamera(camera.id);
  const trails = camera === null || !isTrail(camera) ? [] : await listRecords("trails");
  const [kit, counts] = await Promise.all([readKit(camera?.id ?? null), listRecords("counts")]);
  const trail = trailAtHand(trails.filter(({ cameraId }) => cameraId === camera?.id));
  return { camera, finder, trail, kit, counts };
}
