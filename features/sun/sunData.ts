import type { Camera } from "../../core/camera/container/index.ts";
import type { Trail } from "../../core/document/index.ts";
import { listCameras, listRecords, readSettings } from "../../storage/index.ts";

/** What the pages of Sun show. */
export interface SunData {
  /** Id of the camera at hand. */
  readonly atHand: string | null;
  readonly trails: readonly Trail[];
  readonly cameras: readonly Camera[];
}

/** Reads the months-long exposures, the next to end first, and the cameras for them. */
export async function readSun(): Promise<SunData> {
  const [trails, { cameras }, { fieldCamera }] = await Promise.all([
    listRecords("trails"),
    listCameras(),
    readSettings(),
  ]);
  return {
    atHand: fieldCamera,
    trails: [...trails].sort((a, b) => (a.to < b.to ? -1 : a.to > b.to ? 1 : a.id < b.id ? -1 : 1)),
    cameras,
  };
}
