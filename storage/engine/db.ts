import { type DBCore, Dexie, type EntityTable, type Middleware } from "dexie";
import type { Camera } from "../../core/camera/container/index.ts";
import {
  type Change,
  type Count,
  type Exposure,
  KEPT_COLLECTIONS,
  type KeptCollection,
  type KeptRecord,
} from "../../core/document/index.ts";
import { drawerOf, practiceTab } from "../practice/drawer.ts";
import { say } from "./connection.ts";
import type { EditedName, HeldName } from "./edited.ts";
import { reasonOf } from "./failure.ts";

/** One edit of a record: the values it changed, and whether it has been taken back. */
export interface EditRow {
  readonly id: number;
  /** The collection of its record. */
  readonly name: EditedName;
  readonly recordId: string;
  readonly label: string;
  readonly at: string;
  readonly changes: readonly Change[];
  readonly undone: 0 | 1;
  /** What was done in one go is one step of undo. */
  readonly stroke?: string | undefined;
  /** What one press did to several records: one of them leads, the others follow it under the same name. */
  readonly deed?: string | undefined;
  /** Taken back with the one that leads: always, or only where that one's record is gone with it. */
  readonly follows?: "always" | "ifGone" | undefined;
}

export interface SettingRow {
  readonly key: string;
  readonly value: unknown;
}

/** A picture as it was imported, known by its SHA-256. */
export interface PictureRow {
  readonly sha256: string;
  readonly name: string;
  readonly type: string;
  /** Rows of earlier versions hold bytes; the browser keeps a blob on its disk without a copy in memory. */
  readonly bytes: Uint8Array<ArrayBuffer> | Blob;
}

/** A shot as it is stored: with the instant it was opened, for its places in the log. Offsets differ between texts. */
export interface ExposureRow extends Exposure {
  /** ms since 1970. */
  readonly openedMs: number;
}

/** An edit that is on a screen but not yet stored with its record. */
export interface NoteRow {
  /** The page that noted it. */
  readonly id: string;
  readonly name: HeldName;
  readonly recordId: string;
  readonly label: string;
  readonly changes: readonly Change[];
  /** ISO 8601. */
  readonly at: string;
}

type KeptTables = { [name in KeptCollection]: EntityTable<KeptRecord, "id"> };

/** The maker's data in this browser. Records are checked when they are written and when they are read. */
export type StillBoxDb = Dexie &
  KeptTables & {
    cameras: EntityTable<Camera, "id">;
    edits: EntityTable<EditRow, "id">;
    exposures: EntityTable<ExposureRow, "id">;
    settings: EntityTable<SettingRow, "key">;
    pictures: EntityTable<PictureRow, "sha256">;
    notes: EntityTable<NoteRow, "id">;
    counts: EntityTable<Count, "id">;
  };

/** The version of the database that this Still Box reads and writes. The engine counts ten for each. */
const VERSION = 7;

/** Where records lie: the browser's own database, or one in memory. */
interface Engine {
  readonly indexedDB: IDBFactory;
  readonly IDBKeyRange: typeof IDBKeyRange;
}

/**
 * Opens a database (a new one is made at its first use): that of the tab, which is the maker’s own or one of practice.
 *
 * @param how an engine other than the browser's; `newer`: the database was made by a newer version, is taken as it is and
 *   never written
 */
export function openDb(
  name: string = drawerOf(practiceTab()),
  how: { engine?: Engine; newer?: boolean } = {},
): StillBoxDb {
  const db = new Dexie(name, how.engine) as StillBoxDb;
  if (how.newer) db.use(READ_ONLY);
  else declare(db);
  db.on("versionchange", ({ newVersion }) => {
    // Dexie itself would open it again at the next access, whatever its version: this page must store nothing more.
    db.close();
    say(newVersion === null ? "emptied" : "outdated");
    return false;
  });
  // The browser itself ends a connection where somebody clears what this site has stored: a new and empty database must
  // not be made in silence, for the page still shows the old one.
  db.on(
    "ready",
    () =>
      db.backendDB().addEventListener("close", () => {
        db.close();
        say("emptied");
      }),
    true,
  );
  db.on("blocked", () => say("blocked"));
  return db;
}

