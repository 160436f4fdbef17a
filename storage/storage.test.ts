import "fake-indexeddb/auto";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { thistleRow } from "../catalogue/demo/thistleRow.ts";
import { type Camera, fieldValue, withField, withVersion } from "../core/camera/container/index.ts";
import { changesBetween } from "../core/document/index.ts";
import { archiveConflicts, exportArchive, importArchive, readArchive } from "./archiveFile.ts";
import {
  addCamera,
  editCamera,
  getCamera,
  historyState,
  listCameras,
  removeCamera,
  restoreCamera,
  stepHistory,
} from "./cameras.ts";
import { openDb, type StillBoxDb } from "./db.ts";
import { addDemo } from "./demo.ts";
import { countExposures, listExposures, removeExposure, saveExposure } from "./exposures.ts";
import { attempt, storageFailure } from "./failure.ts";
import { subscribe } from "./live.ts";
import { readSettings, rememberCamera, writeSetting } from "./settings.ts";
import { sha256 } from "./sha256.ts";
import { noteUnsaved, recoverUnsaved, strikeUnsaved } from "./unsaved.ts";

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
    await editCamera(TIN.id, depth(80), "depth", NOW, db);
    await editCamera(TIN.id, changesBetween(TIN, withField(TIN, "container.wall", 2)), "wall", NOW, db);
    expect(await historyState(TIN.id, db)).toEqual({ undo: "wall", redo: null });
    await stepHistory(TIN.id, "undo", NOW, db);
    expect([fieldValue(await stored(), "container.wall"), fieldValue(await stored(), "container.depth")]).toEqual([
      0.3, 80,
    ]);
    await stepHistory(TIN.id, "undo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    await stepHistory(TIN.id, "redo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(80);
    await editCamera(TIN.id, depth(95), "depth", NOW, db);
    expect((await historyState(TIN.id, db)).redo).toBeNull();
    await stepHistory(TIN.id, "redo", NOW, db);
    expect(fieldValue(await stored(), "container.depth")).toBe(95);
  });

  test("edits from two tabs at once are both kept", async () => {
    const other = openDb(db.name);
    await Promise.all([
      editCamera(TIN.id, depth(90), "depth", NOW, db),
      editCamera(TIN.id, changesBetween(TIN, withField(TIN, "container.wall", 1.5)), "wall", NOW, other),
    ]);
    expect([fieldValue(await stored(), "container.depth"), fieldValue(await stored(), "container.wall")]).toEqual([
      90, 1.5,
    ]);
    other.close();
  });

  test("an edit that would break the file is refused whole, with its path", async () => {
    const done = await editCamera(
      TIN.id,
      [{ path: ["container", "depth"], before: 70, after: "deep" }],
      "depth",
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
    await editCamera(TIN.id, depth(80), "depth", NOW, db);
    const removed = await removeCamera(TIN.id, db);
    expect((await listExposures(null, db)).length).toBe(3);
    if (removed.ok) await restoreCamera(removed.value, db);
    expect((await listExposures(TIN.id, db)).length).toBe(2);
    expect((await historyState(TIN.id, db)).undo).toBe("depth");
  });

  test("history keeps its last 300 edits", async () => {
    for (let i = 0; i < 305; i++) await editCamera(TIN.id, depth(71 + (i % 2)), "depth", NOW, db);
    expect(await db.edits.where({ cameraId: TIN.id }).count()).toBe(300);
  });
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

  test("what changes is told to those who follow", async () => {
    const seen: number[] = [];
    const end = subscribe(
      () => db.cameras.count(),
      (value) => seen.push(value),
      () => undefined,
    );
    await new Promise((resolve) => setTimeout(resolve, 50));
    await addCamera({ ...TIN, id: "more" }, db);
    await new Promise((resolve) => setTimeout(resolve, 100));
    end();
    const cameras = thistleRow.cameras.length;
    expect(seen).toEqual([cameras, cameras + 1]);
  });
});

