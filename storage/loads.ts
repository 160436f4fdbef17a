import type { Result } from "../core/basis/units/index.ts";
import type { Load, Pack } from "../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { attempt, type StorageFailure } from "./failure.ts";
import { checkedRecord, getRecord, listRecords, wholeRecords } from "./records.ts";

/** Loads of a camera, newest first. */
async function loadsOf(cameraId: string, db: StillBoxDb = theDb()): Promise<readonly Load[]> {
  const rows: readonly unknown[] = await db.table("loads").where({ cameraId }).toArray();
  return wholeRecords("loads", rows).sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
}

/** Loads of all cameras or of one, or a single one, newest first; damaged ones are left out. */
export async function listLoads(
  cameraId: string | null,
  id: string | null,
  db: StillBoxDb = theDb(),
): Promise<readonly Load[]> {
  if (id !== null) return [await getRecord("loads", id, db)].filter((load) => load !== null);
  if (cameraId !== null) return loadsOf(cameraId, db);
  return [...(await listRecords("loads", db))].sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
}

/** What is in a camera now; `null`: nothing that is known of. */
export async function presentLoad(cameraId: string, db: StillBoxDb = theDb()): Promise<Load | null> {
  return (await loadsOf(cameraId, db)).find(({ unloadedAt }) => (unloadedAt ?? null) === null) ?? null;
}

/** What loading changed, so that it can be taken back. */
export interface Loading {
  readonly load: Load;
  /** Loads that it ended, and the pack it was taken from, as they were. */
  readonly ended: readonly Load[];
  readonly pack: Pack | null;
}

/**
 * Writes what a camera is loaded with: whatever was in it is out, and its pack holds so many sheets less. All or nothing.
 *
 * @param load its `at` is when the earlier load was out at the latest
 */
export function loadCamera(load: Load, db: StillBoxDb = theDb()): Promise<Result<Loading, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table("loads"), db.table("packs"), async () => {
      const whole = checkedRecord("loads", load);
      const ended = (await loadsOf(load.cameraId, db)).filter(({ unloadedAt }) => (unloadedAt ?? null) === null);
      for (const each of ended) await db.table("loads").put({ ...each, unloadedAt: load.at });
      await db.table("loads").put(whole);
      const pack = load.packId ? await getRecord("packs", load.packId, db) : null;
      if (pack !== null) {
        const left = Math.max(0, pack.left - load.places.length);
        await db.table("packs").put({ ...pack, left, opened: pack.opened ?? load.at.slice(0, 10) });
      }
      return { load: whole, ended, pack };
    }),
  );
}

/** Takes a loading back: as if it had not been. */
export function takeBackLoading(
  { load, ended, pack }: Loading,
  db: StillBoxDb = theDb(),
): Promise<Result<void, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.table("loads"), db.table("packs"), async () => {
      await db.table("loads").delete(load.id);
      await db.table("loads").bulkPut([...ended]);
      if (pack !== null) await db.table("packs").put(pack);
    }),
  );
}
