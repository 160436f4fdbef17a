import type { Result } from "../../core/basis/units/index.ts";
import { parseRecord, type RecordName, type Records } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

/** A record that is whole, or a refusal that leaves its transaction undone. */
export function checkedRecord<N extends RecordName>(name: N, record: unknown): Records[N] {
  const parsed = parseRecord(name, record);
  if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
  return parsed.value;
}

/** All whole records of a collection; damaged ones are left where they are. */
export async function listRecords<N extends RecordName>(
  name: N,
  db: StillBoxDb = theDb(),
): Promise<readonly Records[N][]> {
  return wholeRecords(name, await db.table(name).toArray());
}

/** Those of some rows that are whole. */
export function wholeRecords<N extends RecordName>(name: N, rows: readonly unknown[]): Records[N][] {
  return rows.flatMap((row) => {
    const parsed = parseRecord(name, row);
    return parsed.ok ? [parsed.value] : [];
  });
}

/** One record, or `null` where there is none that can be read. */
export async function getRecord<N extends RecordName>(
  name: N,
  id: string,
  db: StillBoxDb = theDb(),
): Promise<Records[N] | null> {
  const parsed = parseRecord(name, await db.table(name).get(id));
  return parsed.ok ? parsed.value : null;
}

/** Writes a record that a page keeps for itself: no step of the maker's that could be taken back. */
export function saveRecord<N extends RecordName>(
  name: N,
  record: Records[N],
  db: StillBoxDb = theDb(),
): Promise<Result<void, StorageFailure>> {
  return attempt(async () => void (await db.table(name).put(checkedRecord(name, record))));
}

/**
 * Something done to a record: from how it is stored now (`null`: it is not there) to how it shall be (`null`: gone). Done
 * twice, it does no more than done once: two tabs may do it, or one again that had no answer.
 */
export type Act<R> = (stored: R | null) => R | null;

/**
 * Does something to a record as it is stored now, in one transaction: what another tab did meanwhile stays.
 *
 * @returns the record as it is stored then; `null`: it is not there
 */
export function doActs<N extends RecordName>(
  name: N,
  id: string,
  acts: readonly Act<Records[N]>[],
  db: StillBoxDb = theDb(),
): Promise<Result<Records[N] | null, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table(name), async () => {
      const stored = await getRecord(name, id, db);
      const next = acts.reduce<Records[N] | null>((record, act) => act(record), stored);
      if (next === null && stored !== null) await db.table(name).delete(id);
      if (next !== null && next !== stored) await db.table(name).put(checkedRecord(name, next));
      return next;
    }),
  );
}
