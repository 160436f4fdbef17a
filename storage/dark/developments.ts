import type { Result } from "../../core/basis/units/index.ts";
import type { Bottle, Developed, Development, Exposure } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { attempt, type StorageFailure } from "../engine/failure.ts";
import { checkedRecord, getRecord, wholeRecords } from "../engine/records.ts";
import { shotsBetween } from "../exposures/exposures.ts";

/** Those that went in by their instants; those that wait come after them all. */
function inTurn({ startedMs }: Development): number {
  return startedMs ?? Number.MAX_SAFE_INTEGER;
}

/**
 * Sheets that are on their way through the baths now, however long ago they went in, the first in first, then those that
 * wait for their turn. By the index: of ten thousand that are finished none is read.
 */
export async function runningDevelopments(db: StillBoxDb = theDb()): Promise<readonly Development[]> {
  const table = db.table("developments");
  const [all, finished] = await Promise.all([
    table.toCollection().primaryKeys(),
    table.orderBy("finishedAt").primaryKeys(),
  ]);
  const known = new Set(finished);
  const rows: readonly unknown[] = await table.bulkGet(all.filter((id) => !known.has(id)));
  return wholeRecords("developments", rows).sort((a, b) => inTurn(a) - inTurn(b) || (a.order ?? 0) - (b.order ?? 0));
}

/** What finishing a sheet changed, so that it can be taken back. */
export interface Finished {
  readonly before: Development | null;
  readonly exposures: readonly { readonly id: string; readonly developed: Developed | null }[];
}

/**
 * Writes that a sheet is developed: the day’s development stands with the shots it belongs to, and is among the uses of the
 * bottles it went through. All or nothing. Said twice (two tabs, a reload in between) it is done once, as it was first.
 *
 * @param developed what the log shows of it
 */
export function finishDevelopment(
  development: Development,
  developed: Developed,
  db: StillBoxDb = theDb(),
): Promise<Result<Finished, StorageFailure>> {
  const { id, exposureIds, bottleIds = [], areaCm2 = 0 } = development;
  return attempt(() =>
    db.transaction("rw", [db.table("developments"), db.exposures, db.table("bottles")], async () => {
      const before = await getRecord("developments", id, db);
      const rows = (await db.exposures.bulkGet([...exposureIds])).filter((row) => row !== undefined);
      const exposures = rows.map((row) => ({
        id: row.id,
        developed: row.developed?.developmentId === id ? null : (row.developed ?? null),
      }));
      if ((before?.finishedAt ?? null) !== null) return { before, exposures };
      await db.table("developments").put(checkedRecord("developments", development));
      await db.exposures.bulkPut(rows.map((row) => ({ ...row, developed })));
      await changeUses(bottleIds, (uses) => [...uses.filter((use) => use.id !== id), { id, cm2: areaCm2 }], db);
      return { before, exposures };
    }),
  );
}

/**
 * Takes a finished development back: the sheet is on its way again, and no bottle has borne it.
 *
 * @param again as it is on its way
 */
export function takeBackFinish(
  again: Development,
  { exposures }: Finished,
  db: StillBoxDb = theDb(),
): Promise<Result<void, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", [db.table("developments"), db.exposures, db.table("bottles")], async () => {
      await db.table("developments").put(checkedRecord("developments", again));
      for (const { id, developed } of exposures) await db.exposures.update(id, { developed });
      await changeUses(again.bottleIds ?? [], (uses) => uses.filter(({ id }) => id !== again.id), db);
    }),
  );
}

type Uses = NonNullable<Bottle["uses"]>;

/** Changes which sheets went through some bottles; one that is gone is left out. */
async function changeUses(ids: readonly string[], change: (uses: Uses) => Uses, db: StillBoxDb): Promise<void> {
  for (const id of ids) {
    const bottle = await getRecord("bottles", id, db);
    if (bottle !== null) await db.table("bottles").put({ ...bottle, uses: change(bottle.uses ?? []) });
  }
}

/** As many of the newest shots as are looked through for some that wait to be developed. */
const NEWEST = 400;

/** Newest shots that were neither developed nor judged, as far as is written, newest first. */
export async function shotsToDevelop(db: StillBoxDb = theDb()): Promise<readonly Exposure[]> {
  const shots = await shotsBetween(null, 0, NEWEST, db);
  return shots.filter(
    (shot) => shot !== null && shot.developed == null && shot.judged == null && shot.spoilt == null && !shot.tested,
  ) as readonly Exposure[];
}

/** Area of a sheet of each of some cameras that are still there, cm². */
export async function sheetAreas(
  cameraIds: readonly string[],
  db: StillBoxDb = theDb(),
): Promise<ReadonlyMap<string, number>> {
  const cameras = await db.cameras.bulkGet([...new Set(cameraIds)]);
  return new Map(
    cameras.flatMap((camera): [string, number][] => {
      const film = camera?.chambers?.[0]?.film;
      return camera && film ? [[camera.id, (film.width * film.height) / 100]] : [];
    }),
  );
}