/** What the history calls it that a camera was deleted. */
export const DELETED = "deleted";

/** The collections that the first version had. */
const FIRST_KEPT = ["media", "sheets", "loads", "processing", "negatives", "sites"];

function declare(db: StillBoxDb): void {
  db.version(1).stores({
    cameras: "id, updatedAt",
    edits: "++id, cameraId, [cameraId+undone]",
    exposures: "id, cameraId, openedAt, [cameraId+openedAt]",
    settings: "key",
    pictures: "sha256",
    ...Object.fromEntries(FIRST_KEPT.map((collection) => [collection, "id"])),
  });
  db.version(2)
    .stores({
      edits: "++id, cameraId, [cameraId+undone+id]",
      exposures: "id, cameraId, openedMs, [cameraId+openedMs]",
      notes: "id, cameraId",
    })
    .upgrade(async (old) => {
      await old
        .table<ExposureRow>("exposures")
        .toCollection()
        .modify((row: { openedMs: number; readonly openedAt: string }) => {
          row.openedMs = instantOf(row.openedAt);
        });
    });
  db.version(3)
    .stores({
      ...Object.fromEntries(KEPT_COLLECTIONS.map((collection) => [collection, "id"])),
      exposures: "id, cameraId, openedMs, [cameraId+openedMs], judged.at, loadId",
      loads: "id, cameraId, at",
      counts: "id, openedMs",
    })
    .upgrade(async (old) => {
      // A deleted camera took its shots along: they stay in the log now.
      const removed = await old.table<SettingRow>("settings").get("removed");
      const shots = (removed?.value as { readonly exposures?: readonly Exposure[] } | null | undefined)?.exposures;
      if (Array.isArray(shots)) {
        await old.table("exposures").bulkPut(shots.map(exposureRow));
      }
      // One exposure at a time was counted, as a setting.
      const running = await old.table<SettingRow>("settings").get("running");
      if (running === undefined) return;
      await old.table("settings").delete("running");
      if (running.value === null || typeof running.value !== "object") return;
      const words = await old.table<SettingRow>("settings").get("draft");
      await old.table("counts").add({
        id: "counted-before-version-3",
        pauses: [],
        words: words?.value ?? { subject: "", note: "" },
        ...running.value,
      });
    });
  // What was kept unopened is found by its day.
  db.version(4).stores({ developments: "id, at" });
  // Edits were of cameras alone; sheets on their way are those that the index of the finished ones has not.
  db.version(5)
    .stores({ edits: "++id, [name+recordId+undone+id]", notes: "id", developments: "id, at, finishedAt" })
    .upgrade(async (old) => {
      for (const table of ["edits", "notes"]) {
        await old
          .table(table)
          .toCollection()
          .modify((row: object, ref: { value: object }) => {
            ref.value = ofCamera(row);
          });
      }
      await old
        .table<SettingRow>("settings")
        .where("key")
        .equals("removed")
        .modify((row: { value: unknown }) => {
          const removed = row.value as { readonly edits?: readonly object[] } | null;
          if (Array.isArray(removed?.edits)) row.value = { ...removed, edits: removed.edits.map(ofCamera) };
        });
    });
  // Steps of a whole collection can be taken back, and a deleted camera is one of them; it was a setting.
  db.version(6)
    .stores({ edits: "++id, [name+recordId+undone+id], [name+undone+id], [name+label+undone+id], deed" })
    .upgrade(async (old) => {
      const row = await old.table<SettingRow>("settings").get("removed");
      await old.table("settings").delete("removed");
      const removed = row?.value as
        | { readonly camera?: Camera; readonly edits?: readonly EditRow[] }
        | null
        | undefined;
      const camera = removed?.camera;
      if (camera === undefined || (await old.table("cameras").get(camera.id)) !== undefined) return;
      await old.table("edits").bulkPut([...(removed?.edits ?? [])]);
      const gone = { name: "cameras", recordId: camera.id, label: DELETED, undone: 0, at: camera.updatedAt ?? "" };
      await old.table("edits").add({ ...gone, changes: [{ path: [], before: camera }] });
    });
  // A camera's thread finds what became of its shots by their ids.
  db.version(VERSION).stores({
    negatives: "id, exposureId",
    processing: "id, exposureId",
    trails: "id, cameraId",
  });
}

