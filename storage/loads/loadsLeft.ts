import type { Load } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";

/** Shots left in each loaded camera, by its id. */
export async function loadsLeft(db: StillBoxDb = theDb()): Promise<ReadonlyMap<string, number>> {
  const loads: readonly Load[] = await db.table("loads").toArray();
  return new Map(
    loads
      // A damaged one is no reason to show no Shelf.
      .filter(({ unloadedAt, places }) => !unloadedAt && Array.isArray(places))
      .map(({ cameraId, places }) => [cameraId, places.filter(({ exposureId }) => !exposureId).length]),
  );
}
