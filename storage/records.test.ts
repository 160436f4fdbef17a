import "fake-indexeddb/auto";
import { Dexie } from "dexie";
import { type Bottle, borneBy, type Count, type Exposure, type Load, type Meter } from "../core/document/index.ts";
import { exportArchive, importArchive, readArchive } from "./archiveFile.ts";
import { openDb, type StillBoxDb } from "./db.ts";
import { finishDevelopment, runningDevelopments, takeBackFinish } from "./developments.ts";
import {
  editExposure,
  importShots,
  judgedShots,
  listExposures,
  logExposure,
  removeExposure,
  saveExposure,
  shotsOfLoad,
  siftShots,
} from "./exposures.ts";
import { listLoads, loadCamera, presentLoad, takeBackLoading } from "./loads.ts";
import { savePicture } from "./pictures.ts";
import { changeRecord, doActs, getRecord, listRecords, removeRecord, saveRecord, takeBackChanges } from "./records.ts";
import { readSettings } from "./settings.ts";
import { standsOpen } from "./standsOpen.ts";
import { filesOf } from "./testing.ts";

const AT = "2026-05-01T10:00:00+01:00";
const LATER = "2026-05-02T10:00:00+01:00";
let db: StillBoxDb;
let count = 0;

beforeEach(() => {
  db = openDb(`records-${++count}`);
});
afterEach(() => db.delete());

function load(id: string, more: Partial<Load> = {}): Load {
  const places = ["9", "8", "7"].map((place) => ({ place, medium: "rc-graded", iso: 6, exposureId: null }));
  return { id, cameraId: "tray", at: AT, places, unloadedAt: null, ...more };
}

const COUNTED: Count = {
  id: "c",
  cameraId: "tray",
  openedMs: 1,
  closedMs: null,
  pauses: [],
  targetSeconds: 26,
  medium: "rc-graded",
  iso: 6,
  fNumber: 226,
  light: "Full sun",
  words: { subject: "", note: "" },
};

function shot(id: string, more: Partial<Exposure> = {}): Exposure {
  return { id, cameraId: "tray", openedAt: AT, seconds: 4, loadId: "one", place: "9", ...more };
}

test("a record is written, changed with what stood there handed back, deleted and brought back; a wrong one is not written", async () => {
  const meter = { id: "m", name: "Phone", kind: "photograph", offset: 1 } as const;
  expect(await saveRecord("meters", meter, db)).toEqual({ ok: true, value: null });
  expect(await saveRecord("meters", { ...meter, offset: 2 }, db)).toEqual({ ok: true, value: meter });
  const wrong = await saveRecord("meters", { ...meter, offset: 99 }, db);
  expect(!wrong.ok && wrong.error).toMatchObject({ reason: "invalid", faults: [{ path: "/offset" }] });
  expect((await getRecord("meters", "m", db))?.offset).toBe(2);
  const gone = await removeRecord("meters", "m", db);
  expect(await listRecords("meters", db)).toEqual([]);
  if (gone.ok) await saveRecord("meters", gone.value, db);
  expect(await listRecords("meters", db)).toHaveLength(1);
  expect(await removeRecord("meters", "other", db)).toMatchObject({ ok: false, error: { reason: "missing" } });
  await db.table("meters").put({ id: "torn", offset: "?" });
  expect(await listRecords("meters", db)).toHaveLength(1);
  expect(await getRecord("meters", "torn", db)).toBeNull();
});

test("a change taken back leaves what came after it: a clip test, and the one of another tab", async () => {
  const bottle = { id: "b", name: "Fix", chemical: "fixer", water: 4, volumeMl: 500, mixedAt: AT } as const;
  await saveRecord("bottles", bottle, db);
  const clip = (seconds: number) => (stored: Bottle) => ({
    ...stored,
    clips: [...(stored.clips ?? []), { at: AT, seconds }],
  });
  const first = await changeRecord("bottles", "b", clip(30), db);
  await changeRecord("bottles", "b", clip(40), db);
  await changeRecord("bottles", "b", (stored) => ({ ...stored, uses: [{ id: "d", cm2: 129 }] }), db);
  if (first.ok) await takeBackChanges("bottles", "b", first.value, db);
  expect(await getRecord("bottles", "b", db)).toEqual({
    ...bottle,
    clips: [{ at: AT, seconds: 40 }],
    uses: [{ id: "d", cm2: 129 }],
  });
  expect(await changeRecord("bottles", "gone", clip(1), db)).toMatchObject({ error: { reason: "missing" } });
  expect(await changeRecord("bottles", "b", clip(-1), db)).toMatchObject({ error: { reason: "invalid" } });
});

