import type { Result } from "../core/basis/units/index.ts";
import { type Exposure, parseExposure } from "../core/document/index.ts";
import { type ExposureRow, instantOf, type StillBoxDb, theDb } from "./db.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

/** A shot as it is stored. */
export function exposureRow(exposure: Exposure): ExposureRow {
  return { ...exposure, openedMs: instantOf(exposure.openedAt) };
}

/** The shot of a stored row, as files have it. */
export function exposureOf({ openedMs: _, ...exposure }: ExposureRow): Exposure {
  return exposure;
}

/** Shots by their ids, in that order; those that are gone or damaged are `null`. */
export async function getExposures(
  ids: readonly string[],
  db: StillBoxDb = theDb(),
): Promise<readonly (Exposure | null)[]> {
  const rows = await db.exposures.bulkGet([...ids]);
  return rows.map((row) => {
    const parsed = row === undefined ? null : parseExposure(exposureOf(row));
    return parsed?.ok ? parsed.value : null;
  });
}

/** Ids of shots, newest first; of one camera or of all. Read from the index alone: as quick for ten thousand as for ten. */
export async function exposureIds(cameraId: string | null, db: StillBoxDb = theDb()): Promise<readonly string[]> {
  const inOrder =
    cameraId === null
      ? db.exposures.orderBy("openedMs")
      : db.exposures
          .where("[cameraId+openedMs]")
          .between([cameraId, Number.NEGATIVE_INFINITY], [cameraId, Number.POSITIVE_INFINITY]);
  return inOrder.reverse().primaryKeys();
}

/** All shots, newest first; of one camera or of all. */
export async function listExposures(cameraId: string | null, db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const shots = await getExposures(await exposureIds(cameraId, db), db);
  return shots.flatMap((shot) => (shot === null ? [] : [shot]));
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
export function saveExposure(exposure: unknown, db: StillBoxDb = theDb()): Promise<Result<Exposure, StorageFailure>> {
  return attempt(async () => {
    const parsed = parseExposure(exposure);
    if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
    await db.exposures.put(exposureRow(parsed.value));
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
      return exposureOf(row);
    }),
  );
}
