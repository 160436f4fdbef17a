import type { Load } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";

/** Ids of the cameras that something is in; a damaged load is no reason to show no Shelf. */
export async function loadedCameras(db: StillBoxDb = theDb()): Promise<ReadonlySet<string>> {
  const loads: readonly Load[] = await db.table("loads").toArray();
  return new Set(loads.filter(({ unloadedAt }) => !unloadedAt).map(({ cameraId }) => cameraId));
}
