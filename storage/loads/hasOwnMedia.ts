import { type StillBoxDb, theDb } from "../engine/db.ts";

/** Whether the maker keeps media of their own: asked before any page is shown, so by the index alone. */
export async function hasOwnMedia(db: StillBoxDb = theDb()): Promise<boolean> {
  return (await db.table("media").count()) > 0;
}
