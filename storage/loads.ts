import type { Result } from "../core/basis/units/index.ts";
import type { Load, Pack } from "../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { type Edit, editRecord } from "./edits.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";
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
  /** The places that it filled, as they stand in the load. */
  readonly filled: readonly string[];
  /** Loads that it ended, as they were. */
  readonly ended: readonly Load[];
  /** The pack it was taken from, as it was, and how many sheets that holds less. */
  readonly pack: Pack | null;
  readonly taken: number;
  readonly turned: Edit | null;
}

/**
 * Writes what a camera is loaded with, all of it or place by place: whatever else was in it is out, its pack holds so many
 * sheets less, and a tray is turned back. All or nothing. What another tab has loaded or unloaded meanwhile is refused.
 *
 * @param load its `at` is when the earlier load was out at the latest; one that is there already keeps its places
 * @param seen id of what was in the camera, as far as the page knew
 * @param turn edit of the camera that belongs to it
 */
export function loadCamera(
  load: Load,
  seen: string | null,
  turn: Edit | null = null,
  db: StillBoxDb = theDb(),
): Promise<Result<Loading, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", [db.table("loads"), db.table("packs"), db.cameras, db.edits], async () => {
      const before = await getRecord("loads", load.id, db);
      const open = (await loadsOf(load.cameraId, db)).filter(({ unloadedAt }) => (unloadedAt ?? null) === null);
      // One that the page did not know was loaded elsewhere; one that is there and not open was unloaded elsewhere.
      const known = open.every(({ id }) => id === seen || id === load.id);
      const isOut = before !== null && !open.some(({ id }) => id === load.id);
      if (!known || isOut) throw new Refusal(storageFailure("elsewhere"));
      // A place that is filled already stays as it is: it may be exposed by now.
      const there = before?.places ?? [];
      const added = load.places.filter(({ place }) => !there.some((each) => each.place === place));
      const whole = checkedRecord("loads", { ...load, ...before, places: [...there, ...added] });
      const ended = open.filter(({ id }) => id !== load.id);
      for (const each of ended) await db.table("loads").put({ ...each, unloadedAt: load.at });
      await db.table("loads").put(whole);
      const pack = load.packId ? await getRecord("packs", load.packId, db) : null;
      const wanted = added.length;
      // By its count it may have held fewer.
      const taken = Math.min(wanted, pack?.left ?? 0);
      if (pack !== null) {
        const left = pack.left - taken;
        await db.table("packs").put({ ...pack, left, opened: pack.opened ?? load.at.slice(0, 10) });
      }
      await edited(load, turn, "redo", db);
      return { load: whole, filled: added.map(({ place }) => place), ended, pack, taken, turned: turn };
    }),
  );
}

/** Takes a loading back: the places it filled are empty again, what was loaded since stays; with none left it never was. */
export function takeBackLoading(
  { load, filled, ended, pack, taken, turned }: Loading,
  db: StillBoxDb = theDb(),
): Promise<Result<void, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", [db.table("loads"), db.table("packs"), db.cameras, db.edits], async () => {
      const now = (await getRecord("loads", load.id, db)) ?? load;
      const places = now.places.filter(({ place }) => !filled.includes(place));
      if (places.length > 0) await db.table("loads").put({ ...now, places });
      else {
        await db.table("loads").delete(load.id);
        await db.table("loads").bulkPut([...ended]);
        await edited(load, turned, "undo", db);
      }
      const present = pack === null ? null : await getRecord("packs", pack.id, db);
      if (present !== null) {
        await db.table("packs").put({ ...present, left: present.left + taken, opened: pack?.opened ?? null });
      }
    }),
  );
}

/** Turns a tray within the transaction of its load; a camera that is gone by now has none. */
async function edited({ cameraId, at }: Load, turn: Edit | null, way: "redo" | "undo", db: StillBoxDb): Promise<void> {
  if (turn === null) return;
  const changes =
    way === "redo"
      ? turn.changes
      : turn.changes.map(({ path, before, after }) => ({ path, before: after, after: before }));
  const done = await editRecord("cameras", cameraId, { ...turn, changes }, at, db);
  if (!done.ok && done.error.reason !== "missing") throw new Refusal(done.error);
}
