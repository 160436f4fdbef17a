import "fake-indexeddb/auto";
import { Dexie } from "dexie";
import { thistleRow } from "../catalogue/demo/thistleRow.ts";
import { type Camera, fieldValue, withField } from "../core/camera/container/index.ts";
import { changesBetween, type Exposure } from "../core/document/index.ts";
import {
  addCamera,
  cameraNames,
  cameraOrFirst,
  editCamera,
  getCamera,
  historyState,
  isCameraThere,
  listCameras,
  removeCamera,
  restoreCamera,
  stepHistory,
} from "./cameras.ts";
import { type ConnectionTrouble, connectionTrouble, onConnectionTrouble } from "./connection.ts";
import { type NoteRow, openDb, openStorage, type StillBoxDb, theDb } from "./db.ts";
import { addDemo } from "./demo.ts";
import { countExposures, countShots, listExposures, removeExposure, saveExposure, shotsBetween } from "./exposures.ts";
import { attempt, storageFailure } from "./failure.ts";
import { recoverUnsaved } from "./recovery.ts";
import { readSettings, rememberCamera, writeSetting } from "./settings.ts";
import { hasUnsaved, noteInTab, noteUnsaved, strikeUnsaved } from "./unsaved.ts";

const NOW = "2026-05-01T10:00:00+01:00";
const [TIN] = thistleRow.cameras as readonly [Camera, ...Camera[]];
let db: StillBoxDb;
let count = 0;

beforeEach(async () => {
  db = openDb(`test-${++count}`);
  await addDemo(thistleRow, db);
});
afterEach(() => db.delete());

async function stored(id = TIN.id): Promise<Camera> {
  const found = await getCamera(id, db);
  if (!found.ok) throw new Error(found.error.message);
  return found.value;
}

const depth = (mm: number) => changesBetween(TIN, withField(TIN, "container.depth", mm));