test("what is done to a record is done to it as it is stored then; gone, it does not come back", async () => {
  const meter = { id: "m", name: "Phone", kind: "photograph", offset: 1 } as const;
  const one = (more: object) => (stored: Meter | null) => stored && { ...stored, ...more };
  expect(await doActs("meters", "m", [one({ offset: 2 })], db)).toEqual({ ok: true, value: null });
  await doActs("meters", "m", [(stored) => stored ?? meter], db);
  await doActs("meters", "m", [one({ offset: 2 }), one({ name: "Mine" })], db);
  expect(await getRecord("meters", "m", db)).toEqual({ ...meter, offset: 2, name: "Mine" });
  await doActs("meters", "m", [() => null], db);
  await doActs("meters", "m", [one({ offset: 3 })], db);
  expect(await listRecords("meters", db)).toEqual([]);
});

test("loading ends the load before, counts the pack down and opens it; taken back, all is as it was", async () => {
  await saveRecord("packs", { id: "p", medium: "rc-graded", size: "5×7 in", left: 2 }, db);
  await loadCamera(load("one"), null, null, db);
  const done = await loadCamera(load("two", { at: LATER, packId: "p" }), "one", null, db);
  expect((await presentLoad("tray", db))?.id).toBe("two");
  expect((await getRecord("loads", "one", db))?.unloadedAt).toBe(LATER);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 0, opened: "2026-05-02" });
  expect((await listLoads("tray", null, db)).map(({ id }) => id)).toEqual(["two", "one"]);
  if (done.ok) await takeBackLoading(done.value, db);
  expect((await presentLoad("tray", db))?.id).toBe("one");
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 2 });
  await saveRecord("packs", { id: "old", medium: "rc-graded", size: "5×7 in", left: 9, opened: "2024-03-01" }, db);
  await loadCamera(load("four", { cameraId: "other", packId: "old" }), null, null, db);
  expect(await getRecord("packs", "old", db)).toMatchObject({ left: 6, opened: "2024-03-01" });
  const refused = await loadCamera(load("three", { places: [] }), null, null, db);
  expect([refused.ok, (await presentLoad("tray", db))?.id]).toEqual([false, "one"]);
});

test("a shot takes its place in its load, is over with its count, and frees the place when it is deleted", async () => {
  await loadCamera(load("one"), null, null, db);
  const going: Count = {
    id: "s",
    cameraId: "tray",
    openedMs: 1,
    closedMs: 2,
    pauses: [],
    targetSeconds: 4,
    medium: "rc-graded",
    iso: 6,
    fNumber: 136,
    light: "Full sun",
    words: { subject: "", note: "" },
  };
  await saveRecord("counts", going, db);
  for (let twice = 0; twice < 2; twice++) await saveExposure(shot("s"), db);
  expect(await listRecords("counts", db)).toEqual([]);
  expect(await listExposures("tray", db)).toHaveLength(1);
  const used = async () => (await getRecord("loads", "one", db))?.places.map(({ exposureId }) => exposureId ?? null);
  expect(await used()).toEqual(["s", null, null]);
  await saveExposure(shot("s", { place: "7" }), db);
  expect(await used()).toEqual([null, null, "s"]);
  expect(await shotsOfLoad("one", db)).toHaveLength(1);
  // Exposed a second time, the place is the later shot's, also when the older one is judged.
  await saveExposure(shot("again", { place: "7" }), db);
  await saveExposure(shot("s", { place: "7", note: "thin" }), db);
  expect(await used()).toEqual([null, null, "again"]);
  await removeExposure("again", db);
  await saveExposure(shot("s", { place: "9" }), db);
  await saveExposure(shot("s", { place: "7" }), db);
  const gone = await removeExposure("s", db);
  expect(await used()).toEqual([null, null, null]);
  if (gone.ok) await saveExposure(gone.value, db);
  expect(await used()).toEqual([null, null, "s"]);
});

