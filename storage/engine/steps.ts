import { type Collection, Dexie } from "dexie";
import type { EditRow, StillBoxDb } from "./db.ts";
import { type Edited, type EditedName, HELD, type HeldName } from "./edited.ts";
import { Refusal, storageFailure } from "./failure.ts";
import { KEEPING, type Keeping, settled } from "./keeping.ts";

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

/** Undo reaches back this many edits of a record. */
const LONGEST_HISTORY = 300;

/** A whole record of an edited collection, or a refusal that leaves its transaction undone. */
export function checkedEdited<N extends EditedName>(name: N, row: unknown): Edited[N] {
  const parsed = keeping(name).parse(row);
  if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
  return parsed.value;
}

/** A record that is there, or a refusal. */
export function there<R>(stored: R | null): R {
  if (stored === null) throw new Refusal(storageFailure("missing"));
  return stored;
}

/** How a collection is kept: for one name of many, which the compiler does not follow through the table. */
export function keeping<N extends EditedName>(name: N): Keeping<Edited[N]> {
  return KEEPING[name] as unknown as Keeping<Edited[N]>;
}

/** The tables that a step of these collections may write. */
export function tablesOf(names: readonly EditedName[]): string[] {
  return [...new Set([...names.flatMap((name) => [name, ...(KEEPING[name].along?.tables ?? [])]), "edits"])];
}

/** A record as it lies there, settled, whole or not; `undefined`: it is not there. */
export async function storedRecord<N extends EditedName>(
  name: N,
  id: string,
  db: StillBoxDb,
): Promise<Edited[N] | undefined> {
  const row: unknown = await db.table(name).get(id);
  if (row === undefined) return undefined;
  return settled(name, keeping(name).recordOf?.(row) ?? (row as Edited[N]));
}

/** A record's edits: those that stand (0) or those taken back (1). By the index: only what is asked for is read. */
export function steps(of: StepsOf, undone: 0 | 1, db: StillBoxDb): Collection<EditRow, number> {
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

/** @returns the number of the step */
export async function remember(edit: Omit<EditRow, "id" | "undone">, db: StillBoxDb): Promise<number> {
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

/** Writes a record with what changes along; one that pages hold with its time of change, which always rises. */
export async function store<N extends EditedName>(
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

export async function erase<N extends EditedName>(
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

/** Forgets the edits of records, within the transaction of what replaces them. */
export async function forgetEdits(name: EditedName, ids: readonly string[], db: StillBoxDb): Promise<void> {
  for (const recordId of ids) {
    for (const undone of [0, 1] as const) await steps({ name, recordId }, undone, db).delete();
  }
}
