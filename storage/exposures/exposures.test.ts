import "fake-indexeddb/auto";
import { thistleRow } from "../../catalogue/demo/thistleRow.ts";
import { type Camera, withExposed } from "../../core/camera/container/index.ts";
import type { Count } from "../../core/document/index.ts";
import { exportArchive, importArchive } from "../archive/archiveFile.ts";
import { openDb, type StillBoxDb } from "../engine/db.ts";
import { editRecord, removeEdited } from "../engine/editRecord.ts";
import { orRefused } from "../engine/failure.ts";
import { historyState, stepHistory, takeBack } from "../engine/history.ts";
import { getRecord, listRecords, saveRecord } from "../engine/records.ts";
import { cameraRef } from "../engine/steps.ts";
import { loadCamera } from "../loads/loads.ts";
import { COUNTED, filesOf, LATER, NOW, readArchive, saveShot, stored, trayLoad, trayShot } from "../testing.ts";
import { importShots, judgedShots, listExposures, logExposure, shotsOfLoad, siftShots } from "./exposures.ts";

let db: StillBoxDb;
let count = 0;

beforeEach(() => {
  db = openDb(`shots-${++count}`);
});
afterEach(() => db.delete());

test("a shot takes its place in its load, is over with its count, and frees the place when it is deleted", async () => {
  await loadCamera(trayLoad("one"), null, null, db);
  const going: Count = { ...COUNTED, id: "s", closedMs: 2 };
  await saveRecord("counts", going, db);
  for (let twice = 0; twice < 2; twice++) await saveShot(trayShot("s"), db);
  expect(await listRecords("counts", db)).toEqual([]);
  expect(await listExposures("tray", db)).toHaveLength(1);
  const used = async () => (await getRecord("loads", "one", db))?.places.map(({ exposureId }) => exposureId ?? null);
  expect(await used()).toEqual(["s", null, null]);
  await saveShot(trayShot("s", { place: "7" }), db);
  expect(await used()).toEqual([null, null, "s"]);
  expect(await shotsOfLoad("one", db)).toHaveLength(1);
  // Exposed a second time, the place is the later shot's, also when the older one is judged.
  await saveShot(trayShot("again", { place: "7" }), db);
  await saveShot(trayShot("s", { place: "7", note: "thin" }), db);
  expect(await used()).toEqual([null, null, "again"]);
  await removeEdited("exposures", "again", "deleted", LATER, db);
  await saveShot(trayShot("s", { place: "9" }), db);
  await saveShot(trayShot("s", { place: "7" }), db);
  const gone = await removeEdited("exposures", "s", "deleted", LATER, db);
  expect(await used()).toEqual([null, null, null]);
  await takeBack(orRefused(gone).step ?? Number.NaN, LATER, db);
  expect(await used()).toEqual([null, null, "s"]);
});

test("judged shots are found by their index, sifted ones in the order of the log", async () => {
  const judged = { correction: 1, by: "words", at: LATER } as const;
  for (const [id, more] of [
    ["a", { judged, openedAt: NOW }],
    ["b", { openedAt: LATER, subject: "Bean rows" }],
    ["c", { judged: null, openedAt: "2026-05-03T10:00:00Z", subject: "Bean poles" }],
  ] as const)
    await saveShot(trayShot(id, { ...more, loadId: null }), db);
  expect((await judgedShots(db)).map(({ id }) => id)).toEqual(["a"]);
  expect(await siftShots(null, ({ subject }) => subject?.startsWith("Bean") ?? false, db)).toEqual(["c", "b"]);
  expect(await siftShots("other", () => true, db)).toEqual([]);
});