test("judged shots are found by their index, sifted ones in the order of the log", async () => {
  const judged = { correction: 1, by: "words", at: LATER } as const;
  for (const [id, more] of [
    ["a", { judged, openedAt: AT }],
    ["b", { openedAt: LATER, subject: "Bean rows" }],
    ["c", { judged: null, openedAt: "2026-05-03T10:00:00Z", subject: "Bean poles" }],
  ] as const)
    await saveExposure(shot(id, { ...more, loadId: null }), db);
  expect((await judgedShots(db)).map(({ id }) => id)).toEqual(["a"]);
  expect(await siftShots(null, ({ subject }) => subject?.startsWith("Bean") ?? false, db)).toEqual(["c", "b"]);
  expect(await siftShots("other", () => true, db)).toEqual([]);
});

test("two phones' logs merge by file, without doubles; what a table brings keeps what it doesn't hold", async () => {
  const other = openDb(`records-${++count}`);
  await loadCamera(load("one"), null, null, db);
  await saveExposure(shot("both"), db);
  await saveExposure(shot("mine", { place: "8" }), db);
  for (const each of [shot("both"), shot("theirs", { loadId: null, place: null })]) await saveExposure(each, other);
  const read = await readArchive(await filesOf(await exportArchive(AT, other)));
  if (!read.ok) throw new Error("unreadable");
  for (let twice = 0; twice < 2; twice++) await importArchive(read.value, "keep", db);
  expect((await listExposures(null, db)).map(({ id }) => id).sort()).toEqual(["both", "mine", "theirs"]);
  await saveExposure(shot("spotted", { spots: [{ part: "shadow", x: 0, y: 0, ev: 9 }] }), db);
  expect(await importShots([shot("spotted", { subject: "Cold frames" }), shot("mine", { place: "8" })], db)).toEqual({
    ok: true,
    value: 1,
  });
  expect((await listExposures(null, db)).find(({ id }) => id === "spotted")).toMatchObject({
    subject: "Cold frames",
    spots: [{ ev: 9 }],
  });
  await other.delete();
});

test("a photograph is kept once, byte for byte, and travels in the archive", async () => {
  const file = new File([Uint8Array.of(1, 2, 3)], "plot.jpg", { type: "image/jpeg" });
  const [one, two] = [await savePicture(file, db), await savePicture(file, db)];
  expect(one).toEqual(two);
  const read = await readArchive(await filesOf(await exportArchive(AT, db)));
  expect(read.ok && [...(read.value.pictures[0]?.bytes ?? [])]).toEqual([1, 2, 3]);
});

test("the database of version 2 is taken over: an exposure that was going on, shots of a camera deleted last", async () => {
  const old = new Dexie("version-2");
  old.version(2).stores({
    cameras: "id, updatedAt",
    edits: "++id, cameraId, [cameraId+undone+id]",
    exposures: "id, cameraId, openedMs, [cameraId+openedMs]",
    settings: "key",
    pictures: "sha256",
    notes: "id, cameraId",
    loads: "id",
  });
  const running = {
    cameraId: "tray",
    openedMs: 5,
    closedMs: null,
    targetSeconds: 4,
    medium: "rc-graded",
    iso: 6,
    fNumber: 136,
    ev: 15,
    light: "Full sun",
  };
  const { loadId: _, place: _place, ...plain } = shot("kept");
  await old.table("settings").bulkPut([
    { key: "running", value: running },
    { key: "draft", value: { subject: "Bean rows", note: "" } },
    { key: "removed", value: { camera: { id: "tray", name: "Tray" }, edits: [], exposures: [plain] } },
  ]);
  old.close();
  const taken = openDb("version-2");
  expect(await listRecords("counts", taken)).toMatchObject([
    { cameraId: "tray", openedMs: 5, closedMs: null, words: { subject: "Bean rows" } },
  ]);
  expect(await listExposures("tray", taken)).toEqual([plain]);
  expect((await readSettings(taken)).removed?.camera.id).toBe("tray");
  await taken.delete();
});

