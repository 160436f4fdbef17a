import type { Camera } from "../../../core/camera/container/index.ts";
import { cameraNames, cameraOrFirst, readSettings } from "../../../storage/index.ts";

/** Reads the camera at hand: its figures answer the questions. */
export async function readQuestions(): Promise<Camera | null> {
  const [cameras, { fieldCamera }] = await Promise.all([cameraNames(), readSettings()]);
  return cameraOrFirst(fieldCamera, cameras);
}
