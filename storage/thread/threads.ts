import { type Camera, isTrail } from "../../core/camera/container/index.ts";
import { type Count, type Development, type Negative, parseCamera, parseNegative } from "../../core/document/index.ts";
import { type Thread, threadOf } from "../../core/thread/index.ts";
import { runningDevelopments } from "../dark/developments.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { listRecords, wholeRecords } from "../engine/records.ts";
import { shotsBetween } from "../exposures/exposures.ts";
import { presentLoad } from "../loads/loads.ts";
import { trailsOf } from "../trails/trails.ts";

/** So many of a camera's newest shots are looked through: more than the largest load of a day, a class's cans, twice over. */
const NEWEST = 200;

/** What a thread is told from. */
const TABLES = ["cameras", "counts", "developments", "loads", "exposures", "trails", "negatives", "processing"];

/** Where each of some cameras stands on its way, by its id. Read by indexes alone, however much is stored. */
export function readThreads(
  cameras: readonly Camera[],
  db: StillBoxDb = theDb(),
): Promise<ReadonlyMap<string, Thread>> {
  return inOneView(async () => {
    const [counts, running] = await Promise.all([listRecords("counts", db), runningDevelopments(db)]);
    const threads = await Promise.all(cameras.map((camera) => readThread(camera, counts, running, db)));
    return new Map(cameras.map(({ id }, index) => [id, threads[index] as Thread]));
  }, db);
}

/** Where one camera stands on its way; `null`: it can't be read. */
export function readThreadOf(cameraId: string, db: StillBoxDb = theDb()): Promise<Thread | null> {
  return inOneView(async () => {
    const camera = parseCamera(await db.cameras.get(cameraId));
    return camera.ok ? ((await readThreads([camera.value], db)).get(cameraId) ?? null) : null;
  }, db);
}

/** One view of all tables: a shot is never seen before its load, and whoever follows what is read sees every change of it. */
function inOneView<T>(read: () => Promise<T>, db: StillBoxDb): Promise<T> {
  return db.transaction(
    "r",
    TABLES.map((name) => db.table(name)),
    read,
  );
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
    isTrail(camera) ? trailsOf(id, db) : [],
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
    trails,
  });
}

function whole(row: unknown): readonly Negative[] {
  const parsed = parseNegative(row);
  return parsed.ok ? [parsed.value] : [];
}
