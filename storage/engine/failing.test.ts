import "fake-indexeddb/auto";
import Dexie from "dexie";
import { fieldValue, withField } from "../../core/camera/container/index.ts";
import { changesBetween } from "../../core/document/index.ts";
import { addCamera, cameraNames, deletedCameras, removeCamera } from "../cameras/cameras.ts";
import { countExposures } from "../exposures/exposureCounts.ts";
import { writeSetting } from "../settings/settings.ts";
import { demoDb, depth, fakeLocalStorage, NOW, stored, TIN } from "../testing.ts";
import { connectionTrouble } from "./connection.ts";
import { type NoteRow, openDb, openStorage, type StillBoxDb, theDb } from "./db.ts";
import { editRecord, getEdited } from "./editRecord.ts";
import { attempt, storageFailure } from "./failure.ts";
import { historyState, takeBack } from "./history.ts";
import { recoverUnsaved } from "./recovery.ts";
import { cameraRef } from "./steps.ts";
import { hasUnsaved, noteAtOnce, noteUnsaved, strikeUnsaved } from "./unsaved.ts";

async function waitUntil(state: () => boolean): Promise<void> {
  while (!state()) await new Promise((resolve) => setTimeout(resolve, 5));
}

let db: StillBoxDb;

beforeEach(async () => {
  db = await demoDb();
});
afterEach(() => db.delete());

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
      .spyOn(db.table("cameras"), "put")
      .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
    const done = await editRecord("cameras", TIN.id, { label: "depth", changes: depth(80) }, NOW, db);
    put.mockRestore();
    expect(!done.ok && done.error.reason).toBe("full");
    expect(fieldValue(await stored(db), "container.depth")).toBe(70);
    expect((await historyState([cameraRef(TIN.id)], db)).undo).toBeNull();
  });

  test("what can’t be kept for Undo is not deleted", async () => {
    const put = jest.spyOn(db.edits, "add").mockRejectedValue(new DOMException("full", "QuotaExceededError"));
    const done = await removeCamera(TIN.id, NOW, db);
    put.mockRestore();
    expect(!done.ok && done.error.reason).toBe("full");
    expect(fieldValue(await stored(db), "container.depth")).toBe(70);
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
    const found = await getEdited("cameras", TIN.id, old);
    expect(found.ok && found.value.name).toBe(TIN.name);
    expect(connectionTrouble()).toBe("newer");
    const done = await editRecord("cameras", TIN.id, { label: "depth", changes: depth(80) }, NOW, old);
    expect(!done.ok && done.error.reason).toBe("newer");
    await expect(writeSetting("unit", "in", old)).rejects.toThrow(/newer/);
    const again = await getEdited("cameras", TIN.id, old);
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

  test("where the browser has no engine at all, what a page follows is followed all the same", async () => {
    const before = { ...Dexie.dependencies };
    Object.assign(Dexie.dependencies, { indexedDB: null, IDBKeyRange: null });
    const open = jest.spyOn(indexedDB, "open").mockImplementation(() => {
      throw new DOMException("forbidden", "SecurityError");
    });
    await openStorage();
    open.mockRestore();
    const seen: number[] = [];
    const following = Dexie.liveQuery(async () => (await cameraNames()).length).subscribe((count) => seen.push(count));
    await addCamera({ ...TIN, id: "followed" });
    await waitUntil(() => seen.at(-1) === 1);
    following.unsubscribe();
    Object.assign(Dexie.dependencies, before);
  });

  test("bugs are not swallowed", async () => {
    await expect(attempt(() => Promise.reject(new TypeError("bug")))).rejects.toThrow("bug");
  });
});

