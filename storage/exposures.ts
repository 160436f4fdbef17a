import type { Result } from "../core/basis/units/index.ts";
import {
  type Change,
  changesBetween,
  type Exposure,
  type Load,
  parseExposure,
  withChanges,
} from "../core/document/index.ts";
import { type ExposureRow, exposureOf, exposureRow, type StillBoxDb, theDb } from "./db.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

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
  return rows.map(read);
}

function read(row: ExposureRow | undefined): Exposure | null {
  const parsed = parseExposure(row && exposureOf(row));
  return parsed.ok ? parsed.value : null;
}

/** Ids of the shots that are asked for, newest first: every shot of one camera or of all is looked at, none is held. */
export async function siftShots(
  cameraId: string | null,
  wanted: (shot: Exposure) => boolean,
  db: StillBoxDb = theDb(),
): Promise<readonly string[]> {
  const rows = await inOrder(cameraId, db).reverse().toArray();
  return rows.filter((row) => wanted(exposureOf(row))).map(({ id }) => id);
}

/** Shots by their ids, in that order; those that are gone or damaged are `null`. */
export async function shotsByIds(
  ids: readonly string[],
  db: StillBoxDb = theDb(),
): Promise<readonly (Exposure | null)[]> {
  return (await db.exposures.bulkGet([...ids])).map(read);
}

/** A list longer than any log: the engine counts with 32 bits. */
const MOST = 2 ** 31;

/** All shots, newest first; of one camera or of all. */
export async function listExposures(cameraId: string | null, db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const shots = await shotsBetween(cameraId, 0, MOST, db);
  return shots.flatMap((shot) => (shot === null ? [] : [shot]));
}

/** Shots that were judged, whatever their number: what the log has to say. */
export async function judgedShots(db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const rows = await db.exposures.where("judged.at").above("").toArray();
  return rows.map(read).filter((shot) => shot !== null);
}

/** Shots of a load. */
export async function shotsOfLoad(loadId: string, db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const rows = await db.exposures.where({ loadId }).sortBy("openedMs");
  return rows.map(read).filter((shot) => shot !== null);
}

/** Writes a shot, new or changed; its place in its load is taken. A count of the same id is over with it. */
export function saveExposure(exposure: unknown, db: StillBoxDb = theDb()): Promise<Result<Exposure, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.exposures, db.counts, db.table("loads"), async () => {
      const parsed = parseExposure(exposure);
      if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
      const shot = parsed.value;
      const old = await db.exposures.get(shot.id);
      await db.exposures.put(exposureRow(shot));
      await db.counts.delete(shot.id);
      // A place exposed twice is the later shot's: words changed in the older one don't take it back.
      if (old === undefined || old.loadId !== shot.loadId || old.place !== shot.place) await mark(shot, shot.id, db);
      return shot;
    }),
  );
}

/**
 * Changes a shot as it is stored now, or takes a change of it back: what other tabs changed stays.
 *
 * @returns the shot as stored
 */
export function editExposure(
  id: string,
  changes: readonly Change[],
  way: "redo" | "undo",
  db: StillBoxDb = theDb(),
): Promise<Result<Exposure, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.exposures, db.counts, db.table("loads"), async () => {
      const row = await db.exposures.get(id);
      if (row === undefined) throw new Refusal(storageFailure("missing"));
      return saved(await saveExposure(withChanges(exposureOf(row), changes, way), db));
    }),
  );
}

/**
 * Logs a counted shot, once: where another tab has logged it, what stands there stays, and only empty lines are filled.
 *
 * @returns the shot as stored
 */
export function logExposure(exposure: Exposure, db: StillBoxDb = theDb()): Promise<Result<Exposure, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.exposures, db.counts, db.table("loads"), async () => {
      const row = await db.exposures.get(exposure.id);
      return saved(await saveExposure(row === undefined ? exposure : { ...exposure, ...filled(exposureOf(row)) }, db));
    }),
  );
}

/** What was saved within a transaction, or a refusal that leaves all of it undone. */
function saved(done: Result<Exposure, StorageFailure>): Exposure {
  if (!done.ok) throw new Refusal(done.error);
  return done.value;
}

/** What is said in a record: all but its empty lines. */
function filled<R extends object>(record: R): Partial<R> {
  return Object.fromEntries(Object.entries(record).filter(([, value]) => value !== "" && value != null)) as Partial<R>;
}

/** Takes shots in, all or none; those that are here just so already are left alone. @returns how many were new or changed */
export function importShots(
  shots: readonly Exposure[],
  db: StillBoxDb = theDb(),
): Promise<Result<number, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.exposures, async () => {
      const here = await db.exposures.bulkGet(shots.map(({ id }) => id));
      const rows = shots.flatMap((shot, index) => {
        const old = here[index];
        // What a table doesn't hold (spots, the photograph) stays as it is.
        const row = exposureRow({ ...old, ...shot });
        return old !== undefined && changesBetween(old, row).length === 0 ? [] : [row];
      });
      await db.exposures.bulkPut(rows);
      return rows.length;
    }),
  );
}

/** Deletes a shot and hands it back, so that deleting can be undone with {@link saveExposure}; its place is free again. */
export function removeExposure(id: string, db: StillBoxDb = theDb()): Promise<Result<Exposure, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.exposures, db.table("loads"), async () => {
      const row = await db.exposures.get(id);
      if (row === undefined) throw new Refusal(storageFailure("missing"));
      await db.exposures.delete(id);
      await mark(row, null, db);
      return exposureOf(row);
    }),
  );
}

/** Marks the place of a shot's load as used by it, or as free where it was. */
async function mark({ id, loadId, place }: Exposure, by: string | null, db: StillBoxDb): Promise<void> {
  const load = loadId ? await db.table<Load>("loads").get(loadId) : undefined;
  if (load === undefined || !Array.isArray(load.places)) return;
  const places = load.places.map((each) => {
    if (each.exposureId === id && (by === null || each.place !== place)) return { ...each, exposureId: null };
    return each.place === place && by !== null ? { ...each, exposureId: by } : each;
  });
  await db.table("loads").put({ ...load, places });
}
