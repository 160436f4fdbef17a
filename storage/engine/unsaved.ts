import type { Change } from "../../core/document/index.ts";
import { type NoteRow, type StillBoxDb, theDb } from "./db.ts";
import { actNotes, heldNotes, inLocalStorage, quickKey, quickNotes } from "./quickNotes.ts";

/**
 * Notes an edit down at once: it is written when this returns, also if the tab is closed the next moment, when no
 * database would have its answer any more. The next page of any tab finds it.
 */
export function noteAtOnce(note: NoteRow): void {
  inLocalStorage((local) => local.setItem(quickKey(note.id), JSON.stringify(note)));
}

/**
 * Notes an edit down in the database, which outlives also a browser that is killed, until the edit is stored with its
 * record. Its quick note is no longer needed then, unless a later one took its place. Where the database has no room the
 * quick note stays; where nothing can be noted, the edit is simply stored a moment later. So this never fails.
 *
 * @param note of this page and record; a later one takes its place
 */
export async function noteUnsaved(note: NoteRow, db: StillBoxDb = theDb()): Promise<void> {
  const [key, text] = [quickKey(note.id), JSON.stringify(note)];
  await db.notes.put(note).then(
    () =>
      inLocalStorage((local) => {
        if (local.getItem(key) === text) local.removeItem(key);
      }),
    () => undefined,
  );
}

/** Strikes a note out, when what it held is stored. */
export async function strikeUnsaved(id: string, db: StillBoxDb = theDb()): Promise<void> {
  inLocalStorage((local) => local.removeItem(quickKey(id)));
  await db.notes.delete(id).catch(() => undefined);
}

/** Whether pages that are gone left anything for `recoverUnsaved` or `recoverActs` to do. */
export async function hasUnsaved(db: StillBoxDb = theDb()): Promise<boolean> {
  return [...quickNotes(), ...heldNotes(), ...actNotes()].length > 0 || (await db.notes.count().catch(() => 0)) > 0;
}

/** Whether what came from outside is a change: a path of names, with what was and what shall be. */
export function isChange(change: unknown): change is Change {
  if (typeof change !== "object" || change === null) return false;
  const { path } = change as { readonly path?: unknown };
  return Array.isArray(path) && path.every((name) => typeof name === "string");
}
