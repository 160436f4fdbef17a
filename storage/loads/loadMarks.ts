import type { Exposure, Load } from "../../core/document/index.ts";
import type { StillBoxDb } from "../engine/db.ts";

/** Marks the place of a shot's load as used by it, or as free where it was. Within the transaction of the shot. */
export async function markPlace(
  { id, loadId, place }: Pick<Exposure, "id" | "loadId" | "place">,
  by: string | null,
  db: StillBoxDb,
): Promise<void> {
  const load = loadId ? await db.table<Load>("loads").get(loadId) : undefined;
  if (load === undefined || !Array.isArray(load.places)) return;
  const places = load.places.map((each) => {
    if (each.exposureId === id && (by === null || each.place !== place)) return { ...each, exposureId: null };
    return each.place === place && by !== null ? { ...each, exposureId: by } : each;
  });
  await db.table("loads").put({ ...load, places });
}
