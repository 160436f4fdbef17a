import type { Result } from "../../core/basis/units/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { type Load, type Pack, withChanges } from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { changeAsStep, type Edit } from "../engine/editRecord.ts";
import { attempt, orRefused, Refusal, type StorageFailure, storageFailure } from "../engine/failure.ts";
import { withTaken } from "../engine/keeping.ts";
import { checkedRecord, getRecord, listRecords, wholeRecords } from "../engine/records.ts";

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

/** What loading did. */
export interface Loading {
  readonly load: Load;
  /** How many places it filled. */
  readonly filled: number;
  /** The pack it was taken from, as it is now. */
  readonly pack: Pack | null;
  /** The step that takes all of it back; `null`: nothing was changed. */
  readonly step: number | null;
}

/**
 * Writes what a camera is loaded with, all of it or place by place: whatever else was in it is out, its pack holds so many
 * sheets less, and a tray is turned back. All or nothing, and one step to take back: the places it filled are empty again,
 * what was loaded since stays. What another tab has loaded or unloaded meanwhile is refused.
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
  const by = { label: "loaded", now: load.at, deed: crypto.randomUUID() };
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
      const whole: Load = { ...load, ...before, places: [...there, ...added] };
      const { step } = orRefused(await changeAsStep("loads", load.id, () => whole, by, db));
      for (const { id } of open) {
        const out = (now: Load | null): Load | null => now && { ...now, unloadedAt: load.at };
        if (id !== load.id) orRefused(await changeAsStep("loads", id, out, { ...by, follows: "ifGone" }, db));
      }
      if (turn !== null) {
        const turned = (now: Camera | null): Camera | null => now && withChanges(now, turn.changes, "redo");
        const along = { ...by, label: turn.label, follows: "ifGone" } as const;
        orRefused(await changeAsStep("cameras", load.cameraId, turned, along, db));
      }
      const pack = load.packId ? await takenFrom(load.packId, added.length, by, db) : null;
      return { load: checkedRecord("loads", whole), filled: added.length, pack, step };
    }),
  );
}

/** Counts a pack down by sheets that go into a camera, opens it, and hands it back; `null`: it is gone. */
async function takenFrom(
  id: string,
  wanted: number,
  by: { readonly label: string; readonly now: string; readonly deed: string },
  db: StillBoxDb,
): Promise<Pack | null> {
  const taken = (now: Pack | null): Pack | null => {
    // By its count it may hold fewer.
    const sheets = Math.min(wanted, now?.left ?? 0);
    return now && sheets > 0 ? { ...withTaken(now, by.deed, sheets), opened: now.opened ?? by.now.slice(0, 10) } : now;
  };
  return orRefused(await changeAsStep("packs", id, taken, { ...by, follows: "always" }, db)).record;
}
