import type { Result } from "../../core/basis/units/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { changesBetween, type Exposure, parseExposure } from "../../core/document/index.ts";
import { type ExposureRow, exposureOf, exposureRow, type StillBoxDb, theDb } from "../engine/db.ts";
import { changeAsStep, type Step } from "../engine/editRecord.ts";
import { attempt, orRefused, type StorageFailure } from "../engine/failure.ts";

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
const NO_LIMIT = 2 ** 31;

/** All shots, newest first; of one camera or of all. */
export async function listExposures(cameraId: string | null, db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const shots = await shotsBetween(cameraId, 0, NO_LIMIT, db);
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

/** Writes a shot, new or changed, as a step; its place in its load is taken. A count of the same id is over with it. */
export function saveExposure(
  exposure: Exposure,
  { label, now }: { readonly label: string; readonly now: string },
  db: StillBoxDb = theDb(),
): Promise<Result<Step<Exposure>, StorageFailure>> {
  return changeAsStep("exposures", exposure.id, () => exposure, { label, now }, db);
}

/**
 * Logs a counted shot, once: where another tab has logged it, what stands there stays, and only empty lines are filled. One
 * step takes it back: then its count waits to be logged again, and what it left on its camera is undone.
 *
 * @param turn what it leaves on its camera (the one of a tray that was used is exposed)
 */
export function logExposure(
  exposure: Exposure,
  now: string,
  turn: { readonly label: string; readonly change: (camera: Camera) => Camera } | null = null,
  db: StillBoxDb = theDb(),
): Promise<Result<Step<Exposure>, StorageFailure>> {
  const { id, cameraId } = exposure;
  const logged = (stored: Exposure | null): Exposure =>
    stored === null ? exposure : { ...exposure, ...filled(stored) };
  const by = { label: "logged", now, deed: crypto.randomUUID() };
  const along = { ...by, follows: "always" } as const;
  return attempt(() =>
    db.transaction("rw", [db.exposures, db.counts, db.table("loads"), db.cameras, db.edits], async () => {
      orRefused(await changeAsStep("counts", id, () => null, along, db));
      const done = orRefused(await changeAsStep("exposures", id, logged, by, db));
      const turned = (camera: Camera | null): Camera | null => camera && (turn?.change(camera) ?? camera);
      // A camera that can't be turned (gone, or damaged) keeps no shot from being logged.
      if (turn !== null) await changeAsStep("cameras", cameraId, turned, { ...along, label: turn.label }, db);
      return done;
    }),
  );
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
