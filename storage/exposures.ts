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

/** Shots in the order of their opening, of one camera or of all: told by the index alone. */
function inOrder(cameraId: string | null, db: StillBoxDb): ReturnType<StillBoxDb["exposures"]["orderBy"]> {
  return cameraId === null
    ? db.exposures.orderBy("openedMs")
    : db.exposures
        .where("[cameraId+openedMs]")
        .between([cameraId, Number.NEGATIVE_INFINITY], [cameraId, Number.POSITIVE_INFINITY]);
}

/** How many shots there are, of one camera or of all. */
export function countShots(cameraId: string | null, db: StillBoxDb = theDb()): Promise<number> {
  return inOrder(cameraId, db).count();
}

/** The shots from one place of the log to before another, newest first; those that are damaged are `null`. */
export async function shotsBetween(
  cameraId: string | null,
  from: number,
  until: number,
  db: StillBoxDb = theDb(),
): Promise<readonly (Exposure | null)[]> {
  const rows = await inOrder(cameraId, db)
    .reverse()
    .offset(from)
    .limit(until - from)
    .toArray();
  return rows.map((row) => {
    const parsed = parseExposure(exposureOf(row));
    return parsed.ok ? parsed.value : null;
  });
}

/** A list longer than any log: the engine counts with 32 bits. */
const MOST = 2 ** 31;

/** All shots, newest first; of one camera or of all. */
export async function listExposures(cameraId: string | null, db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const shots = await shotsBetween(cameraId, 0, MOST, db);
  return shots.flatMap((shot) => (shot === null ? [] : [shot]));
}

/** Number of shots by camera: counted by the index, however many there are. */
export async function countExposures(db: StillBoxDb = theDb()): Promise<ReadonlyMap<string, number>> {
  const ids = (await db.exposures.orderBy("cameraId").uniqueKeys()).map(String);
  const counts = await Promise.all(ids.map((id) => db.exposures.where("cameraId").equals(id).count()));
  return new Map(ids.map((id, index) => [id, counts[index] as number]));
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
