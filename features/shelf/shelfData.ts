import type { Camera } from "../../core/camera/container/index.ts";
import type { Exposure } from "../../core/document/index.ts";
import { addDemo, countExposures, listCameras, type RemovedCamera, readSettings } from "../../storage/index.ts";

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

/** Reads the Shelf; an empty one that never had the demonstration cameras asks the server whether it has them to give. */
export async function openShelf(): Promise<ShelfData> {
  const [{ demoSeen }, shelf] = await Promise.all([readSettings(), readShelf()]);
  if (demoSeen || shelf.cameras.length > 0 || !(await offerDemo())) return shelf;
  return readShelf();
}

async function offerDemo(): Promise<boolean> {
  // Offline or without a server the Shelf simply starts empty.
  const answer = await fetch("/api/demo").catch(() => null);
  if (answer?.status !== 200) return false;
  await addDemo((await answer.json()) as { cameras: Camera[]; exposures: Exposure[] });
  return true;
}
