import "fake-indexeddb/auto";
import { Dexie } from "dexie";
import { type Camera, fieldValue, withField } from "../core/camera/container/index.ts";
import { changesBetween, type Exposure } from "../core/document/index.ts";
import {
  addCamera,
  cameraNames,
  cameraOrFirst,
  deletedCameras,
  isCameraThere,
  listCameras,
  removeCamera,
} from "./cameras/cameras.ts";
import { type ConnectionTrouble, connectionTrouble, onConnectionTrouble } from "./engine/connection.ts";
import { openDb, type StillBoxDb } from "./engine/db.ts";
import { editRecord, getEdited, removeEdited } from "./engine/editRecord.ts";
import { historyState, stepHistory, takeBack } from "./engine/history.ts";
import { cameraRef } from "./engine/steps.ts";
import { countExposures } from "./exposures/exposureCounts.ts";
import { countShots, listExposures, saveExposure, shotsBetween } from "./exposures/exposures.ts";
import { readSettings, rememberCamera, writeSetting } from "./settings/settings.ts";
import { demoDb, depth, NOW, saveShot, stored, TIN } from "./testing.ts";

let db: StillBoxDb;

beforeEach(async () => {
  db = await demoDb();
});
afterEach(() => db.delete());

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
    await editRecord("cameras", TIN.id, { label: "depth", changes: depth(80) }, NOW, db);
    await editRecord(
      "cameras",
      TIN.id,
      { label: "wall", changes: changesBetween(TIN, withField(TIN, "container.wall", 2)) },
      NOW,
      db,
    );
    expect(await historyState([cameraRef(TIN.id)], db)).toEqual({ undo: "wall", redo: null });
    await stepHistory([cameraRef(TIN.id)], "undo", NOW, db);
    expect([fieldValue(await stored(db), "container.wall"), fieldValue(await stored(db), "container.depth")]).toEqual([
      0.3, 80,
    ]);
    await stepHistory([cameraRef(TIN.id)], "undo", NOW, db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(70);
    await stepHistory([cameraRef(TIN.id)], "redo", NOW, db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(80);
    await editRecord("cameras", TIN.id, { label: "depth", changes: depth(95) }, NOW, db);
    expect((await historyState([cameraRef(TIN.id)], db)).redo).toBeNull();
    await stepHistory([cameraRef(TIN.id)], "redo", NOW, db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(95);
  });

  test("edits from two tabs at once are both kept", async () => {
    const other = openDb(db.name);
    await Promise.all([
      editRecord("cameras", TIN.id, { label: "depth", changes: depth(90) }, NOW, db),
      editRecord(
        "cameras",
        TIN.id,
        { label: "wall", changes: changesBetween(TIN, withField(TIN, "container.wall", 1.5)) },
        NOW,
        other,
      ),
    ]);
    expect([fieldValue(await stored(db), "container.depth"), fieldValue(await stored(db), "container.wall")]).toEqual([
      90, 1.5,
    ]);
    other.close();
  });

  test("an edit that would break the file is refused whole, with its path", async () => {
    const done = await editRecord(
      "cameras",
      TIN.id,
      { label: "depth", changes: [{ path: ["container", "depth"], before: 70, after: "deep" }] },
      NOW,
      db,
    );
    expect(!done.ok && done.error).toMatchObject({ reason: "invalid", faults: [{ path: "/container/depth" }] });
    expect(fieldValue(await stored(db), "container.depth")).toBe(70);
    expect((await historyState([cameraRef(TIN.id)], db)).undo).toBeNull();
  });

  test("a damaged record is reported and left alone; a missing one says so", async () => {
    await db.cameras.put({ ...TIN, id: "odd", version: 7 } as unknown as Camera);
    expect((await listCameras(db)).damaged).toEqual(["odd"]);
    expect(await db.cameras.get("odd")).toBeDefined();
    const gone = await getEdited("cameras", "gone", db);
    expect(!gone.ok && gone.error.reason).toBe("missing");
    expect((await addCamera({ ...TIN, name: "" }, db)).ok).toBe(false);
  });

  test("deleted with its edits, and brought back with them; its shots stay in the log all the while", async () => {
    await editRecord("cameras", TIN.id, { label: "depth", changes: depth(80) }, NOW, db);
    await removeCamera(TIN.id, NOW, db);
    expect(await isCameraThere(TIN.id, db)).toBe(false);
    expect((await listExposures(TIN.id, db)).length).toBe(2);
    const [removed] = await deletedCameras(db);
    await takeBack(removed?.step ?? Number.NaN, NOW, db);
    expect((await listExposures(TIN.id, db)).length).toBe(2);
    expect((await historyState([cameraRef(TIN.id)], db)).undo).toBe("depth");
  });

  test("history keeps its last 300 edits", async () => {
    for (let i = 0; i < 305; i++)
      await editRecord("cameras", TIN.id, { label: "depth", changes: depth(71 + (i % 2)) }, NOW, db);
    expect(await db.edits.count()).toBe(300);
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
    const by = { label: "a shot", now: NOW };
    await removeEdited("exposures", "thistle-shot-1", "deleted", NOW, db);
    expect((await listExposures(null, db)).length).toBe(4);
    await stepHistory([{ name: "exposures" }], "undo", NOW, db);
    expect((await listExposures(null, db)).length).toBe(5);
    expect((await saveExposure({ ...(shots[0] as (typeof shots)[0]), seconds: -1 }, by, db)).ok).toBe(false);
    expect((await removeEdited("exposures", "gone", "deleted", NOW, db)).ok).toBe(false);
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
    await saveShot({ ...shot, id: "east", openedAt: "2026-06-01T09:00:00+09:00" }, db);
    await saveShot({ ...shot, id: "west", openedAt: "2026-06-01T08:30:00-05:00" }, db);
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
      const changes = changesBetween(await stored(db), withField(await stored(db), "container.depth", mm));
      await editRecord("cameras", TIN.id, { label: "depth", changes, stroke: "a" }, NOW, db);
    }
    const wall = changesBetween(await stored(db), withField(await stored(db), "container.wall", 2));
    await editRecord("cameras", TIN.id, { label: "wall", changes: wall, stroke: "b" }, NOW, db);
    expect(await db.edits.count()).toBe(2);
    await stepHistory([cameraRef(TIN.id)], "undo", NOW, db);
    await stepHistory([cameraRef(TIN.id)], "undo", NOW, db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(70);
    expect(await historyState([cameraRef(TIN.id)], db)).toEqual({ undo: null, redo: "depth" });
    await stepHistory([cameraRef(TIN.id)], "redo", NOW, db);
    expect(fieldValue(await stored(db), "container.depth")).toBe(79);
  });

  test("every change is later than the one before it, also when the clock stands or goes back", async () => {
    const times: number[] = [];
    for (const [mm, now] of [
      [71, NOW],
      [72, NOW],
      [73, "2026-04-01T10:00:00+01:00"],
    ] as const) {
      const done = await editRecord("cameras", TIN.id, { label: "depth", changes: depth(mm) }, now, db);
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
    expect(await historyState([cameraRef(TIN.id)], taken)).toEqual({ undo: "depth", redo: null });
    await stepHistory([cameraRef(TIN.id)], "undo", NOW, taken);
    const camera = await getEdited("cameras", TIN.id, taken);
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
    const refused = await getEdited("cameras", TIN.id, db);
    expect(!refused.ok && refused.error.reason).toBe("outdated");
    end();
    await newer.delete();
  });
});