describe("archive", () => {
  test("everything, pictures included, comes back byte for byte in an empty database", async () => {
    const bytes = new Uint8Array([1, 2, 3, 250]);
    await db.pictures.put({ sha256: await sha256(bytes), name: "scan.png", type: "image/png", bytes });
    await db.sites.put({ id: "shed roof", height: 2 } as { id: string });
    const zip = await exportArchive(NOW, db);
    const empty = openDb(`${db.name}-empty`);
    const read = await readArchive(zip);
    expect(read.ok && (await importArchive(read.value, "keep", empty)).ok).toBe(true);
    expect(strFromU8(unzipSync(await exportArchive(NOW, empty))["archive.json"] as Uint8Array)).toBe(
      strFromU8(unzipSync(zip)["archive.json"] as Uint8Array),
    );
    expect((await empty.pictures.toArray())[0]?.bytes).toEqual(bytes);
    expect(await exportArchive(NOW, db)).toEqual(zip);
    await empty.delete();
  });

  test("records that are here with other contents are counted, and kept or replaced as asked; the same ones keep their undo", async () => {
    const zip = await exportArchive(NOW, db);
    const read = await readArchive(zip);
    if (!read.ok) throw new Error("unreadable");
    expect(await archiveConflicts(read.value, db)).toBe(0);
    await editCamera(TIN.id, depth(80), "depth", NOW, db);
    await removeExposure("thistle-shot-1", db);
    expect(await archiveConflicts(read.value, db)).toBe(1);

    await importArchive(read.value, "keep", db);
    expect(fieldValue(await stored(), "container.depth")).toBe(80);
    expect((await historyState(TIN.id, db)).undo).toBe("depth");
    expect((await listExposures(null, db)).length).toBe(5);

    await importArchive(read.value, "replace", db);
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    expect((await historyState(TIN.id, db)).undo).toBeNull();
  });

  test("a picture that does not match its sum, a missing one, another file: refused, with the place", async () => {
    const archive = {
      format: "still-box/archive",
      version: 1,
      pictures: [{ file: "pictures/a", sha256: "0".repeat(64) }],
    };
    const zip = (files: Record<string, Uint8Array>) => zipSync(files);
    const fault = async (bytes: Uint8Array) => {
      const read = await readArchive(bytes);
      return read.ok ? null : `${read.error[0]?.path} ${read.error[0]?.message}`;
    };
    const json = strToU8(JSON.stringify(archive));
    expect(await fault(zip({ "archive.json": json, "pictures/a": new Uint8Array([1]) }))).toMatch(
      /\/pictures\/0\/file .*SHA-256 differs/,
    );
    expect(await fault(zip({ "archive.json": json }))).toMatch(/\/pictures\/0\/file .*missing/);
    expect(await fault(zip({ "archive.json": strToU8("{") }))).toMatch(/\/archive.json is not valid JSON/);
    expect(await fault(zip({ other: json }))).toMatch(/\/archive.json is missing/);
    expect(await fault(strToU8("PK nothing"))).toMatch(/not a zip file/);
    expect(await fault(zip({ "archive.json": json }).subarray(0, 40))).toMatch(/not a zip file/);
  });

  test("the archive of version 1 as released is still read", async () => {
    const read = await readArchive(new Uint8Array(readFileSync(join(__dirname, "fixtures/archive-v1.zip"))));
    expect(read.ok && read.value.archive.cameras?.map(({ name }) => name)).toEqual([
      "Biscuit tin",
      "Canister No. 1",
      "Cocoa tin",
      "Hat box",
    ]);
  });
});

