import { Dexie, type EntityTable } from "dexie";
import type { Camera } from "../core/camera/container/index.ts";
import {
  type CameraChange,
  type Exposure,
  KEPT_COLLECTIONS,
  type KeptCollection,
  type KeptRecord,
} from "../core/document/index.ts";

/** One edit of a camera: the values it changed, and whether it has been taken back. */
export interface EditRow {
  readonly id: number;
  readonly cameraId: string;
  readonly label: string;
  readonly at: string;
  readonly changes: readonly CameraChange[];
  readonly undone: 0 | 1;
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
  readonly bytes: Uint8Array<ArrayBuffer>;
}

export type KeptTables = { [name in KeptCollection]: EntityTable<KeptRecord, "id"> };

/** The maker's data in this browser. Records are checked when they are written and when they are read. */
export type StillBoxDb = Dexie &
  KeptTables & {
    cameras: EntityTable<Camera, "id">;
    edits: EntityTable<EditRow, "id">;
    exposures: EntityTable<Exposure, "id">;
    settings: EntityTable<SettingRow, "key">;
    pictures: EntityTable<PictureRow, "sha256">;
  };

const NAME = "still-box";

/** Opens the database (a new one is made at its first use). `name` is for tests. */
export function openDb(name: string = NAME): StillBoxDb {
  const db = new Dexie(name) as StillBoxDb;
  db.version(1).stores({
    cameras: "id, updatedAt",
    edits: "++id, cameraId, [cameraId+undone]",
    exposures: "id, cameraId, openedAt, [cameraId+openedAt]",
    settings: "key",
    pictures: "sha256",
    ...Object.fromEntries(KEPT_COLLECTIONS.map((collection) => [collection, "id"])),
  });
  return db;
}

let shared: StillBoxDb | undefined;

/** This page's connection. Another tab that upgrades the database makes this one close and say so. */
export function theDb(): StillBoxDb {
  shared ??= openDb();
  return shared;
}
