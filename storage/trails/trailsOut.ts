import { hangsOut, type Trail } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";

/** How many months-long exposures stand out: their tape is off, and not on again. */
export function countTrailsOut(db: StillBoxDb = theDb()): Promise<number> {
  return db.table<Partial<Trail>>("trails").filter(hangsOut).count();
}
