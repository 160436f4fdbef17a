import { type Collection, Dexie } from "dexie";
import type { Result } from "../core/basis/units/index.ts";
import {
  type Change,
  changesBetween,
  parseCamera,
  parseNegative,
  parseRecord,
  withChanges,
} from "../core/document/index.ts";
import type { Fault } from "../core/light/solve/index.ts";
import { type EditRow, type StillBoxDb, theDb } from "./db.ts";
import type { Edited, EditedName } from "./edited.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

/** Which record an edit is of. */
export interface EditedRef {
  readonly name: EditedName;
  readonly recordId: string;
  /** Where only edits of these labels are a page's own: another one's end the row that it may take back. */
  readonly labels?: readonly string[] | undefined;
}

/** That an edit is of this camera. */
export function cameraRef(recordId: string): EditedRef {
  return { name: "cameras", recordId };
}

/** An edit on its way to the database. */
export interface Edit {
  readonly label: string;
  readonly changes: readonly Change[];
  /** Edits of one stroke (a drag, figures typed in one go) are one step of undo. */
  readonly stroke?: string | undefined;
}

/** What can be undone and redone, by the words of the edit. */
export interface HistoryState {
  readonly undo: string | null;
  readonly redo: string | null;
}

/** What undo or redo changed. */
export interface Stepped extends EditedRef {
  /** The record as it is stored now; `null`: it is not there (any more). */
  readonly record: Edited[EditedName] | null;
}

/** Undo reaches back this many edits of a record. */
const LONGEST_HISTORY = 300;

type Parser<R> = (row: unknown) => Result<R, readonly Fault[]>;
const PARSERS: { readonly [N in EditedName]: Parser<Edited[N]> } = {
  cameras: parseCamera,
  negatives: parseNegative,
  trails: (row) => parseRecord("trails", row),
};

/** The collections whose records are edited by hand. */
export const EDITED: readonly EditedName[] = Object.keys(PARSERS) as EditedName[];

/** A whole record of an edited collection, or a refusal that leaves its transaction undone. */
export function checkedEdited<N extends EditedName>(name: N, row: unknown): Edited[N] {
  const parsed = PARSERS[name](row);
  if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
  return parsed.value;
}

/** One record, or why not. */
export function getEdited<N extends EditedName>(
  name: N,
  id: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Edited[N], StorageFailure>> {
  return attempt(async () => {
    const row: unknown = await db.table(name).get(id);
    if (row === undefined) throw new Refusal(storageFailure("missing"));
    return checkedEdited(name, row);
  });
}

/**
 * Applies an edit to a record as it is stored now, so that edits made in two tabs at once are both kept; remembers it for
 * undo and drops what had been undone before it.
 *
 * @param now ISO 8601
 * @returns the record as stored
 */
export function editRecord<N extends EditedName>(
  name: N,
  id: string,
  { label, changes, stroke }: Edit,
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Edited[N], StorageFailure>> {
  const of = { name, recordId: id };
  return attempt(() =>
    db.transaction("rw", db.table(name), db.edits, async () => {
      const stored = (await db.table(name).get(id)) as Edited[N] | undefined;
      if (stored === undefined) throw new Refusal(storageFailure("missing"));
      const next = checkedEdited(name, withChanges(stored, changes, "redo"));
      const real = changesBetween(stored, next);
      if (real.length === 0) return stored;
      await steps(of, 1, db).delete();
      const last = await steps(of, 0, db).last();
      if (last !== undefined && stroke !== undefined && last.stroke === stroke) {
        const whole = joined(withChanges(stored, last.changes, "undo"), next);
        await db.edits.update(last.id, { changes: whole, at: now, label });
      } else {
        await remember({ ...of, label, at: now, changes: real, stroke }, db);
      }
      return store(name, next, now, db);
    }),
  );
}

/** Deletes a record as a step that can be taken back, and hands it back. */
export function removeEdited<N extends EditedName>(
  name: N,
  id: string,
  label: string,
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Edited[N], StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table(name), db.edits, async () => {
      const stored = (await db.table(name).get(id)) as Edited[N] | undefined;
      if (stored === undefined) throw new Refusal(storageFailure("missing"));
      await steps({ name, recordId: id }, 1, db).delete();
      await remember({ name, recordId: id, label, at: now, changes: changesBetween(stored, undefined) }, db);
      await db.table(name).delete(id);
      return stored;
    }),
  );
}

/** Stores a record that a page holds and that was deleted elsewhere meanwhile; one that is there stays as it is. */
export function bringBack<N extends EditedName>(
  name: N,
  record: Edited[N],
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Edited[N], StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table(name), async () => {
      const there = (await db.table(name).get(record.id)) as Edited[N] | undefined;
      return there ?? store(name, checkedEdited(name, record), now, db);
    }),
  );
}