test("a camera is filled place by place: its pack counts each, its tray is turned back with the first, all of it can be taken back", async () => {
  await saveRecord("packs", { id: "p", medium: "rc-graded", size: "5×7 in", left: 3, opened: "2026-04-01" }, db);
  const places = load("one").places;
  const first = await loadCamera(load("one", { packId: "p", places: places.slice(0, 1) }), null, null, db);
  const second = await loadCamera(load("one", { packId: "p", places: places.slice(1, 2) }), null, null, db);
  expect((await presentLoad("tray", db))?.places).toHaveLength(2);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 1 });
  if (second.ok) await takeBackLoading(second.value, db);
  expect((await presentLoad("tray", db))?.places).toHaveLength(1);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 2 });
  if (first.ok) await takeBackLoading(first.value, db);
  expect(await presentLoad("tray", db)).toBeNull();
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 3 });
  // Taken back out of its turn, what came after it stays.
  const one = await loadCamera(load("two", { packId: "p", places: places.slice(0, 1) }), null, null, db);
  await loadCamera(load("two", { packId: "p", places: places.slice(1, 2) }), null, null, db);
  if (one.ok) await takeBackLoading(one.value, db);
  expect((await presentLoad("tray", db))?.places.map(({ place }) => place)).toEqual(["8"]);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 2 });
});

test("one camera loaded in two tabs: a place is loaded once and taken from the pack once; what one tab did not know of is refused", async () => {
  await saveRecord("packs", { id: "p", medium: "rc-graded", size: "5×7 in", left: 9 }, db);
  const { places } = load("x");
  const of = (id: string, from: number) => load(id, { packId: "p", places: places.slice(from, from + 1) });
  const left = async () => (await getRecord("packs", "p", db))?.left;
  expect((await loadCamera(of("a", 0), null, null, db)).ok).toBe(true);
  // The other tab still sees an empty camera.
  expect(await loadCamera(of("b", 0), null, null, db)).toMatchObject({ error: { reason: "elsewhere" } });
  expect([(await listLoads("tray", null, db)).length, await left()]).toEqual([1, 8]);
  // It looks again, and goes on with the same load; a place that is exposed by now stays so.
  await saveExposure(shot("s", { loadId: "a" }), db);
  const again = await loadCamera(of("a", 0), "a", null, db);
  expect(again).toMatchObject({ value: { filled: [], taken: 0 } });
  await loadCamera(of("a", 1), "a", null, db);
  expect((await presentLoad("tray", db))?.places.map(({ exposureId }) => exposureId)).toEqual(["s", null]);
  expect(await left()).toBe(7);
  // Unloaded in one tab while the other loads on: it stays unloaded.
  await changeRecord("loads", "a", (now) => ({ ...now, unloadedAt: LATER }), db);
  expect(await loadCamera(of("a", 2), "a", null, db)).toMatchObject({ error: { reason: "elsewhere" } });
  expect([await presentLoad("tray", db), await left()]).toEqual([null, 7]);
});

test("a shot changed in two tabs keeps what both did; taken back, what came since stays", async () => {
  await saveExposure(shot("s", { note: "" }), db);
  const judged = { correction: 1, by: "words", at: LATER } as const;
  const change = (name: string, before: unknown, after: unknown) => [{ path: [name], before, after }];
  await editExposure("s", change("note", "", "a little wind"), "redo", db);
  await editExposure("s", change("judged", undefined, judged), "redo", db);
  expect((await listExposures(null, db))[0]).toMatchObject({ note: "a little wind", judged });
  await editExposure("s", change("note", "", "a little wind"), "undo", db);
  expect((await listExposures(null, db))[0]).toMatchObject({ note: "", judged });
  const wrong = await editExposure("s", change("seconds", 4, -4), "redo", db);
  expect(!wrong.ok && wrong.error).toMatchObject({ reason: "invalid", faults: [{ path: "/seconds" }] });
  expect(await editExposure("gone", [], "redo", db)).toMatchObject({ error: { reason: "missing" } });
});