test("two phones' logs merge by file, without doubles; what a table brings keeps what it doesn't hold", async () => {
  const other = openDb(`records-${++count}`);
  await loadCamera(trayLoad("one"), null, null, db);
  await saveShot(trayShot("both"), db);
  await saveShot(trayShot("mine", { place: "8" }), db);
  for (const each of [trayShot("both"), trayShot("theirs", { loadId: null, place: null })]) await saveShot(each, other);
  const read = await readArchive(await filesOf(await exportArchive(NOW, other)));
  if (!read.ok) throw new Error("unreadable");
  for (let twice = 0; twice < 2; twice++) await importArchive(read.value, "keep", db);
  expect((await listExposures(null, db)).map(({ id }) => id).sort()).toEqual(["both", "mine", "theirs"]);
  await saveShot(trayShot("spotted", { spots: [{ part: "shadow", x: 0, y: 0, ev: 9 }] }), db);
  expect(
    await importShots([trayShot("spotted", { subject: "Cold frames" }), trayShot("mine", { place: "8" })], db),
  ).toEqual({
    ok: true,
    value: 1,
  });
  expect((await listExposures(null, db)).find(({ id }) => id === "spotted")).toMatchObject({
    subject: "Cold frames",
    spots: [{ ev: 9 }],
  });
  await other.delete();
});

test("a shot changed in two tabs keeps what both did; taken back, what came since stays", async () => {
  await saveShot(trayShot("s", { note: "" }), db);
  const judged = { correction: 1, by: "words", at: LATER } as const;
  const set = (name: string, before: unknown, after: unknown) =>
    editRecord("exposures", "s", { label: name, changes: [{ path: [name], before, after }] }, NOW, db);
  await set("note", "", "a little wind");
  const wind = (await db.edits.toArray()).find(({ label }) => label === "note")?.id ?? 0;
  await set("judged", undefined, judged);
  expect((await listExposures(null, db))[0]).toMatchObject({ note: "a little wind", judged });
  await takeBack(wind, NOW, db);
  expect((await listExposures(null, db))[0]).toMatchObject({ note: "", judged });
  // Taken back twice, it is taken back once.
  expect(await takeBack(wind, NOW, db)).toEqual({ ok: true, value: null });
  const wrong = await set("seconds", 4, -4);
  expect(!wrong.ok && wrong.error).toMatchObject({ reason: "invalid", faults: [{ path: "/seconds" }] });
  const gone = await editRecord("exposures", "gone", { label: "note", changes: [] }, NOW, db);
  expect(gone).toMatchObject({ error: { reason: "missing" } });
});

test("logged in two tabs it is there once: the first stands, empty lines are filled by the second", async () => {
  await db.counts.put({ ...COUNTED, id: "s" });
  await logExposure(trayShot("s", { subject: "Bean rows", note: "" }), NOW, null, db);
  const again = trayShot("s", { subject: "Scarecrow", note: "a little wind", seconds: 9 });
  await logExposure(again, NOW, null, db);
  expect(await listExposures(null, db)).toMatchObject([{ subject: "Bean rows", note: "a little wind", seconds: 4 }]);
  expect(await db.counts.count()).toBe(0);
});

test("logging is one step: taken back, the count waits again and the tray’s number is unexposed; done again, all of it is", async () => {
  const tray = thistleRow.cameras.find(({ set }) => set != null) as Camera;
  await db.cameras.put({ ...tray, set: { ...tray.set, exposed: [] } } as Camera);
  await db.counts.put({ ...COUNTED, id: "s" });
  const turn = { label: "No. 9 exposed", change: (camera: Camera) => withExposed(camera, 9) };
  const exposed = async () => (await stored(db, tray.id)).set?.exposed;
  await logExposure(trayShot("s", { cameraId: tray.id, loadId: null }), NOW, turn, db);
  expect([await exposed(), await db.counts.count(), await db.exposures.count()]).toEqual([[9], 0, 1]);
  const log = [{ name: "exposures" }] as const;
  expect(await stepHistory(log, "undo", NOW, db)).toMatchObject({ value: { label: "logged", record: null } });
  expect([await exposed(), await db.counts.count(), await db.exposures.count()]).toEqual([[], 1, 0]);
  expect(await historyState(log, db)).toEqual({ undo: null, redo: "logged" });
  await stepHistory(log, "redo", NOW, db);
  expect([await exposed(), await db.counts.count(), await db.exposures.count()]).toEqual([[9], 0, 1]);
  // On the camera's own pages what it left there alone is taken back.
  await stepHistory([cameraRef(tray.id)], "undo", NOW, db);
  expect([await exposed(), await db.exposures.count()]).toEqual([[], 1]);
  await db.cameras.delete(tray.id);
  expect((await stepHistory(log, "undo", NOW, db)).ok).toBe(true);
  expect([await db.counts.count(), await db.exposures.count()]).toEqual([1, 0]);
});
