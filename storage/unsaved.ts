import { type CameraChange, withChanges } from "../core/document/index.ts";
import { editCamera } from "./cameras.ts";
import { type NoteRow, type StillBoxDb, theDb } from "./db.ts";

/**
 * Notes an edit down until it is stored with its camera: a page that is killed loses nothing. Where nothing can be
 * noted, the edit is simply stored a moment later; so this never fails.
 *
 * @param note of this page and camera; a later one takes its place
 */
export async function noteUnsaved(note: NoteRow, db: StillBoxDb = theDb()): Promise<void> {
  await db.notes.put(note).catch(() => undefined);
}

/** Strikes a note out, when what it held is stored. */
export async function strikeUnsaved(id: string, db: StillBoxDb = theDb()): Promise<void> {
  await db.notes.delete(id).catch(() => undefined);
}

/**
 * Stores what pages that are gone had noted. Called once, when a page starts. A value that somebody changed since the
 * note was made stays as it is: the newer wins.
 *
 * @param now ISO 8601
 */
export async function recoverUnsaved(now: string, db: StillBoxDb = theDb()): Promise<void> {
  const notes: readonly unknown[] = await db.notes.toArray().catch(() => []);
  for (const note of notes) {
    if (isNote(note) && !(await recovered(note, now, db))) continue;
    await strikeUnsaved(String((note as { readonly id?: unknown }).id), db);
  }
}

/** Whether a note is done with: stored, or never to be stored. What only can't be stored now waits for the next start. */
async function recovered(note: NoteRow, now: string, db: StillBoxDb): Promise<boolean> {
  const camera = await db.cameras.get(note.cameraId).catch(() => undefined);
  if (camera === undefined) return true;
  const newer = Date.parse(camera.updatedAt ?? "") > Date.parse(note.at);
  const changes = newer ? note.changes.filter((change) => isUntouched(camera, change)) : note.changes;
  const done = await editCamera(note.cameraId, { label: note.label, changes }, now, db);
  return done.ok || done.error.reason === "missing" || done.error.reason === "invalid";
}

/** Whether a value is still what the change started from. */
function isUntouched(camera: object, change: CameraChange): boolean {
  const back = withChanges(camera, [change], "undo");
  return JSON.stringify(back) === JSON.stringify(camera);
}

function isNote(note: unknown): note is NoteRow {
  const { id, cameraId, label, changes, at } = note as Partial<Record<keyof NoteRow, unknown>>;
  return (
    [id, cameraId, label, at].every((each) => typeof each === "string") &&
    Array.isArray(changes) &&
    changes.every((change) => isChange(change))
  );
}

/** Whether what came from outside is a change: a path of names, with what was and what shall be. */
export function isChange(change: unknown): change is CameraChange {
  if (typeof change !== "object" || change === null) return false;
  const { path } = change as { readonly path?: unknown };
  return Array.isArray(path) && path.every((name) => typeof name === "string");
}
