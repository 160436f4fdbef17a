import { type Change, changesBetween, withChanges } from "../../core/document/index.ts";
import { deletedCameras } from "../cameras/cameras.ts";
import { type NoteRow, ofCamera, type StillBoxDb, theDb } from "./db.ts";
import { type EditedName, HELD } from "./edited.ts";
import { editRecord, getEdited } from "./editRecord.ts";
import { heldNotes, inLocalStorage, quickNotes } from "./quickNotes.ts";
import { isChange, strikeUnsaved } from "./unsaved.ts";

/** What became of the notes that pages which are gone had left. */
export interface Recovery {
  /** Edits that can't be stored now: they are still to be shown, and to be stored later. */
  readonly waiting: readonly NoteRow[];
  /** Values that somebody changed since they were noted: the newer stand, the noted ones can still be taken. */
  readonly older: readonly NoteRow[];
  /** Of records that were deleted since. */
  readonly gone: readonly NoteRow[];
  /** Notes that could not be read. */
  readonly damaged: number;
}

/**
 * Stores what pages that are gone had noted. Called when a page starts, and when a deleted camera comes back. A value that
 * somebody changed since the note was made stays as it is: the newer wins, the older is told. A note that can't be read
 * is put away; this never fails.
 *
 * @param now ISO 8601
 */
export async function recoverUnsaved(now: string, db: StillBoxDb = theDb()): Promise<Recovery> {
  await takeHeld(now, db);
  const recovery = { waiting: [] as NoteRow[], older: [] as NoteRow[], gone: [] as NoteRow[], damaged: 0 };
  const stored: readonly unknown[] = await db.notes.toArray().catch(() => []);
  const removed = await deletedCameras(db);
  // A quick note is the later word of it.
  const notes = new Map([...stored, ...quickNotes()].map((note) => [idOf(note), inOurWords(note)]));
  for (const [id, note] of notes) {
    if (!isNote(note)) {
      recovery.damaged++;
      await strikeUnsaved(id, db);
      continue;
    }
    // It waits for Undo to bring its camera back.
    if (note.name === "cameras" && removed.some(({ recordId }) => recordId === note.recordId)) continue;
    const came = await recovered(note, now, db).catch((): Came => ({ done: "damaged", older: [] }));
    if (came.done === "later") recovery.waiting.push(note);
    else await strikeUnsaved(id, db);
    if (came.done === "damaged") recovery.damaged++;
    if (came.done === "gone") recovery.gone.push(note);
    if (came.older.length > 0) recovery.older.push({ ...note, changes: came.older });
  }
  return recovery;
}

/** Stores the records that pages of an earlier version held whole: each as an edit that can be taken back. */
async function takeHeld(now: string, db: StillBoxDb): Promise<void> {
  for (const { key, note } of heldNotes()) {
    const { name, record } = (note ?? {}) as { readonly name?: EditedName; readonly record?: { readonly id: string } };
    const known = HELD.find((each) => each === name);
    if (known !== undefined && record !== undefined) {
      const stored = await getEdited(known, String(record.id), db);
      if (!stored.ok && stored.error.reason !== "missing" && stored.error.reason !== "invalid") continue;
      if (stored.ok) {
        const edit = { label: "held before the update", changes: changesBetween(stored.value, record) };
        const done = await editRecord(known, record.id, edit, now, db);
        if (!done.ok && done.error.reason !== "invalid") continue;
      }
    }
    inLocalStorage((local) => local.removeItem(key));
  }
}

/** A quick note may be of a version before this one. */
function inOurWords(note: unknown): unknown {
  return typeof note === "object" && note !== null ? ofCamera(note) : note;
}

function idOf(note: unknown): string {
  return String((note as { readonly id?: unknown } | null)?.id);
}

/** What came of a note, and the changes in it that somebody else's came after. */
interface Came {
  readonly done: "stored" | "later" | "gone" | "damaged";
  readonly older: readonly Change[];
}

/** What only can't be stored now waits; what can never be stored is done with. */
async function recovered(note: NoteRow, now: string, db: StillBoxDb): Promise<Came> {
  const record = (await db.table(note.name).get(note.recordId)) as
    | { readonly updatedAt?: string | undefined }
    | undefined;
  if (record === undefined) return { done: "gone", older: [] };
  const newer = Date.parse(record.updatedAt ?? "") > Date.parse(note.at);
  const older = newer ? note.changes.filter((change) => !stands(record, change)) : [];
  const changes = note.changes.filter((change) => !older.includes(change));
  const done = await editRecord(note.name, note.recordId, { label: note.label, changes }, now, db);
  if (!done.ok && done.error.reason === "invalid") return { done: "damaged", older: [] };
  return { done: done.ok ? "stored" : done.error.reason === "missing" ? "gone" : "later", older };
}

/** Whether a value is still what the change started from, or already what it led to. */
function stands(record: object, change: Change): boolean {
  const there = JSON.stringify(record);
  return (["undo", "redo"] as const).some((way) => JSON.stringify(withChanges(record, [change], way)) === there);
}

function isNote(note: unknown): note is NoteRow {
  if (typeof note !== "object" || note === null) return false;
  const { id, name, recordId, label, changes, at } = note as Partial<Record<keyof NoteRow, unknown>>;
  return (
    HELD.some((each) => each === name) &&
    [id, recordId, label, at].every((each) => typeof each === "string") &&
    Array.isArray(changes) &&
    changes.every((change) => isChange(change))
  );
}
