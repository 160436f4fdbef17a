import { type Collection, Dexie } from "dexie";
import type { Result } from "../core/basis/units/index.ts";
import { type Change, changesBetween, withChanges } from "../core/document/index.ts";
import { type EditRow, type StillBoxDb, theDb } from "./db.ts";
import { type Edited, type EditedName, HELD, type HeldName } from "./edited.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";
import { KEEPING, type Keeping, settled, unsettled } from "./keeping.ts";

/** Which record an edit is of. */
export interface EditedRef {
  readonly name: EditedName;
  readonly recordId: string;
  /** Where only edits of these labels are a page's own: another one's end the row that it may take back. */
  readonly labels?: readonly string[] | undefined;
}

/** Which record a page holds. */
export interface HeldRef extends EditedRef {
  readonly name: HeldName;
}

/** Whose steps a page can take back: those of one record, or of all of a collection, or only those of one label. */
export type StepsOf = EditedRef | { readonly name: EditedName; readonly label?: string };

/** That an edit is of this camera. */
export function cameraRef(recordId: string): HeldRef {
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
  readonly label: string;
  /** The record as it is stored now; `null`: it is not there (any more). */
  readonly record: Edited[EditedName] | null;
}

/** What a step left behind. */
export interface Step<R> {
  /** The record as it is stored now; `null`: it is gone. */
  readonly record: R | null;
  /** The step, for {@link takeBack}; `null`: nothing was changed. */
  readonly step: number | null;
}

/** Undo reaches back this many edits of a record. */
const LONGEST_HISTORY = 300;

/** A whole record of an edited collection, or a refusal that leaves its transaction undone. */
export function checkedEdited<N extends EditedName>(name: N, row: unknown): Edited[N] {
  const parsed = keeping(name).parse(row);
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

/** A record that is there, or a refusal. */
export function there<R>(stored: R | null): R {
  if (stored === null) throw new Refusal(storageFailure("missing"));
  return stored;
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

/** Forgets the edits of records, within the transaction of what replaces them. */
export async function forgetEdits(name: EditedName, ids: readonly string[], db: StillBoxDb): Promise<void> {
  for (const recordId of ids) {
    for (const undone of [0, 1] as const) await steps({ name, recordId }, undone, db).delete();
  }
}

/** How a collection is kept: for one name of many, which the compiler does not follow through the table. */
function keeping<N extends EditedName>(name: N): Keeping<Edited[N]> {
  return KEEPING[name] as unknown as Keeping<Edited[N]>;
}

/** The tables that a step of these collections may write. */
function tablesOf(names: readonly EditedName[]): string[] {
  return [...new Set([...names.flatMap((name) => [name, ...(KEEPING[name].along?.tables ?? [])]), "edits"])];
}

/** The tables that a step of any collection may write: which it is of is known only from the step. */
function everyTable(db: StillBoxDb): string[] {
  const known = new Set(db.tables.map(({ name }) => name));
  return tablesOf(Object.keys(KEEPING) as EditedName[]).filter((name) => known.has(name));
}

/** A record as it lies there, settled, whole or not; `undefined`: it is not there. */
async function storedRecord<N extends EditedName>(name: N, id: string, db: StillBoxDb): Promise<Edited[N] | undefined> {
  const row: unknown = await db.table(name).get(id);
  if (row === undefined) return undefined;
  return settled(name, keeping(name).recordOf?.(row) ?? (row as Edited[N]));
}

/** A record's edits: those that stand (0) or those taken back (1). By the index: only what is asked for is read. */
function steps(of: StepsOf, undone: 0 | 1, db: StillBoxDb): Collection<EditRow, number> {
  const [index, ...key] =
    "recordId" in of
      ? ["[name+recordId+undone+id]", of.name, of.recordId]
      : of.label !== undefined
        ? ["[name+label+undone+id]", of.name, of.label]
        : ["[name+undone+id]", of.name];
  return db.edits.where(index).between([...key, undone, Dexie.minKey], [...key, undone, Dexie.maxKey]) as Collection<
    EditRow,
    number
  >;
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

/** @returns the number of the step */
async function remember(edit: Omit<EditRow, "id" | "undone">, db: StillBoxDb): Promise<number> {
  const step = await db.edits.add({ ...edit, undone: 0 } as EditRow);
  const many = await steps(edit, 0, db).count();
  if (many > LONGEST_HISTORY) {
    const oldest = await steps(edit, 0, db)
      .limit(many - LONGEST_HISTORY)
      .primaryKeys();
    await db.edits.bulkDelete(oldest);
  }
  return step;
}

/** What one stroke changed in all: from before it to after it, leaving out what it only passed through. */
function joined(before: Edited[EditedName], after: Edited[EditedName]): readonly Change[] {
  return changesBetween({ ...before, updatedAt: undefined }, { ...after, updatedAt: undefined });
}

/** Writes a record with what changes along; one that pages hold with its time of change, which always rises. */
async function store<N extends EditedName>(
  name: N,
  before: Edited[N] | undefined,
  record: Edited[N],
  now: string,
  db: StillBoxDb,
): Promise<Edited[N]> {
  const { rowOf, along } = keeping(name);
  const last = (record as { readonly updatedAt?: string }).updatedAt;
  const stamped = HELD.includes(name as HeldName) ? { ...record, updatedAt: later(now, last) } : record;
  await db.table(name).put(rowOf?.(stamped) ?? stamped);
  await along?.change(before, stamped, db);
  return stamped;
}

async function erase<N extends EditedName>(
  name: N,
  before: Edited[N] | undefined,
  id: string,
  db: StillBoxDb,
): Promise<void> {
  await db.table(name).delete(id);
  await keeping(name).along?.change(before, undefined, db);
}

/** A time, or a millisecond after another one where that is not earlier. */
function later(now: string, last: string | undefined): string {
  const before = last === undefined ? Number.NaN : Date.parse(last);
  if (!(Date.parse(now) <= before)) return now;
  return new Date(before + 1).toISOString();
}
