import type { Camera } from "../../core/container/index.ts";
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

/** Reads the Shelf; at the very first visit asks the server whether it was started with the demonstration cameras. */
export async function readShelf(): Promise<ShelfData> {
  const [settings, first] = await Promise.all([readSettings(), listCameras()]);
  const { removed } = settings;
  if (settings.demoSeen || first.cameras.length > 0) return { ...first, removed, shots: await countExposures() };
  await offerDemo();
  return { ...(await listCameras()), removed, shots: await countExposures() };
}

async function offerDemo(): Promise<void> {
  try {
    const answer = await fetch("/api/demo");
    if (answer.status !== 200) return;
    await addDemo((await answer.json()) as { cameras: Camera[]; exposures: Exposure[] });
  } catch {
    // Offline or without a server the Shelf simply starts empty.
  }
}
