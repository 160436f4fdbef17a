import { type StillBoxDb, theDb } from "../engine/db.ts";

/** Number of shots by camera: counted by the index, however many there are. */
export async function countExposures(db: StillBoxDb = theDb()): Promise<ReadonlyMap<string, number>> {
  const ids = (await db.exposures.orderBy("cameraId").uniqueKeys()).map(String);
  const counts = await Promise.all(ids.map((id) => db.exposures.where("cameraId").equals(id).count()));
  return new Map(ids.map((id, index) => [id, counts[index] as number]));
}
