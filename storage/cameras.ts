import type { Result } from "../core/basis/units/index.ts";
import type { Camera } from "../core/camera/container/index.ts";
import { type CameraChange, changesBetween, type Exposure, parseCamera, withChanges } from "../core/document/index.ts";
import { type EditRow, type StillBoxDb, theDb } from "./db.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

/** Undo reaches back this many edits. */
const LONGEST_HISTORY = 300;

/** What can be undone and redone, by the words of the edit. */
export interface HistoryState {
  readonly undo: string | null;
  readonly redo: string | null;
}

/** A camera with everything that went with it, so that deleting can be taken back. */
export interface RemovedCamera {
  readonly camera: Camera;
  readonly edits: readonly EditRow[];
  readonly exposures: readonly Exposure[];
}

function checked(camera: unknown): Camera {
  const parsed = parseCamera(camera);
  if (!parsed.ok) throw new Refusal(storageFailure("invalid", parsed.error));
  return parsed.value;
}

/** All cameras, in the order they were made. Records that don't check out are left where they are and reported. */
export async function listCameras(
  db: StillBoxDb = theDb(),
): Promise<{ readonly cameras: readonly Camera[]; readonly damaged: readonly string[] }> {
  const rows = await db.cameras.toArray();
  const parsed = rows.map((row) => ({ id: row.id, result: parseCamera(row) }));
  const cameras = parsed.flatMap(({ result }) => (result.ok ? [result.value] : []));
  return {
    cameras: cameras.sort((a, b) => (a.createdAt ?? "").localeCompare(b.createdAt ?? "") || a.id.localeCompare(b.id)),
    damaged: parsed.flatMap(({ id, result }) => (result.ok ? [] : [id])),
  };
}

/** One camera, or why not. */
export function getCamera(id: string, db: StillBoxDb = theDb()): Promise<Result<Camera, StorageFailure>> {
  return attempt(async () => {
    const row = await db.cameras.get(id);
    if (row === undefined) throw new Refusal(storageFailure("missing"));
    return checked(row);
  });
}

/** Stores a new camera (or one from a file, under its id). */
export function addCamera(camera: Camera, db: StillBoxDb = theDb()): Promise<Result<Camera, StorageFailure>> {
  return attempt(async () => {
    const whole = checked(camera);
    await db.cameras.put(whole);
    return whole;
  });
}

/**
 * Applies an edit to the camera as it is stored now, so that edits made in two tabs at once are both kept; remembers it
 * for undo and drops what had been undone before it.
 *
 * @param now ISO 8601
 * @returns the camera as stored
 */
export function editCamera(
  id: string,
  changes: readonly CameraChange[],
  label: string,
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Camera, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.cameras, db.edits, async () => {
      const stored = await db.cameras.get(id);
      if (stored === undefined) throw new Refusal(storageFailure("missing"));
      const next = checked(withChanges(stored, changes, "redo"));
      const real = changesBetween(stored, next);
      if (real.length === 0) return stored;
      await db.edits.where({ cameraId: id, undone: 1 }).delete();
      await db.edits.add({ cameraId: id, label, at: now, changes: real, undone: 0 } as EditRow);
      await forgetOldest(id, db);
      return store(next, now, db);
    }),
  );
}

/** Takes the last edit back (`undo`) or does it again (`redo`); without one, the camera stays as it is. */
export function stepHistory(
  id: string,
  way: "undo" | "redo",
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Camera, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.cameras, db.edits, async () => {
      const stored = await db.cameras.get(id);
      if (stored === undefined) throw new Refusal(storageFailure("missing"));
      const edit = await nextStep(id, way, db);
      if (edit === undefined) return stored;
      const next = checked(withChanges(stored, edit.changes, way));
      await db.edits.update(edit.id, { undone: way === "undo" ? 1 : 0 });
      return store(next, now, db);
    }),
  );
}

/** What undo and redo would do now. */
export async function historyState(id: string, db: StillBoxDb = theDb()): Promise<HistoryState> {
  const [undo, redo] = await Promise.all([nextStep(id, "undo", db), nextStep(id, "redo", db)]);
  return { undo: undo?.label ?? null, redo: redo?.label ?? null };
}

async function nextStep(cameraId: string, way: "undo" | "redo", db: StillBoxDb): Promise<EditRow | undefined> {
  const rows = db.edits.where({ cameraId, undone: way === "undo" ? 0 : 1 });
  const sorted = await rows.sortBy("id");
  return way === "undo" ? sorted.at(-1) : sorted[0];
}

async function forgetOldest(cameraId: string, db: StillBoxDb): Promise<void> {
  const keys = await db.edits.where({ cameraId }).primaryKeys();
  const ids = keys.map(Number).sort((a, b) => a - b);
  if (ids.length > LONGEST_HISTORY) await db.edits.bulkDelete(ids.slice(0, ids.length - LONGEST_HISTORY));
}

async function store(camera: Camera, now: string, db: StillBoxDb): Promise<Camera> {
  const stamped = { ...camera, updatedAt: now };
  await db.cameras.put(stamped);
  return stamped;
}

/** Deletes a camera with its edits and shots, and hands them back for {@link restoreCamera}. */
export function removeCamera(id: string, db: StillBoxDb = theDb()): Promise<Result<RemovedCamera, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.cameras, db.edits, db.exposures, async () => {
      const camera = await db.cameras.get(id);
      if (camera === undefined) throw new Refusal(storageFailure("missing"));
      const edits = await db.edits.where({ cameraId: id }).toArray();
      const exposures = await db.exposures.where({ cameraId: id }).toArray();
      await Promise.all([
        db.cameras.delete(id),
        db.edits.where({ cameraId: id }).delete(),
        db.exposures.where({ cameraId: id }).delete(),
      ]);
      return { camera, edits, exposures };
    }),
  );
}

/** Brings a deleted camera back. */
export function restoreCamera(removed: RemovedCamera, db: StillBoxDb = theDb()): Promise<Result<void, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.cameras, db.edits, db.exposures, async () => {
      await db.cameras.put(removed.camera);
      await db.edits.bulkPut([...removed.edits]);
      await db.exposures.bulkPut([...removed.exposures]);
    }),
  );
}