/** An edit or a note as versions up to the fourth wrote it, in the words of today; any other row stays as it is. */
export function ofCamera(row: object): object {
  if (!("cameraId" in row)) return row;
  const { cameraId, ...rest } = row;
  return { ...rest, name: "cameras", recordId: cameraId };
}

/** Turns every write away. */
const READ_ONLY: Middleware<DBCore> = {
  stack: "dbcore",
  name: "read only",
  create: (core) => ({
    ...core,
    table: (name) => ({
      ...core.table(name),
      mutate: () => Promise.reject(new DOMException("made by a newer version", "ReadOnlyError")),
    }),
  }),
};

/** The instant of an ISO 8601 time, ms since 1970; what can't be read sorts last. */
function instantOf(iso: string): number {
  const instant = Date.parse(iso);
  return Number.isFinite(instant) ? instant : 0;
}

/** A shot as it is stored. */
export function exposureRow(exposure: Exposure): ExposureRow {
  return { ...exposure, openedMs: instantOf(exposure.openedAt) };
}

/** The shot of a stored row, as files have it. */
export function exposureOf({ openedMs: _, ...exposure }: ExposureRow): Exposure {
  return exposure;
}

let shared: StillBoxDb | undefined;

/** This page's connection. Another tab that upgrades the database makes this one close and say so. */
export function theDb(): StillBoxDb {
  shared ??= openDb();
  return shared;
}

/**
 * Opens this page's connection. A database of a newer version can only be looked at. Where the browser stores nothing
 * (forbidden, broken, no room for a first record), the database lies in memory for as long as the page lives. Both are said.
 */
export async function openStorage(name: string = drawerOf(practiceTab())): Promise<void> {
  const newer = await isNewer(name);
  shared = openDb(name, { newer });
  if (newer) say("newer");
  try {
    await shared.open();
    // Of a database taken as it is Dexie names only what it finds in it.
    if (newer) Object.assign(shared, Object.fromEntries(shared.tables.map((table) => [table.name, table])));
  } catch (error) {
    const reason = reasonOf(error);
    if (reason !== "unavailable" && reason !== "full") throw error;
    shared = openDb(name, { engine: await inMemory() });
    await shared.open();
    say("memory");
  }
}

async function inMemory(): Promise<Engine> {
  const { IDBFactory, IDBKeyRange } = await import("fake-indexeddb");
  const engine = { indexedDB: new IDBFactory(), IDBKeyRange };
  try {
    void globalThis.indexedDB;
  } catch {
    // Some browsers forbid even to look at it, and Dexie looks.
    Object.defineProperty(globalThis, "indexedDB", { value: engine.indexedDB, configurable: true });
  }
  // Live queries are silent for ever where Dexie found no engine of the browser's.
  if (!Dexie.dependencies.indexedDB) Object.assign(Dexie.dependencies, engine);
  return engine;
}

/** Whether the stored database is of a later version than this Still Box knows: Dexie would fit it to its own. */
async function isNewer(name: string): Promise<boolean> {
  try {
    const found = (await indexedDB.databases()).find((each) => each.name === name);
    return (found?.version ?? 0) > 10 * VERSION;
  } catch {
    // Not there, or forbidden: opening tells.
    return false;
  }
}
