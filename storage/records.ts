import type { Result } from "../core/basis/units/index.ts";
import { parseRecord, type RecordName, type Records } from "../core/document/index.ts";
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

/** Writes a record, new or changed, and hands back what stood there before, so that it can be taken back. */
export function saveRecord<N extends RecordName>(
  name: N,
  record: Records[N],
  db: StillBoxDb = theDb(),
): Promise<Result<Records[N] | null, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table(name), async () => {
      const before = await getRecord(name, record.id, db);
      await db.table(name).put(checkedRecord(name, record));
      return before;
    }),
  );
}

/** Deletes a record and hands it back, so that deleting can be undone with {@link saveRecord}. */
export function removeRecord<N extends RecordName>(
  name: N,
  id: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Records[N], StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table(name), async () => {
      const row: unknown = await db.table(name).get(id);
      if (row === undefined) throw new Refusal(storageFailure("missing"));
      await db.table(name).delete(id);
      return row as Records[N];
    }),
  );
}