describe("cameras", () => {
  test("the demonstration cameras are there, in order, with their shots counted", async () => {
    const { cameras, damaged } = await listCameras(db);
    expect(cameras.slice(0, 4).map(({ name }) => name)).toEqual([
      "Biscuit tin",
      "Cocoa tin",
      "Nine canisters",
      "Hat box",
    ]);
    expect(damaged).toEqual([]);
    expect((await countExposures(db)).get(TIN.id)).toBe(2);
  });

  test("edits, undo, redo; an edit after undo drops what was undone", async () => {
    await editCamera(TIN.id, { label: "depth", changes: depth(80) }, NOW, db);
    await editCamera(
      TIN.id,
      { label: "wall", changes: changesBetween(TIN, withField(TIN, "container.wall", 2)) },
      NOW,
      db,
    );
    expect(await historyState(TIN.id, db)).toEqual({ undo: "wall", redo: null });
    await stepHistory(TIN.id, "undo", NOW, db);
    expect([fieldValue(await stored(), "container.wall"), fieldValue(await stored(), "container.depth")]).toEqual([
      0.3, 80,
    ]);
    await stepHistory(TIN.id, "undo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    await stepHistory(TIN.id, "redo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(80);
    await editCamera(TIN.id, { label: "depth", changes: depth(95) }, NOW, db);
    expect((await historyState(TIN.id, db)).redo).toBeNull();
    await stepHistory(TIN.id, "redo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(95);
  });

  test("edits from two tabs at once are both kept", async () => {
    const other = openDb(db.name);
    await Promise.all([
      editCamera(TIN.id, { label: "depth", changes: depth(90) }, NOW, db),
      editCamera(
        TIN.id,
        { label: "wall", changes: changesBetween(TIN, withField(TIN, "container.wall", 1.5)) },
        NOW,
        other,
      ),
    ]);
    expect([fieldValue(await stored(), "container.depth"), fieldValue(await stored(), "container.wall")]).toEqual([
      90, 1.5,
    ]);
    other.close();
  });

  test("an edit that would break the file is refused whole, with its path", async () => {
    const done = await editCamera(
      TIN.id,
      { label: "depth", changes: [{ path: ["container", "depth"], before: 70, after: "deep" }] },
      NOW,
      db,
    );
    expect(!done.ok && done.error).toMatchObject({ reason: "invalid", faults: [{ path: "/container/depth" }] });
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    expect((await historyState(TIN.id, db)).undo).toBeNull();
  });

  test("a damaged record is reported and left alone; a missing one says so", async () => {
    await db.cameras.put({ ...TIN, id: "odd", version: 7 } as unknown as Camera);
    expect((await listCameras(db)).damaged).toEqual(["odd"]);
    expect(await db.cameras.get("odd")).toBeDefined();
    const gone = await getCamera("gone", db);
    expect(!gone.ok && gone.error.reason).toBe("missing");
    expect((await addCamera({ ...TIN, name: "" }, db)).ok).toBe(false);
  });

  test("deleted with its edits and shots, and brought back with them", async () => {
    await editCamera(TIN.id, { label: "depth", changes: depth(80) }, NOW, db);
    const removed = await removeCamera(TIN.id, db);
    expect((await listExposures(null, db)).length).toBe(3);
    if (removed.ok) await restoreCamera(removed.value, db);
    expect((await listExposures(TIN.id, db)).length).toBe(2);
    expect((await historyState(TIN.id, db)).undo).toBe("depth");
  });

  test("history keeps its last 300 edits", async () => {
    for (let i = 0; i < 305; i++) await editCamera(TIN.id, { label: "depth", changes: depth(71 + (i % 2)) }, NOW, db);
    expect(await db.edits.where({ cameraId: TIN.id }).count()).toBe(300);
  });
});

test("the camera that is asked for, else the first that can be read, else none", async () => {
  const names = await cameraNames(db);
  expect((await cameraOrFirst("thistle-cocoa-tin", names, db))?.id).toBe("thistle-cocoa-tin");
  expect((await cameraOrFirst("gone", names, db))?.id).toBe(names[0]?.id);
  await db.cameras.put({ ...TIN, id: names[0]?.id ?? "", version: 7 } as unknown as Camera);
  expect((await cameraOrFirst(names[0]?.id ?? "", names, db))?.id).toBe(names[1]?.id);
  expect(await cameraOrFirst(null, [], db)).toBeNull();
});

describe("log and settings", () => {
  test("shots newest first, saved, deleted, brought back", async () => {
    const shots = await listExposures(null, db);
    expect(shots.map(({ subject }) => subject)).toEqual([
      "Potting shed",
      "Water butt",
      "Scarecrow, an arm’s length away",
      "Cold frames",
      "Bean rows",
    ]);
    const removed = await removeExposure("thistle-shot-1", db);
    expect((await listExposures(null, db)).length).toBe(4);
    if (removed.ok) expect((await saveExposure(removed.value, db)).ok).toBe(true);
    expect((await saveExposure({ ...(shots[0] as (typeof shots)[0]), seconds: -1 }, db)).ok).toBe(false);
    expect((await removeExposure("gone", db)).ok).toBe(false);
  });

  test("settings have defaults and keep what is written", async () => {
    expect((await readSettings(db)).unit).toBe("mm");
    await writeSetting("unit", "in", db);
    await rememberCamera(TIN.id, db);
    expect(await readSettings(db)).toMatchObject({ unit: "in", fieldCamera: TIN.id });
  });

  test("a setting that can’t be read is left where it is, and its default counts; none that is wrong is written", async () => {
    await db.settings.put({ key: "unit", value: "furlong" });
    await db.settings.put({ key: "printScale", value: { across: 1 } });
    expect(await readSettings(db)).toMatchObject({ unit: "mm", printScale: { across: 1, up: 1 } });
    expect(await db.settings.get("unit")).toEqual({ key: "unit", value: "furlong" });
    await expect(writeSetting("meterOffset", Number.NaN, db)).rejects.toThrow(/meterOffset/);
  });

  test("shots stand in the order of their instants, whatever offset they were noted with", async () => {
    const shot = { ...(await listExposures(null, db))[0], cameraId: "zones" } as Exposure;
    // 09:00 in the east is before 08:30 in the west.
    await saveExposure({ ...shot, id: "east", openedAt: "2026-06-01T09:00:00+09:00" }, db);
    await saveExposure({ ...shot, id: "west", openedAt: "2026-06-01T08:30:00-05:00" }, db);
    expect((await listExposures("zones", db)).map(({ id }) => id)).toEqual(["west", "east"]);
    expect([await countShots(null, db), await countShots("zones", db)]).toEqual([7, 2]);
    await db.exposures.update("east", { seconds: -1 });
    expect((await shotsBetween("zones", 0, 50, db)).map((each) => each?.id ?? null)).toEqual(["west", null]);
    // What only the database needs does not leave it.
    expect(await shotsBetween("zones", 0, 1, db)).toEqual([
      { ...shot, id: "west", openedAt: "2026-06-01T08:30:00-05:00" },
    ]);
  });
});

describe("edits in order", () => {
  test("those of one stroke are one step of undo, which leaves out what was only passed through", async () => {
    for (const mm of [71, 74, 79]) {
      const changes = changesBetween(await stored(), withField(await stored(), "container.depth", mm));
      await editCamera(TIN.id, { label: "depth", changes, stroke: "a" }, NOW, db);
    }
    const wall = changesBetween(await stored(), withField(await stored(), "container.wall", 2));
    await editCamera(TIN.id, { label: "wall", changes: wall, stroke: "b" }, NOW, db);
    expect(await db.edits.where({ cameraId: TIN.id }).count()).toBe(2);
    await stepHistory(TIN.id, "undo", NOW, db);
    await stepHistory(TIN.id, "undo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    expect(await historyState(TIN.id, db)).toEqual({ undo: null, redo: "depth" });
    await stepHistory(TIN.id, "redo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(79);
  });

  test("every change is later than the one before it, also when the clock stands or goes back", async () => {
    const times: number[] = [];
    for (const [mm, now] of [
      [71, NOW],
      [72, NOW],
      [73, "2026-04-01T10:00:00+01:00"],
    ] as const) {
      const done = await editCamera(TIN.id, { label: "depth", changes: depth(mm) }, now, db);
      if (done.ok) times.push(Date.parse(done.value.updatedAt ?? ""));
    }
    expect(times).toEqual([...times].sort((a, b) => a - b));
    expect(new Set(times).size).toBe(3);
  });

  test("names are told without reading more of a camera, damaged ones included; a damaged one is there", async () => {
    await db.cameras.put({ ...TIN, id: "odd", name: "Odd", version: 7, createdAt: "2020-01-01" } as unknown as Camera);
    expect((await cameraNames(db))[0]).toEqual({ id: "odd", name: "Odd" });
    expect(await isCameraThere("odd", db)).toBe(true);
    expect(await isCameraThere("gone", db)).toBe(false);
  });
});

describe("the database of version 1", () => {
  test("is taken over whole: shots in their order, edits to undo", async () => {
    const old = new Dexie("version-1");
    old.version(1).stores({
      cameras: "id, updatedAt",
      edits: "++id, cameraId, [cameraId+undone]",
      exposures: "id, cameraId, openedAt, [cameraId+openedAt]",
      settings: "key",
      pictures: "sha256",
    });
    await old.table("cameras").put({ ...TIN, container: { ...TIN.container, depth: 80 } });
    await old.table("edits").add({ cameraId: TIN.id, label: "depth", at: NOW, changes: depth(80), undone: 0 });
    for (const [id, openedAt] of [
      ["east", "2026-06-01T09:00:00+09:00"],
      ["west", "2026-06-01T08:30:00-05:00"],
    ] as const) {
      await old.table("exposures").put({ id, cameraId: TIN.id, openedAt, seconds: 4 });
    }
    old.close();
    const taken = openDb("version-1");
    expect((await listExposures(TIN.id, taken)).map(({ id }) => id)).toEqual(["west", "east"]);
    expect(await historyState(TIN.id, taken)).toEqual({ undo: "depth", redo: null });
    await stepHistory(TIN.id, "undo", NOW, taken);
    const camera = await getCamera(TIN.id, taken);
    expect(camera.ok && fieldValue(camera.value, "container.depth")).toBe(70);
    await taken.delete();
  });

  test("a newer database taken over in another tab is told, and this page lets go of it", async () => {
    const told: (ConnectionTrouble | null)[] = [];
    const end = onConnectionTrouble(() => told.push(connectionTrouble()));
    const newer = new Dexie(db.name);
    newer.version(9).stores({ cameras: "id" });
    await newer.open();
    expect(told).toEqual(["outdated"]);
    const refused = await getCamera(TIN.id, db);
    expect(!refused.ok && refused.error.reason).toBe("outdated");
    end();
    await newer.delete();
  });
});

describe("when things fail", () => {
  test.each([
    ["QuotaExceededError", "full"],
    ["VersionError", "unavailable"],
    ["ReadOnlyError", "newer"],
    ["DatabaseClosedError", "outdated"],
    ["MissingAPIError", "unavailable"],
  ] as const)("%s is told as %s", async (name, reason) => {
    const done = await attempt(() => Promise.reject(Object.assign(new Error("no"), { name })));
    expect(!done.ok && done.error).toEqual(storageFailure(reason));
  });

  test("a full disk leaves the stored camera whole and says so", async () => {
    const put = jest
      .spyOn(db.cameras, "put")
      .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
    const done = await editCamera(TIN.id, { label: "depth", changes: depth(80) }, NOW, db);
    put.mockRestore();
    expect(!done.ok && done.error.reason).toBe("full");
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    expect((await historyState(TIN.id, db)).undo).toBeNull();
  });

  test("what can’t be kept for Undo is not deleted", async () => {
    const put = jest.spyOn(db.settings, "put").mockRejectedValue(new DOMException("full", "QuotaExceededError"));
    const done = await removeCamera(TIN.id, db);
    put.mockRestore();
    expect(!done.ok && done.error.reason).toBe("full");
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    expect((await countExposures(db)).get(TIN.id)).toBeGreaterThan(0);
  });

  test("a database of a newer version is read, and nothing is written into it", async () => {
    db.close();
    await new Promise((resolve, reject) => {
      const request = indexedDB.open(db.name, 90);
      request.onupgradeneeded = () => request.result.createObjectStore("hence", { keyPath: "id" });
      request.onsuccess = () => resolve(request.result.close());
      request.onerror = reject;
    });
    await openStorage(db.name);
    const old = theDb();
    const found = await getCamera(TIN.id, old);
    expect(found.ok && found.value.name).toBe(TIN.name);
    expect(connectionTrouble()).toBe("newer");
    const done = await editCamera(TIN.id, { label: "depth", changes: depth(80) }, NOW, old);
    expect(!done.ok && done.error.reason).toBe("newer");
    await expect(writeSetting("unit", "in", old)).rejects.toThrow(/newer/);
    const again = await getCamera(TIN.id, old);
    expect(again.ok && fieldValue(again.value, "container.depth")).toBe(70);
    expect(old.backendDB().version).toBe(90);
    old.close();
  });

  test("a browser that stores nothing: all lies in memory, and that is said", async () => {
    const open = jest.spyOn(indexedDB, "open").mockImplementation(() => {
      throw new DOMException("forbidden", "SecurityError");
    });
    await openStorage();
    open.mockRestore();
    expect(connectionTrouble()).toBe("memory");
    await addCamera({ ...TIN, id: "passing" });
    expect((await cameraNames()).map(({ id }) => id)).toEqual(["passing"]);
  });

  test("bugs are not swallowed", async () => {
    await expect(attempt(() => Promise.reject(new TypeError("bug")))).rejects.toThrow("bug");
  });
});

describe("notes of what is not stored yet", () => {
  const note = (id: string, mm: number, at = NOW) => ({ id, cameraId: TIN.id, label: "depth", changes: depth(mm), at });

  test("where nothing can be noted, nothing breaks", async () => {
    const closed = openDb("closed");
    closed.close();
    const full = jest.spyOn(closed.notes, "put").mockRejectedValue(new DOMException("no", "QuotaExceededError"));
    await expect(noteUnsaved(note("n", 71), closed)).resolves.toBeUndefined();
    full.mockRestore();
    const forbidden = jest.spyOn(closed.notes, "delete").mockRejectedValue(new DOMException("no", "SecurityError"));
    await expect(strikeUnsaved("n", closed)).resolves.toBeUndefined();
    forbidden.mockRestore();
  });

  test("an edit noted by a page that is gone is stored by the next one; what is no note is dropped", async () => {
    await noteUnsaved(note("n", 77), db);
    await db.notes.put({ id: "torn", cameraId: TIN.id, changes: [null] } as unknown as NoteRow);
    await db.notes.put({ ...note("astray", 1), cameraId: "gone" });
    await db.notes.put({ id: "deep", cameraId: TIN.id, label: "x", at: NOW, changes: [{ path: "no list" }] } as never);
    expect(await recoverUnsaved(NOW, db)).toEqual({ waiting: [], older: [], damaged: 2 });
    expect(fieldValue(await stored(), "container.depth")).toBe(77);
    expect(await db.notes.count()).toBe(0);
  });

  test("while the disk is full the note waits for a better day", async () => {
    await noteUnsaved(note("n", 88), db);
    const put = jest
      .spyOn(db.cameras, "put")
      .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
    expect((await recoverUnsaved(NOW, db)).waiting).toMatchObject([note("n", 88)]);
    expect(await db.notes.count()).toBe(1);
    put.mockRestore();
    await recoverUnsaved(NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(88);
    expect(await db.notes.count()).toBe(0);
  });

  test("what somebody changed since is not thrown back; what nobody touched is stored", async () => {
    const changes = changesBetween(TIN, withField(withField(TIN, "container.depth", 73), "container.wall", 2));
    await noteUnsaved({ ...note("n", 73), changes }, db);
    await editCamera(TIN.id, { label: "depth", changes: depth(95) }, "2026-05-01T10:00:05+01:00", db);
    const { older } = await recoverUnsaved("2026-05-01T10:01:00+01:00", db);
    expect(fieldValue(await stored(), "container.depth")).toBe(95);
    expect(fieldValue(await stored(), "container.wall")).toBe(2);
    // The older is told, so that it can be taken all the same.
    expect(older.map(({ changes }) => changes)).toMatchObject([
      [
        { path: ["container", "depth"], after: 73 },
        { path: ["chambers", "0", "film", "distance"], after: 73 },
      ],
    ]);
    expect(await db.notes.count()).toBe(0);
  });

  test("what a page noted in its tab when it went is the later word of it", async () => {
    const tab = new Map<string, string>();
    const sessionStorage = {
      getItem: (key: string) => tab.get(key) ?? null,
      setItem: (key: string, value: string) => {
        tab.set(key, value);
        Object.assign(sessionStorage, { [key]: value });
      },
      removeItem: (key: string) => {
        tab.delete(key);
        Reflect.deleteProperty(sessionStorage, key);
      },
    };
    Object.defineProperty(globalThis, "sessionStorage", { value: sessionStorage, configurable: true });
    await noteUnsaved(note("n", 82), db);
    noteInTab(note("n", 83));
    expect(await hasUnsaved(db)).toBe(true);
    expect(await recoverUnsaved(NOW, db)).toEqual({ waiting: [], older: [], damaged: 0 });
    expect(fieldValue(await stored(), "container.depth")).toBe(83);
    expect([tab.size, await db.notes.count(), await hasUnsaved(db)]).toEqual([0, 0, false]);
    Reflect.deleteProperty(globalThis, "sessionStorage");
  });

  test("an edit in another tab’s hand when the camera was deleted comes back with it", async () => {
    const removed = await removeCamera(TIN.id, db);
    await noteUnsaved(note("n", 91), db);
    await recoverUnsaved(NOW, db);
    expect(await db.notes.count()).toBe(1);
    if (!removed.ok) throw new Error("not removed");
    await restoreCamera(removed.value, db);
    await recoverUnsaved(NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(91);
    expect((await readSettings(db)).removed).toBeNull();
  });
});
