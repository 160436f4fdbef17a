import { type Collection, Dexie } from "dexie";
import type { Result } from "../core/basis/units/index.ts";
import type { Camera } from "../core/camera/container/index.ts";
import { type CameraChange, changesBetween, parseCamera, withChanges } from "../core/document/index.ts";
import { type EditRow, type StillBoxDb, theDb } from "./db.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

/** Undo reaches back this many edits. */
const LONGEST_HISTORY = 300;

/** What can be undone and redone, by the words of the edit. */
export interface HistoryState {
  readonly undo: string | null;
  readonly redo: string | null;
}

export interface CameraName {
  readonly id: string;
  readonly name: string;
}

/** A camera with its edits, so that deleting can be taken back. Its shots stay in the log. */
export interface RemovedCamera {
  readonly camera: Camera;
  readonly edits: readonly EditRow[];
}

/** An edit on its way to the database. */
export interface CameraEdit {
  readonly label: string;
  readonly changes: readonly CameraChange[];
  /** Edits of one stroke (a drag, figures typed in one go) are one step of undo. */
  readonly stroke?: string | undefined;
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
    cameras: cameras.sort(asMade),
    damaged: parsed.flatMap(({ id, result }) => (result.ok ? [] : [id])),
  };
}

/** Names of all cameras, in the order they were made; nothing else of them is read or checked. */
export async function cameraNames(db: StillBoxDb = theDb()): Promise<readonly CameraName[]> {
  const rows = await db.cameras.toArray();
  return rows
    .filter(({ id }) => isAddress(id))
    .sort(asMade)
    .map(({ id, name }) => ({ id, name: String(name) }));
}

/** A camera that is asked for, or the first of these that can be read; `null`: there is none. */
export async function cameraOrFirst(
  asked: string | null,
  names: readonly CameraName[],
  db: StillBoxDb = theDb(),
): Promise<Camera | null> {
  const first = names.filter(({ id }) => id === asked);
  for (const { id } of [...first, ...names]) {
    const found = await getCamera(id, db);
    if (found.ok) return found.value;
  }
  return null;
}

/** Cameras that share another one's experience, each with the id of that one. */
export async function camerasAlike(db: StillBoxDb = theDb()): Promise<ReadonlyMap<string, string>> {
  const rows = await db.cameras.toArray();
  return new Map(
    rows.flatMap(({ id, calibration }) => {
      const other = calibration?.sharesWith;
      return typeof other === "string" && other !== id ? [[id, other] as const] : [];
    }),
  );
}

/** A record as it lies in the database, whole or damaged. */
export async function damagedRecord(id: string, db: StillBoxDb = theDb()): Promise<unknown> {
  return db.cameras.get(id);
}

/** Whether there is a record under this id, be it whole or damaged. */
export async function isCameraThere(id: string, db: StillBoxDb = theDb()): Promise<boolean> {
  return (await db.cameras.where("id").equals(id).count()) > 0;
}

/** Whether an id can stand in an address: half of a letter can't. */
function isAddress(id: string): boolean {
  // With the flag u, a surrogate matches only where its other half is missing.
  return !/[\ud800-\udfff]/u.test(id);
}

function asMade(a: Camera, b: Camera): number {
  return String(a.createdAt ?? "").localeCompare(String(b.createdAt ?? "")) || a.id.localeCompare(b.id);
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
  { label, changes, stroke }: CameraEdit,
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
      await steps(id, 1, db).delete();
      const last = await steps(id, 0, db).last();
      if (last !== undefined && stroke !== undefined && last.stroke === stroke) {
        const whole = joined(withChanges(stored, last.changes, "undo"), next);
        await db.edits.update(last.id, { changes: whole, at: now, label });
      } else {
        await db.edits.add({ cameraId: id, label, at: now, changes: real, undone: 0, stroke } as EditRow);
        await forgetOldest(id, db);
      }
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

/** A camera's edits in their order: those that stand (0) or those taken back (1). By the index: only what is asked for is read. */
function steps(cameraId: string, undone: 0 | 1, db: StillBoxDb): Collection<EditRow, number> {
  return db.edits
    .where("[cameraId+undone+id]")
    .between([cameraId, undone, Dexie.minKey], [cameraId, undone, Dexie.maxKey]) as Collection<EditRow, number>;
}

function nextStep(cameraId: string, way: "undo" | "redo", db: StillBoxDb): Promise<EditRow | undefined> {
  return way === "undo" ? steps(cameraId, 0, db).last() : steps(cameraId, 1, db).first();
}

async function forgetOldest(cameraId: string, db: StillBoxDb): Promise<void> {
  const many = await steps(cameraId, 0, db).count();
  if (many <= LONGEST_HISTORY) return;
  const oldest = await steps(cameraId, 0, db)
    .limit(many - LONGEST_HISTORY)
    .primaryKeys();
  await db.edits.bulkDelete(oldest);
}

/** What one stroke changed in all: from before it to after it, leaving out what it only passed through. */
function joined(before: Camera, after: Camera): readonly CameraChange[] {
  return changesBetween({ ...before, updatedAt: undefined }, { ...after, updatedAt: undefined });
}

/** Writes a camera with its time of change, which always rises: so an older echo is known from a newer one. */
async function store(camera: Camera, now: string, db: StillBoxDb): Promise<Camera> {
  const stamped = { ...camera, updatedAt: later(now, camera.updatedAt) };
  await db.cameras.put(stamped);
  return stamped;
}

/** A time, or a millisecond after another one where that is not earlier. */
function later(now: string, last: string | undefined): string {
  const before = last === undefined ? Number.NaN : Date.parse(last);
  if (!(Date.parse(now) <= before)) return now;
  return new Date(before + 1).toISOString();
}

/**
 * Deletes a camera with its edits (its shots stay in the log), and keeps them as the setting `removed` for {@link restoreCamera}: both or
 * neither, so that nothing is deleted that can't be brought back.
 */
export function removeCamera(id: string, db: StillBoxDb = theDb()): Promise<Result<RemovedCamera, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.cameras, db.edits, db.settings, async () => {
      const camera = await db.cameras.get(id);
      if (camera === undefined) throw new Refusal(storageFailure("missing"));
      const edits = await db.edits.where({ cameraId: id }).toArray();
      await Promise.all([db.cameras.delete(id), db.edits.where({ cameraId: id }).delete()]);
      const removed: RemovedCamera = { camera, edits };
      await db.settings.put({ key: "removed", value: removed });
      return removed;
    }),
  );
}

/** Brings the camera deleted last back. Edits of it that pages had noted meanwhile come with the next recovery. */
export function restoreCamera(removed: RemovedCamera, db: StillBoxDb = theDb()): Promise<Result<void, StorageFailure>> {
  return attempt(() =>
    db.transaction("rw", db.cameras, db.edits, db.settings, async () => {
      await db.cameras.put(removed.camera);
      await db.edits.bulkPut([...removed.edits]);
      await db.settings.put({ key: "removed", value: null });
    }),
  );
}
