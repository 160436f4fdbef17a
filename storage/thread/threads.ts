import { type Camera, isTrail } from "../../core/camera/container/index.ts";
import { type Count, type Development, type Negative, parseNegative } from "../../core/document/index.ts";
import { type Thread, threadOf } from "../../core/thread/index.ts";
import { runningDevelopments } from "../dark/developments.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { listRecords, wholeRecords } from "../engine/records.ts";
import { shotsBetween } from "../exposures/exposures.ts";
import { presentLoad } from "../loads/loads.ts";

/** So many of a camera's newest shots are looked through: more than one load holds. */
const NEWEST = 60;

/** Where each of some cameras stands on its way, by its id. Read by indexes alone, however much is stored. */
export async function readThreads(
  cameras: readonly Camera[],
  db: StillBoxDb = theDb(),
): Promise<ReadonlyMap<string, Thread>> {
  const [counts, running] = await Promise.all([listRecords("counts", db), runningDevelopments(db)]);
  const threads = await Promise.all(cameras.map((camera) => readThread(camera, counts, running, db)));
  return new Map(cameras.map(({ id }, index) => [id, threads[index] as Thread]));
}

async function readThread(
  camera: Camera,
  counts: readonly Count[],
  running: readonly Development[],
  db: StillBoxDb,
): Promise<Thread> {
  const { id } = camera;
  const [load, newest, trails] = await Promise.all([
    presentLoad(id, db),
    isTrail(camera) ? [] : shotsBetween(id, 0, NEWEST, db),
    isTrail(camera) ? db.table("trails").where({ cameraId: id }).toArray() : [],
  ]);
  const shots = newest.flatMap((shot) => (shot === null ? [] : [shot]));
  const ids = shots.map((shot) => shot.id);
  const [negatives, prints] = await Promise.all([
    db.table("negatives").where("exposureId").anyOf(ids).toArray(),
    db.table("processing").where("exposureId").anyOf(ids).toArray(),
  ]);
  return threadOf({
    camera,
    load,
    counts: counts.filter(({ cameraId }) => cameraId === id),
    shots,
    running,
    negatives: negatives.flatMap(whole),
    prints: wholeRecords("processing", prints).filter(({ kind }) => kind === "print"),
    trails: wholeRecords("trails", trails),
  });
}

function whole(row: unknown): readonly Negative[] {
  const parsed = parseNegative(row);
  return parsed.ok ? [parsed.value] : [];
}
