import "fake-indexeddb/auto";
import { openDb, type StillBoxDb } from "../engine/db.ts";
import { changeAsStep } from "../engine/editRecord.ts";
import { orRefused } from "../engine/failure.ts";
import { takeBack } from "../engine/history.ts";
import { getRecord, saveRecord } from "../engine/records.ts";
import { LATER, saveShot, trayLoad, trayShot } from "../testing.ts";
import { listLoads, loadCamera, presentLoad } from "./loads.ts";

let db: StillBoxDb;
let count = 0;

beforeEach(() => {
  db = openDb(`loads-${++count}`);
});
afterEach(() => db.delete());

/** Takes a loading back. */
const back = async (done: Awaited<ReturnType<typeof loadCamera>>): Promise<void> => {
  orRefused(await takeBack(orRefused(done).step ?? Number.NaN, LATER, db));
};

test("loading ends the load before, counts the pack down and opens it; taken back, all is as it was", async () => {
  await saveRecord("packs", { id: "p", medium: "rc-graded", size: "5×7 in", left: 2 }, db);
  await loadCamera(trayLoad("one"), null, null, db);
  const done = await loadCamera(trayLoad("two", { at: LATER, packId: "p" }), "one", null, db);
  expect((await presentLoad("tray", db))?.id).toBe("two");
  expect((await getRecord("loads", "one", db))?.unloadedAt).toBe(LATER);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 0, opened: "2026-05-02" });
  expect((await listLoads("tray", null, db)).map(({ id }) => id)).toEqual(["two", "one"]);
  await back(done);
  expect((await presentLoad("tray", db))?.id).toBe("one");
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 2 });
  await saveRecord("packs", { id: "old", medium: "rc-graded", size: "5×7 in", left: 9, opened: "2024-03-01" }, db);
  await loadCamera(trayLoad("four", { cameraId: "other", packId: "old" }), null, null, db);
  expect(await getRecord("packs", "old", db)).toMatchObject({ left: 6, opened: "2024-03-01" });
  const refused = await loadCamera(trayLoad("three", { places: [] }), null, null, db);
  expect([refused.ok, (await presentLoad("tray", db))?.id]).toEqual([false, "one"]);
});

test("a camera is filled place by place: its pack counts each, its tray is turned back with the first, all of it can be taken back", async () => {
  await saveRecord("packs", { id: "p", medium: "rc-graded", size: "5×7 in", left: 3, opened: "2026-04-01" }, db);
  const places = trayLoad("one").places;
  const first = await loadCamera(trayLoad("one", { packId: "p", places: places.slice(0, 1) }), null, null, db);
  const second = await loadCamera(trayLoad("one", { packId: "p", places: places.slice(1, 2) }), null, null, db);
  expect((await presentLoad("tray", db))?.places).toHaveLength(2);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 1 });
  await back(second);
  expect((await presentLoad("tray", db))?.places).toHaveLength(1);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 2 });
  await back(first);
  expect(await presentLoad("tray", db)).toBeNull();
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 3 });
  // Taken back out of its turn, what came after it stays.
  const one = await loadCamera(trayLoad("two", { packId: "p", places: places.slice(0, 1) }), null, null, db);
  await loadCamera(trayLoad("two", { packId: "p", places: places.slice(1, 2) }), null, null, db);
  await back(one);
  expect((await presentLoad("tray", db))?.places.map(({ place }) => place)).toEqual(["8"]);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 2 });
});

test("one camera loaded in two tabs: a place is loaded once and taken from the pack once; what one tab did not know of is refused", async () => {
  await saveRecord("packs", { id: "p", medium: "rc-graded", size: "5×7 in", left: 9 }, db);
  const { places } = trayLoad("x");
  const of = (id: string, from: number) => trayLoad(id, { packId: "p", places: places.slice(from, from + 1) });
  const left = async () => (await getRecord("packs", "p", db))?.left;
  expect((await loadCamera(of("a", 0), null, null, db)).ok).toBe(true);
  // The other tab still sees an empty camera.
  expect(await loadCamera(of("b", 0), null, null, db)).toMatchObject({ error: { reason: "elsewhere" } });
  expect([(await listLoads("tray", null, db)).length, await left()]).toEqual([1, 8]);
  // It looks again, and goes on with the same load; a place that is exposed by now stays so.
  await saveShot(trayShot("s", { loadId: "a" }), db);
  const again = await loadCamera(of("a", 0), "a", null, db);
  expect(again).toMatchObject({ value: { filled: 0, step: null } });
  await loadCamera(of("a", 1), "a", null, db);
  expect((await presentLoad("tray", db))?.places.map(({ exposureId }) => exposureId)).toEqual(["s", null]);
  expect(await left()).toBe(7);
  // Unloaded in one tab while the other loads on: it stays unloaded.
  await changeAsStep("loads", "a", (now) => now && { ...now, unloadedAt: LATER }, { label: "out", now: LATER }, db);
  expect(await loadCamera(of("a", 2), "a", null, db)).toMatchObject({ error: { reason: "elsewhere" } });
  expect([await presentLoad("tray", db), await left()]).toEqual([null, 7]);
});

test("a loading taken back after its sheet was exposed takes its place back; with the pack gone, all but the pack", async () => {
  await saveRecord("packs", { id: "p", medium: "rc-graded", size: "5×7 in", left: 9 }, db);
  const { places } = trayLoad("x");
  const of = (from: number) => trayLoad("a", { packId: "p", places: places.slice(from, from + 1) });
  await loadCamera(of(0), null, null, db);
  const second = await loadCamera(of(1), "a", null, db);
  await saveShot(trayShot("s", { loadId: "a", place: "8" }), db);
  await db.table("packs").delete("p");
  await back(second);
  expect((await presentLoad("tray", db))?.places.map(({ place }) => place)).toEqual(["9"]);
  expect(await db.table("packs").count()).toBe(0);
});

test("what a loading ended stays ended while some of the loading stays", async () => {
  await loadCamera(trayLoad("before"), null, null, db);
  const { places } = trayLoad("x");
  const of = (from: number) => trayLoad("a", { at: LATER, places: places.slice(from, from + 1) });
  const first = await loadCamera(of(0), "before", null, db);
  const second = await loadCamera(of(1), "a", null, db);
  await back(first);
  expect((await presentLoad("tray", db))?.places.map(({ place }) => place)).toEqual(["8"]);
  expect((await getRecord("loads", "before", db))?.unloadedAt).toBe(LATER);
  await back(second);
  // With its last place it is gone.
  expect((await listLoads("tray", null, db)).map(({ id }) => id)).toEqual(["before"]);
});
