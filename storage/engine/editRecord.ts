import type { Result } from "../../core/basis/units/index.ts";
import { type Change, changesBetween, withChanges } from "../../core/document/index.ts";
import { type EditRow, type StillBoxDb, theDb } from "./db.ts";
import type { Edited, EditedName } from "./edited.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";
import { settled, unsettled } from "./keeping.ts";
import { checkedEdited, erase, remember, steps, store, storedRecord, tablesOf, there } from "./steps.ts";

/** An edit on its way to the database. */
export interface Edit {
  readonly label: string;
  readonly changes: readonly Change[];
  /** Edits of one stroke (a drag, figures typed in one go) are one step of undo. */
  readonly stroke?: string | undefined;
}

/** What a step left behind. */
export interface Step<R> {
  /** The record as it is stored now; `null`: it is gone. */
  readonly record: R | null;
  /** The step, for {@link takeBack}; `null`: nothing was changed. */
  readonly step: number | null;
}

/** One record, or why not. */
export function getEdited<N extends EditedName>(
  name: N,
  id: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Edited[N], StorageFailure>> {
  return attempt(async () => {
    const record = await storedRecord(name, id, db);
    if (record === undefined) throw new Refusal(storageFailure("missing"));
    return checkedEdited(name, record);
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
    db.transaction("rw", tablesOf([name]), async () => {
      const stored = await storedRecord(name, id, db);
      if (stored === undefined) throw new Refusal(storageFailure("missing"));
      const next = settled(name, checkedEdited(name, withChanges(stored, changes, "redo")));
      const real = unsettled(name, changesBetween(stored, next));
      if (real.length === 0) return stored;
      await steps(of, 1, db).delete();
      const last = await steps(of, 0, db).last();
      if (last !== undefined && stroke !== undefined && last.stroke === stroke) {
        const whole = joined(withChanges(stored, last.changes, "undo"), next);
        await db.edits.update(last.id, { changes: whole, at: now, label });
      } else {
        await remember({ ...of, label, at: now, changes: real, stroke }, db);
      }
      return store(name, stored, next, now, db);
    }),
  );
}

/**
 * Does something to a record as it is stored now (`null`: it is not there), as a step that can be taken back: makes it,
 * changes it, or deletes it (`null`). What other tabs did meanwhile stays.
 *
 * @param change may throw a {@link Refusal}
 * @param deed what leads and what follows of one press on several records: see {@link EditRow}
 */
export function changeAsStep<N extends EditedName>(
  name: N,
  id: string,
  change: (stored: Edited[N] | null) => Edited[N] | null,
  {
    label,
    now,
    ...deed
  }: { readonly label: string; readonly now: string } & Partial<Pick<EditRow, "deed" | "follows">>,
  db: StillBoxDb = theDb(),
): Promise<Result<Step<Edited[N]>, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", tablesOf([name]), async () => {
      const stored = await storedRecord(name, id, db);
      const wanted = change(stored ?? null) ?? undefined;
      const next = wanted === undefined ? undefined : settled(name, checkedEdited(name, wanted));
      const changes = unsettled(name, changesBetween(stored, next));
      if (changes.length === 0) return { record: stored ?? null, step: null };
      await steps({ name, recordId: id }, 1, db).delete();
      const step = await remember({ name, recordId: id, label, at: now, changes, ...deed }, db);
      if (next !== undefined) return { record: await store(name, stored, next, now, db), step };
      await erase(name, stored, id, db);
      return { record: null, step };
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
): Promise<Result<Step<Edited[N]>, StorageFailure>> {
  return changeAsStep(name, id, (stored) => there(stored) && null, { label, now }, db);
}

/** Stores a record that a page holds and that was deleted elsewhere meanwhile; one that is there stays as it is. */
export function bringBack<N extends EditedName>(
  name: N,
  record: Edited[N],
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Edited[N], StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", tablesOf([name]), async () => {
      const stored = await storedRecord(name, record.id, db);
      return stored ?? store(name, undefined, checkedEdited(name, record), now, db);
    }),
  );
}

/** What one stroke changed in all: from before it to after it, leaving out what it only passed through. */
function joined(before: Edited[EditedName], after: Edited[EditedName]): readonly Change[] {
  return changesBetween({ ...before, updatedAt: undefined }, { ...after, updatedAt: undefined });
}
