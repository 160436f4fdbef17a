import { hangsOut, type Trail } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { wholeRecords } from "../engine/records.ts";

/** How many months-long exposures stand out: their tape is off, and not on again. */
export function countTrailsOut(db: StillBoxDb = theDb()): Promise<number> {
  return db.table<Partial<Trail>>("trails").filter(hangsOut).count();
}

/** The months-long exposures of one camera, by their index; damaged ones are left where they are. */
export async function trailsOf(cameraId: string, db: StillBoxDb = theDb()): Promise<readonly Trail[]> {
  return wholeRecords("trails", await db.table("trails").where({ cameraId }).toArray());
}
