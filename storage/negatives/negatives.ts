import type { Result } from "../../core/basis/units/index.ts";
import { type Negative, parseNegative } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "../engine/failure.ts";

/** All negatives that are whole, the latest first; damaged ones are left where they are. */
export async function listNegatives(db: StillBoxDb = theDb()): Promise<readonly Negative[]> {
  const rows: readonly unknown[] = await db.table("negatives").toArray();
  const whole = rows.flatMap((row) => {
    const parsed = parseNegative(row);
    return parsed.ok ? [parsed.value] : [];
  });
  return whole.sort((a, b) => Date.parse(b.at ?? "") - Date.parse(a.at ?? "") || (a.id < b.id ? -1 : 1));
}

/** Notes that positives were saved as files; a negative that is gone meanwhile stays gone. */
export function noteSaved(
  ids: readonly string[],
  at: string,
  db: StillBoxDb = theDb(),
): Promise<Result<void, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table("negatives"), async () => {
      for (const id of ids) await db.table("negatives").update(id, { savedAt: at });
    }),
  );
}

/** Writes negatives, new or changed, all or none, and hands back what stood there before (`null`: nothing). */
export function saveNegatives(
  negatives: readonly Negative[],
  db: StillBoxDb = theDb(),
): Promise<Result<readonly (Negative | null)[], StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table("negatives"), async () => {
      const table = db.table("negatives");
      const before = (await table.bulkGet(negatives.map(({ id }) => id))) as (Negative | undefined)[];
      for (const negative of negatives) {
        const parsed = parseNegative(negative);
        if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
      }
      await table.bulkPut([...negatives]);
      return before.map((row) => row ?? null);
    }),
  );
}
