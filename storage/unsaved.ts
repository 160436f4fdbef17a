import type { CameraChange } from "../core/document/index.ts";
import { type NoteRow, type StillBoxDb, theDb } from "./db.ts";
import { inTab, tabKey, tabNotes } from "./tabNotes.ts";

/**
 * Notes an edit down until it is stored with its camera: a page that is killed loses nothing. Where the database has no
 * room for a note, the tab keeps it through a reload; where nothing can be noted, the edit is simply stored a moment
 * later. So this never fails.
 *
 * @param note of this page and camera; a later one takes its place
 */
export async function noteUnsaved(note: NoteRow, db: StillBoxDb = theDb()): Promise<void> {
  await db.notes.put(note).then(
    () => inTab((tab) => tab.removeItem(tabKey(note.id))),
    () => noteInTab(note),
  );
}

/**
 * Notes an edit in the tab itself, done when it returns. A page that goes has no time to wait for its database; the next
 * one in this tab finds the note.
 */
export function noteInTab(note: NoteRow): void {
  inTab((tab) => tab.setItem(tabKey(note.id), JSON.stringify(note)));
}

/** Strikes a note out, when what it held is stored. */
export async function strikeUnsaved(id: string, db: StillBoxDb = theDb()): Promise<void> {
  inTab((tab) => tab.removeItem(tabKey(id)));
  await db.notes.delete(id).catch(() => undefined);
}

/** Whether pages that are gone left anything for `recoverUnsaved` to do. */
export async function hasUnsaved(db: StillBoxDb = theDb()): Promise<boolean> {
  return tabNotes().length > 0 || (await db.notes.count().catch(() => 0)) > 0;
}

/** Whether what came from outside is a change: a path of names, with what was and what shall be. */
export function isChange(change: unknown): change is CameraChange {
  if (typeof change !== "object" || change === null) return false;
  const { path } = change as { readonly path?: unknown };
  return Array.isArray(path) && path.every((name) => typeof name === "string");
}
