import type { Result } from "../../core/basis/units/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { parseCamera } from "../../core/document/index.ts";
import { DELETED, type StillBoxDb, theDb } from "../engine/db.ts";
import { getEdited, removeEdited, type Step } from "../engine/editRecord.ts";
import { attempt, type StorageFailure } from "../engine/failure.ts";
import { standingSteps } from "../engine/history.ts";
import { checkedEdited, forgetEdits } from "../engine/steps.ts";

export interface CameraName {
  readonly id: string;
  readonly name: string;
}

/** A camera that was deleted and can be brought back. Its shots stay in the log. */
export interface RemovedCamera {
  readonly recordId: string;
  readonly name: string;
  /** The step that deleted it. */
  readonly step: number;
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

/** Deletes a camera as a step that can be taken back; its shots stay in the log, its edits with the step. */
export function removeCamera(
  id: string,
  now: string,
  db: StillBoxDb = theDb(),
): Promise<Result<Step<Camera>, StorageFailure>> {
  return removeEdited("cameras", id, DELETED, now, db);
}

/** Cameras that were deleted and can be brought back, the last one first. */
export async function deletedCameras(db: StillBoxDb = theDb()): Promise<readonly RemovedCamera[]> {
  const steps = await standingSteps({ name: "cameras", label: DELETED }, db).catch(() => []);
  return steps.map(({ id, recordId, changes }) => {
    const [change] = changes;
    return { recordId, name: String((change?.before as Partial<Camera> | undefined)?.name ?? ""), step: id };
  });
}

/** Forgets that a camera was deleted: it can no longer be brought back. */
export function forgetCamera(
  { recordId }: RemovedCamera,
  db: StillBoxDb = theDb(),
): Promise<Result<void, StorageFailure>> {
  return attempt(() => db.transaction("rw", db.edits, () => forgetEdits("cameras", [recordId], db)));
}
