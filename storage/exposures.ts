import type { Result } from "../core/basis/units/index.ts";
import { type Exposure, parseExposure } from "../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

/** Shots, newest first; of one camera or of all. */
export async function listExposures(cameraId: string | null, db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const rows = await (cameraId === null ? db.exposures.toArray() : db.exposures.where({ cameraId }).toArray());
  return rows
    .flatMap((row) => {
      const parsed = parseExposure(row);
      return parsed.ok ? [parsed.value] : [];
    })
    .sort((a, b) => Date.parse(b.openedAt) - Date.parse(a.openedAt));
}

/** Number of shots by camera. */
export async function countExposures(db: StillBoxDb = theDb()): Promise<ReadonlyMap<string, number>> {
  const counts = new Map<string, number>();
  await db.exposures.orderBy("cameraId").eachKey((key) => {
    counts.set(String(key), (counts.get(String(key)) ?? 0) + 1);
  });
  return counts;
}

/** Writes a shot, new or changed. */
export function saveExposure(exposure: Exposure, db: StillBoxDb = theDb()): Promise<Result<Exposure, StorageFailure>> {
  return attempt(async () => {
    const parsed = parseExposure(exposure);
    if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
    await db.exposures.put(parsed.value);
    return parsed.value;
  });
}

/** Deletes a shot and hands it back, so that deleting can be undone with {@link saveExposure}. */
export function removeExposure(id: string, db: StillBoxDb = theDb()): Promise<Result<Exposure, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.exposures, async () => {
      const row = await db.exposures.get(id);
      if (row === undefined) throw new Refusal(storageFailure("missing"));
      await db.exposures.delete(id);
      return row;
    }),
  );
}