describe("notes of what is not stored yet", () => {
  const note = (id: string, mm: number, at = NOW) => ({
    id,
    name: "cameras" as const,
    recordId: TIN.id,
    label: "depth",
    changes: depth(mm),
    at,
  });

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
    await db.notes.put({
      id: "torn",
      name: "cameras" as const,
      recordId: TIN.id,
      changes: [null],
    } as unknown as NoteRow);
    await db.notes.put({ ...note("astray", 1), name: "cameras" as const, recordId: "gone" });
    await db.notes.put({
      id: "deep",
      name: "cameras" as const,
      recordId: TIN.id,
      label: "x",
      at: NOW,
      changes: [{ path: "no list" }],
    } as never);
    expect(await recoverUnsaved(NOW, db)).toMatchObject({
      waiting: [],
      older: [],
      gone: [{ id: "astray" }],
      damaged: 2,
    });
    expect(fieldValue(await stored(db), "container.depth")).toBe(77);
    expect(await db.notes.count()).toBe(0);
  });

  test("while the disk is full the note waits for a better day", async () => {
    await noteUnsaved(note("n", 88), db);
    const put = jest
      .spyOn(db.table("cameras"), "put")
      .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
    expect((await recoverUnsaved(NOW, db)).waiting).toMatchObject([note("n", 88)]);
    expect(await db.notes.count()).toBe(1);
    put.mockRestore();
    await recoverUnsaved(NOW, db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(88);
    expect(await db.notes.count()).toBe(0);
  });

  test("what somebody changed since is not thrown back; what nobody touched is stored", async () => {
    const changes = changesBetween(TIN, withField(withField(TIN, "container.depth", 73), "container.wall", 2));
    await noteUnsaved({ ...note("n", 73), changes }, db);
    await editRecord("cameras", TIN.id, { label: "depth", changes: depth(95) }, "2026-05-01T10:00:05+01:00", db);
    const { older } = await recoverUnsaved("2026-05-01T10:01:00+01:00", db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(95);
    expect(fieldValue(await stored(db), "container.wall")).toBe(2);
    // The older is told, so that it can be taken all the same.
    expect(older.map(({ changes }) => changes)).toMatchObject([
      [
        { path: ["container", "depth"], after: 73 },
        { path: ["chambers", "0", "film", "distance"], after: 73 },
      ],
    ]);
    expect(await db.notes.count()).toBe(0);
  });

  describe("quick notes", () => {
    let local: Record<string, string>;

    beforeEach(() => {
      local = fakeLocalStorage();
    });

    afterEach(() => void Reflect.deleteProperty(globalThis, "localStorage"));

    test("a quick note is the later word of what the database has", async () => {
      await noteUnsaved(note("n", 82), db);
      noteAtOnce(note("n", 83));
      expect(await hasUnsaved(db)).toBe(true);
      expect(await recoverUnsaved(NOW, db)).toEqual({ waiting: [], older: [], gone: [], damaged: 0 });
      expect(fieldValue(await stored(db), "container.depth")).toBe(83);
      expect([Object.keys(local), await db.notes.count(), await hasUnsaved(db)]).toEqual([[], 0, false]);
    });

    test("it goes when the database has it, but not while a later one stands in its place", async () => {
      noteAtOnce(note("n", 82));
      await noteUnsaved(note("n", 82), db);
      expect(Object.keys(local)).toEqual([]);
      noteAtOnce(note("n", 83));
      await noteUnsaved(note("n", 82), db);
      expect(Object.keys(local)).toEqual(["still-box-note:n"]);
      await strikeUnsaved("n", db);
      expect([Object.keys(local), await db.notes.count()]).toEqual([[], 0]);
    });

    test("where the database has no room for a note, the quick one stays", async () => {
      const full = jest.spyOn(db.notes, "put").mockImplementation((() => Promise.reject(new Error("full"))) as never);
      noteAtOnce(note("n", 84));
      await noteUnsaved(note("n", 84), db);
      expect(Object.keys(local)).toEqual(["still-box-note:n"]);
      full.mockRestore();
    });
  });

  test("an edit in another tab’s hand when the camera was deleted comes back with it", async () => {
    await removeCamera(TIN.id, NOW, db);
    const [removed] = await deletedCameras(db);
    await noteUnsaved(note("n", 91), db);
    await recoverUnsaved(NOW, db);
    expect(await db.notes.count()).toBe(1);
    await takeBack(removed?.step ?? Number.NaN, NOW, db);
    await recoverUnsaved(NOW, db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(91);
    expect(await deletedCameras(db)).toEqual([]);
  });
});
