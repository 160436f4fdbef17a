import type { Result } from "../core/basis/units/index.ts";
import type { Camera } from "../core/camera/container/index.ts";
import { parseCamera } from "../core/document/index.ts";
import { type EditRow, type StillBoxDb, theDb } from "./db.ts";
import { checkedEdited, editsOf, forgetEdits, getEdited } from "./edits.ts";
import { attempt, Refusal, type StorageFailure, storageFailure } from "./failure.ts";

export interface CameraName {
  readonly id: string;
  readonly name: string;
}

/** A camera with its edits, so that deleting can be taken back. Its shots stay in the log. */
export interface RemovedCamera {
  readonly camera: Camera;
  readonly edits: readonly EditRow[];
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
    const found = await getEdited("cameras", id, db);
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

/** Stores a new camera (or one from a file, under its id). */
export function addCamera(camera: Camera, db: StillBoxDb = theDb()): Promise<Result<Camera, StorageFailure>> {
  return attempt(async () => {
    const whole = checkedEdited("cameras", camera);
    await db.cameras.put(whole);
    return whole;
  });
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
      const edits = await editsOf({ name: "cameras", recordId: id }, db);
      await Promise.all([db.cameras.delete(id), forgetEdits("cameras", [id], db)]);
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