/**
 * Takes the last edit of some records back (`undo`), or does the one taken back last again (`redo`): in the order in which
 * the hand made them, whichever record each was of. Without one, nothing changes.
 *
 * @param refs the records of a page
 * @returns what was changed; `null`: there was nothing to take back
 */
export function stepHistory(
  refs: readonly EditedRef[],
  way: "undo" | "redo",
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Stepped | null, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", [...new Set(refs.map(({ name }) => name)), "edits"], async () => {
      const edit = await nextStep(refs, way, db);
      if (edit === undefined) return null;
      const { name, recordId } = edit;
      const stored: unknown = await db.table(name).get(recordId);
      // Of what is gone only that it went can be taken back.
      const whole = edit.changes.some(({ path }) => path.length === 0);
      if (stored === undefined && !whole) throw new Refusal(storageFailure("missing"));
      const next = withChanges(stored, edit.changes, way);
      await db.edits.update(edit.id, { undone: way === "undo" ? 1 : 0 });
      if (next !== undefined) {
        return { name, recordId, record: await store(name, checkedEdited(name, next), now, db) };
      }
      await db.table(name).delete(recordId);
      return { name, recordId, record: null };
    }),
  );
}

/** What undo and redo of some records would do now. */
export async function historyState(refs: readonly EditedRef[], db: StillBoxDb = theDb()): Promise<HistoryState> {
  const [undo, redo] = await Promise.all([nextStep(refs, "undo", db), nextStep(refs, "redo", db)]);
  return { undo: undo?.label ?? null, redo: redo?.label ?? null };
}

/** Edits of one record in their order, those that stand and those taken back. */
export async function editsOf(of: EditedRef, db: StillBoxDb = theDb()): Promise<readonly EditRow[]> {
  const both = await Promise.all([steps(of, 0, db).toArray(), steps(of, 1, db).toArray()]);
  return both.flat().sort((a, b) => a.id - b.id);
}

/** Forgets the edits of records, within the transaction of what replaces them. */
export async function forgetEdits(name: EditedName, ids: readonly string[], db: StillBoxDb): Promise<void> {
  for (const recordId of ids) {
    for (const undone of [0, 1] as const) await steps({ name, recordId }, undone, db).delete();
  }
}

/** A record's edits: those that stand (0) or those taken back (1). By the index: only what is asked for is read. */
function steps({ name, recordId }: EditedRef, undone: 0 | 1, db: StillBoxDb): Collection<EditRow, number> {
  return db.edits
    .where("[name+recordId+undone+id]")
    .between([name, recordId, undone, Dexie.minKey], [name, recordId, undone, Dexie.maxKey]) as Collection<
    EditRow,
    number
  >;
}

async function nextStep(
  refs: readonly EditedRef[],
  way: "undo" | "redo",
  db: StillBoxDb,
): Promise<EditRow | undefined> {
  const ends = await Promise.all(
    refs.map((of) => (way === "undo" ? steps(of, 0, db).last() : steps(of, 1, db).first())),
  );
  const found = ends
    .filter((edit, i) => edit !== undefined && (refs[i]?.labels?.includes(edit.label) ?? true))
    .filter((edit) => edit !== undefined)
    .sort((a, b) => a.id - b.id);
  return way === "undo" ? found.at(-1) : found[0];
}

async function remember(edit: Omit<EditRow, "id" | "undone">, db: StillBoxDb): Promise<void> {
  await db.edits.add({ ...edit, undone: 0 } as EditRow);
  const many = await steps(edit, 0, db).count();
  if (many <= LONGEST_HISTORY) return;
  const oldest = await steps(edit, 0, db)
    .limit(many - LONGEST_HISTORY)
    .primaryKeys();
  await db.edits.bulkDelete(oldest);
}

/** What one stroke changed in all: from before it to after it, leaving out what it only passed through. */
function joined(before: Edited[EditedName], after: Edited[EditedName]): readonly Change[] {
  return changesBetween({ ...before, updatedAt: undefined }, { ...after, updatedAt: undefined });
}

/** Writes a record with its time of change, which always rises: so an older echo is known from a newer one. */
async function store<N extends EditedName>(
  name: N,
  record: Edited[N],
  now: string,
  db: StillBoxDb,
): Promise<Edited[N]> {
  const stamped = { ...record, updatedAt: later(now, record.updatedAt) };
  await db.table(name).put(stamped);
  return stamped;
}

/** A time, or a millisecond after another one where that is not earlier. */
function later(now: string, last: string | undefined): string {
  const before = last === undefined ? Number.NaN : Date.parse(last);
  if (!(Date.parse(now) <= before)) return now;
  return new Date(before + 1).toISOString();
}
