import type { Result } from "../../core/basis/units/index.ts";
import { type Change, withChanges } from "../../core/document/index.ts";
import { type EditRow, type StillBoxDb, theDb } from "./db.ts";
import type { Edited, EditedName } from "./edited.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";
import { KEEPING, settled } from "./keeping.ts";
import {
  checkedEdited,
  type EditedRef,
  erase,
  keeping,
  type StepsOf,
  steps,
  store,
  storedRecord,
  tablesOf,
} from "./steps.ts";

/** What can be undone and redone, by the words of the edit. */
export interface HistoryState {
  readonly undo: string | null;
  readonly redo: string | null;
}

/** What undo or redo changed. */
export interface Stepped extends EditedRef {
  readonly label: string;
  /** The record as it is stored now; `null`: it is not there (any more). */
  readonly record: Edited[EditedName] | null;
}

/**
 * Takes the last edit of some records back (`undo`), or does the one taken back last again (`redo`): in the order in which
 * the hand made them, whichever record each was of. Without one, nothing changes.
 *
 * @param refs the records of a page
 * @returns what was changed; `null`: there was nothing to take back
 */
export function stepHistory(
  refs: readonly StepsOf[],
  way: "undo" | "redo",
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Stepped | null, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", everyTable(db), async () => {
      const edit = await nextStep(refs, way, db);
      return edit === undefined ? null : turned(edit, way, now, db);
    }),
  );
}

/**
 * Takes one step back, whatever came after it: what did stays. One that was taken back already stays so.
 *
 * @returns what was changed; `null`: nothing
 */
export function takeBack(
  step: number,
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Stepped | null, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", everyTable(db), async () => {
      const edit = await db.edits.get(step);
      return edit === undefined || edit.undone === 1 ? null : turned(edit, "undo", now, db);
    }),
  );
}

/** What undo and redo of some records would do now. */
export async function historyState(refs: readonly StepsOf[], db: StillBoxDb = theDb()): Promise<HistoryState> {
  const [undo, redo] = await Promise.all([nextStep(refs, "undo", db), nextStep(refs, "redo", db)]);
  return { undo: undo?.label ?? null, redo: redo?.label ?? null };
}

/** Steps that stand, the last one first. */
export async function standingSteps(of: StepsOf, db: StillBoxDb = theDb()): Promise<readonly EditRow[]> {
  return steps(of, 0, db).reverse().toArray();
}

async function nextStep(refs: readonly StepsOf[], way: "undo" | "redo", db: StillBoxDb): Promise<EditRow | undefined> {
  const ends = await Promise.all(
    refs.map((of) => (way === "undo" ? steps(of, 0, db).last() : steps(of, 1, db).first())),
  );
  const found = ends
    .filter((edit, i) => edit !== undefined && (labelsOf(refs[i])?.includes(edit.label) ?? true))
    .filter((edit) => edit !== undefined)
    .sort((a, b) => a.id - b.id);
  return way === "undo" ? found.at(-1) : found[0];
}

function labelsOf(of: StepsOf | undefined): readonly string[] | undefined {
  return of !== undefined && "recordId" in of ? of.labels : undefined;
}

/** Takes a step back or does it again; with one that leads go those that follow it. */
async function turned(edit: EditRow, way: "undo" | "redo", now: string, db: StillBoxDb): Promise<Stepped> {
  const done = await turnedOne(edit, way, now, db);
  const leads = edit.deed !== undefined && edit.follows === undefined;
  const others = leads ? await db.edits.where({ deed: edit.deed }).sortBy("id") : [];
  for (const other of others) {
    if (other.id === edit.id || other.undone === (way === "undo" ? 1 : 0)) continue;
    if (way === "undo" && other.follows === "ifGone" && done.record !== null) continue;
    // A record that went along may be gone by now: the rest of the deed is taken back without it.
    if (await isThere(other, db)) await turnedOne(other, way, now, db);
  }
  return done;
}

async function isThere({ name, recordId, changes }: EditRow, db: StillBoxDb): Promise<boolean> {
  return isWhole(changes) || (await db.table(name).where(":id").equals(recordId).count()) > 0;
}

/** Whether changes are of a whole record: it was made, or deleted. */
function isWhole(changes: readonly Change[]): boolean {
  return changes.some(({ path }) => path.length === 0);
}

async function turnedOne(edit: EditRow, way: "undo" | "redo", now: string, db: StillBoxDb): Promise<Stepped> {
  const { name, recordId, label } = edit;
  const stored = await storedRecord(name, recordId, db);
  // Of what is gone only that it went can be taken back.
  if (stored === undefined && !isWhole(edit.changes)) throw new Refusal(storageFailure("missing"));
  const next = withoutStep(edit, stored, way);
  await db.edits.update(edit.id, { undone: way === "undo" ? 1 : 0 });
  if (next === undefined) {
    await erase(name, stored, recordId, db);
    return { name, recordId, label, record: null };
  }
  const whole = settled(name, checkedEdited(name, next));
  return { name, recordId, label, record: await store(name, stored, whole, now, db) };
}

/** A record with a step taken back or done again. Of a making that is taken back, something may be left. */
function withoutStep<N extends EditedName>(
  { name, changes }: EditRow & { readonly name: N },
  stored: Edited[N] | undefined,
  way: "undo" | "redo",
): Edited[N] | undefined {
  const { left, isEmpty } = keeping(name);
  const made = changes.find(({ path, before }) => path.length === 0 && before === undefined);
  const changed = withChanges(stored, changes, way);
  const isUnmade = changed === undefined && stored !== undefined && made !== undefined;
  const next = isUnmade ? left?.(stored, made.after as Edited[N]) : changed;
  return next !== undefined && isEmpty?.(next) ? undefined : next;
}

/** The tables that a step of any collection may write: which it is of is known only from the step. */
function everyTable(db: StillBoxDb): string[] {
  const known = new Set(db.tables.map(({ name }) => name));
  return tablesOf(Object.keys(KEEPING) as EditedName[]).filter((name) => known.has(name));
}
