import type { Trail } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";

/** How many months-long exposures stand out: their tape is off, and not on again. */
export function countTrailsOut(db: StillBoxDb = theDb()): Promise<number> {
  return db.table<Partial<Trail>>("trails").filter(standsOut).count();
}

/** Whether a trail’s camera stands out. */
export function standsOut({ up, down }: Partial<Trail>): boolean {
  return up != null && down == null;
}
