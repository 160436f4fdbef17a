import type { Camera } from "../../core/camera/container/index.ts";
import { countExposures, listCameras, type RemovedCamera, readSettings } from "../../storage/index.ts";

/** What the Shelf shows. */
export interface ShelfData {
  readonly cameras: readonly Camera[];
  readonly damaged: readonly string[];
  readonly shots: ReadonlyMap<string, number>;
  /** The camera deleted last, which can still be brought back. */
  readonly removed: RemovedCamera | null;
}

/** Reads the Shelf. */
export async function readShelf(): Promise<ShelfData> {
  const [{ removed }, listed, shots] = await Promise.all([readSettings(), listCameras(), countExposures()]);
  return { ...listed, removed, shots };
}
