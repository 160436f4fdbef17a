import "fake-indexeddb/auto";
import { Dexie } from "dexie";
import { openDb } from "../engine/db.ts";
import { historyState, takeBack } from "../engine/history.ts";
import { listRecords } from "../engine/records.ts";
import { listExposures } from "../exposures/exposures.ts";
import { NOW, stored, TIN, trayShot } from "../testing.ts";
import { deletedCameras } from "./cameras.ts";

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
  const { loadId: _, place: _place, ...plain } = trayShot("kept");
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
  expect(await deletedCameras(taken)).toMatchObject([{ recordId: "tray", name: "Tray" }]);
  await taken.delete();
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
  await old.table("developments").add({ id: "d", at: NOW, of: "a newer version" });
  old.close();
  const taken = openDb("version-3");
  expect(await taken.table("developments").where("at").above("2026-04-30").count()).toBe(1);
  await taken.delete();
});

test("edits and notes that knew cameras alone, and the edits of a deleted camera, are taken over", async () => {
  const name = "version-4";
  const old = new Dexie(name);
  old.version(4).stores({
    cameras: "id, updatedAt",
    edits: "++id, cameraId, [cameraId+undone+id]",
    settings: "key",
    notes: "id, cameraId",
  });
  const edit = { cameraId: "tin", label: "depth", at: NOW, changes: [], undone: 0 };
  await old.table("edits").add(edit);
  await old.table("notes").put({ id: "n", cameraId: "tin", label: "depth", changes: [], at: NOW });
  await old
    .table("settings")
    .put({ key: "removed", value: { camera: { ...TIN, id: "hat" }, edits: [{ ...edit, cameraId: "hat", id: 7 }] } });
  old.close();
  const now = openDb(name);
  const { cameraId: _, ...rest } = edit;
  expect((await now.edits.toArray()).slice(0, 2)).toEqual([
    { ...rest, id: 1, name: "cameras", recordId: "tin" },
    { ...rest, id: 7, name: "cameras", recordId: "hat" },
  ]);
  expect(await now.notes.toArray()).toMatchObject([{ id: "n", name: "cameras", recordId: "tin" }]);
  expect((await historyState([{ name: "cameras", recordId: "tin" }], now)).undo).toBe("depth");
  // The camera deleted last was a setting: it is a step now, and comes back with its edits.
  const [hat] = await deletedCameras(now);
  expect(hat).toMatchObject({ recordId: "hat", name: TIN.name });
  expect(await now.settings.get("removed")).toBeUndefined();
  await takeBack(hat?.step ?? Number.NaN, NOW, now);
  expect((await stored(now, "hat")).name).toBe(TIN.name);
  expect(await historyState([{ name: "cameras", recordId: "hat" }], now)).toEqual({ undo: "depth", redo: "deleted" });
  await now.delete();
});

test.each([
  [5, "++id, [name+recordId+undone+id]"],
  [6, "++id, [name+recordId+undone+id], [name+undone+id], [name+label+undone+id], deed"],
])("a database of version %i keeps all it holds; what became of a shot is found by its id", async (version, edits) => {
  const name = `version-${version}`;
  const old = new Dexie(name);
  old.version(version).stores({
    cameras: "id, updatedAt",
    edits,
    exposures: "id, cameraId, openedMs, [cameraId+openedMs], judged.at, loadId",
    settings: "key",
    notes: "id",
    loads: "id, cameraId, at",
    negatives: "id",
    processing: "id",
    trails: "id",
    developments: "id, at, finishedAt",
  });
  await old.table("cameras").put(TIN);
  const edit = { name: "cameras", recordId: TIN.id, label: "depth", at: NOW, changes: [], undone: 0 };
  await old.table("edits").add(edit);
  await old.table("negatives").put({ id: "n", exposureId: "s" });
  await old.table("processing").put({ id: "p", exposureId: "s" });
  await old.table("trails").put({ id: "t", cameraId: TIN.id });
  await old.table("developments").put({ id: "d", at: NOW });
  old.close();
  const now = openDb(name);
  expect((await stored(now, TIN.id)).name).toBe(TIN.name);
  expect(await historyState([{ name: "cameras", recordId: TIN.id }], now)).toEqual({ undo: "depth", redo: null });
  for (const table of ["negatives", "processing"]) {
    expect(await now.table(table).where("exposureId").equals("s").count()).toBe(1);
  }
  expect(await now.table("trails").where("cameraId").equals(TIN.id).count()).toBe(1);
  expect(await now.table("developments").count()).toBe(1);
  await now.delete();
});
