import type { CameraChange } from "../core/document/index.ts";
import { editCamera } from "./cameras.ts";
import { type StillBoxDb, theDb } from "./db.ts";

const PREFIX = "still-box:unsaved:";

/** An edit that is on the screen but not yet in the database. */
export interface UnsavedEdit {
  readonly cameraId: string;
  readonly label: string;
  readonly changes: readonly CameraChange[];
}

/** The part of the browser's `localStorage` that is used; it writes at once, so that a killed tab loses nothing. */
type Notepad = Pick<Storage, "getItem" | "setItem" | "removeItem" | "key" | "length">;

/** This page's own line on the notepad: two tabs don't overwrite each other's. */
const page = Math.random().toString(36).slice(2);

/** Notes an edit down until it is stored. Where nothing can be noted, the edit is simply stored a moment later. */
export function noteUnsaved(edit: UnsavedEdit, notepad?: Notepad): void {
  onNotepad(notepad, (pad) => pad.setItem(PREFIX + page, JSON.stringify(edit)));
}

/** Strikes this page's note out. */
export function strikeUnsaved(notepad?: Notepad): void {
  onNotepad(notepad, (pad) => pad.removeItem(PREFIX + page));
}

/** The notepad may be full or forbidden (even to look at): the database has the last word then. */
function onNotepad(notepad: Notepad | undefined, write: (notepad: Notepad) => void): void {
  try {
    write(notepad ?? localStorage);
  } catch {
    // Nothing is noted.
  }
}

/** Stores what pages that are gone had noted. Called once, when a page starts. */
export async function recoverUnsaved(
  now: string,
  db: StillBoxDb = theDb(),
  notepad: Notepad = localStorage,
): Promise<void> {
  const keys = Array.from({ length: notepad.length }, (_, index) => notepad.key(index));
  for (const key of keys) {
    if (key === null || !key.startsWith(PREFIX)) continue;
    const edit = readNote(notepad.getItem(key));
    const done = edit === null ? null : await editCamera(edit.cameraId, edit.changes, edit.label, now, db);
    // What can never be stored is dropped; what only could not be stored now waits for the next start.
    const over = done === null || done.ok || done.error.reason === "missing" || done.error.reason === "invalid";
    if (over) notepad.removeItem(key);
  }
}

function readNote(text: string | null): UnsavedEdit | null {
  try {
    const edit = JSON.parse(text ?? "") as Partial<UnsavedEdit>;
    const whole = typeof edit.cameraId === "string" && typeof edit.label === "string" && Array.isArray(edit.changes);
    return whole ? (edit as UnsavedEdit) : null;
  } catch {
    return null;
  }
}