describe("when things fail", () => {
  test.each([
    ["QuotaExceededError", "full"],
    ["VersionError", "blocked"],
    ["MissingAPIError", "unavailable"],
  ] as const)("%s is told as %s", async (name, reason) => {
    const done = await attempt(() => Promise.reject(Object.assign(new Error("no"), { name })));
    expect(!done.ok && done.error).toEqual(storageFailure(reason));
  });

  test("a full disk leaves the stored camera whole and says so", async () => {
    const put = jest
      .spyOn(db.cameras, "put")
      .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
    const done = await editCamera(TIN.id, depth(80), "depth", NOW, db);
    put.mockRestore();
    expect(!done.ok && done.error.reason).toBe("full");
    expect(fieldValue(await stored(), "container.depth")).toBe(70);
    expect((await historyState(TIN.id, db)).undo).toBeNull();
  });

  test("bugs are not swallowed", async () => {
    await expect(attempt(() => Promise.reject(new TypeError("bug")))).rejects.toThrow("bug");
  });
});

test("where nothing can be noted, nothing breaks", () => {
  const forbidden = new Proxy({} as Storage, {
    get: () => {
      throw new DOMException("no", "SecurityError");
    },
  });
  expect(() => noteUnsaved({ cameraId: "x", label: "x", changes: [] }, forbidden)).not.toThrow();
  expect(() => strikeUnsaved(forbidden)).not.toThrow();
});

test("an edit noted by a page that is gone is stored by the next one", async () => {
  const notes = new Map<string, string>();
  const notepad = {
    getItem: (key: string) => notes.get(key) ?? null,
    setItem: (key: string, value: string) => void notes.set(key, value),
    removeItem: (key: string) => void notes.delete(key),
    key: (index: number) => [...notes.keys()][index] ?? null,
    get length() {
      return notes.size;
    },
  };
  noteUnsaved({ cameraId: TIN.id, label: "depth", changes: depth(77) }, notepad);
  notes.set("still-box:unsaved:torn", "{");
  notes.set("something else", "kept");
  await recoverUnsaved(NOW, db, notepad);
  expect(fieldValue(await stored(), "container.depth")).toBe(77);
  expect([...notes.keys()]).toEqual(["something else"]);
  // While the disk is full the note waits for a better day.
  notes.set("still-box:unsaved:full", JSON.stringify({ cameraId: TIN.id, label: "depth", changes: depth(88) }));
  const put = jest
    .spyOn(db.cameras, "put")
    .mockRejectedValue(Object.assign(new Error("full"), { name: "QuotaExceededError" }));
  await recoverUnsaved(NOW, db, notepad);
  expect(notes.has("still-box:unsaved:full")).toBe(true);
  put.mockRestore();
  await recoverUnsaved(NOW, db, notepad);
  expect(fieldValue(await stored(), "container.depth")).toBe(88);
  expect(notes.has("still-box:unsaved:full")).toBe(false);
  noteUnsaved({ cameraId: TIN.id, label: "depth", changes: [] }, notepad);
  strikeUnsaved(notepad);
  expect(notes.size).toBe(1);
});

describe("what the further shapes bring along", () => {
  test("every demonstration camera, set, roll and drum included, comes back from a zip the same, with its versions", async () => {
    const [first] = thistleRow.cameras;
    if (first === undefined) throw new Error("no demonstration");
    const kept = withVersion(first, { id: "v1", name: "Before the saw", at: "2026-05-01T10:00:00+01:00" });
    await addCamera(kept, db);
    const before = (await listCameras(db)).cameras;
    const bytes = await exportArchive("2026-05-02T10:00:00+01:00", db);
    const read = await readArchive(bytes);
    const byId = (cameras: readonly Camera[] = []) => [...cameras].sort((a, b) => a.id.localeCompare(b.id));
    expect(byId(read.ok ? read.value.archive.cameras : [])).toEqual(byId(before));
    expect(before.find(({ id }) => id === first.id)?.versions?.[0]?.chambers).toEqual(first.chambers);
    expect(before.find(({ set }) => set)?.set).toEqual({ count: 9, exposed: [9, 8] });
    expect(before.find(({ container }) => container.shape === "drum")?.chambers).toHaveLength(8);
  });
});