test("logged in two tabs it is there once: the first stands, empty lines are filled by the second", async () => {
  await db.counts.put({ id: "s" } as Count);
  await logExposure(shot("s", { subject: "Bean rows", note: "" }), db);
  await logExposure(shot("s", { subject: "Scarecrow", note: "a little wind", seconds: 9 }), db);
  expect(await listExposures(null, db)).toMatchObject([{ subject: "Bean rows", note: "a little wind", seconds: 4 }]);
  expect(await db.counts.count()).toBe(0);
});

test("a developed sheet stands with its shot, its bottles have borne it once, and all of it can be taken back", async () => {
  await saveExposure(shot("s"), db);
  const bottle = { id: "b", name: "Dev", chemical: "developer", water: 9, volumeMl: 500, mixedAt: AT } as const;
  await saveRecord("bottles", { ...bottle, usedCm2: 100 }, db);
  const step = {
    id: "dev",
    name: "Developer",
    bath: "developer",
    seconds: 60,
    planned: 60,
    from: 0,
    lamp: "red",
  } as const;
  const running = {
    id: "d",
    recipeId: "trays",
    at: LATER,
    exposureIds: ["s", "gone"],
    steps: [{ ...step, real: null }],
    startedMs: Date.parse(LATER),
    movesMs: [],
    areaCm2: 129,
    bottleIds: ["b", "gone"],
    finishedAt: null,
  };
  await saveRecord("developments", running, db);
  const now = Date.parse(LATER) + 60_000;
  expect((await runningDevelopments(db)).map(({ id }) => id)).toEqual(["d"]);
  // A wash that was left for three days is asked about, and so is a hole.
  await db.counts.put({ ...COUNTED, id: "c", openedMs: running.startedMs });
  expect(await standsOpen(now, db)).toEqual({ counts: [], sheets: [] });
  expect(await standsOpen(now + 3 * 86_400_000, db)).toMatchObject({ counts: [{ id: "c" }], sheets: [{ id: "d" }] });
  const developed = { developmentId: "d", at: LATER, recipe: "RC paper in trays", seconds: 64, celsius: 20 };
  const whole = {
    ...running,
    steps: [{ ...step, real: 64 }],
    movesMs: [running.startedMs + 64_000],
    finishedAt: LATER,
  };
  const done = await finishDevelopment(whole, developed, db);
  await finishDevelopment(whole, developed, db);
  expect(await runningDevelopments(db)).toEqual([]);
  expect((await listExposures(null, db))[0]?.developed).toEqual(developed);
  const borne = async (): Promise<number> => borneBy((await getRecord("bottles", "b", db)) as Bottle);
  expect(await borne()).toBe(229);
  // A second sheet goes through after it; taking the first back leaves the second where it went.
  const second = { ...whole, id: "e", exposureIds: [], areaCm2: 50 };
  await finishDevelopment(second, { ...developed, developmentId: "e" }, db);
  expect(await borne()).toBe(279);
  if (done.ok) await takeBackFinish(running, done.value, db);
  expect((await listExposures(null, db))[0]?.developed).toBeNull();
  expect(await borne()).toBe(150);
  expect((await runningDevelopments(db)).map(({ id }) => id)).toEqual(["d"]);
});

test("the database of version 3 is taken over: what was kept unopened is found by its day", async () => {
  const old = new Dexie("version-3");
  old.version(3).stores({
    cameras: "id, updatedAt",
    edits: "++id, cameraId, [cameraId+undone+id]",
    exposures: "id, cameraId, openedMs, [cameraId+openedMs], judged.at, loadId",
    settings: "key",
    pictures: "sha256",
    notes: "id, cameraId",
    counts: "id, openedMs",
    loads: "id, cameraId, at",
    developments: "id",
  });
  await old.table("developments").add({ id: "d", at: AT, of: "a newer version" });
  old.close();
  const taken = openDb("version-3");
  expect(await taken.table("developments").where("at").above("2026-04-30").count()).toBe(1);
  await taken.delete();
});
