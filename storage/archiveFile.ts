import { strFromU8, strToU8, unzip, zip } from "fflate";
import {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  KEPT_COLLECTIONS,
  parseArchive,
} from "../core/document/index.ts";
import type { Fault } from "../core/solve/index.ts";
import { failure, type Result, success } from "../core/units/index.ts";
import { type PictureRow, type StillBoxDb, theDb } from "./db.ts";
import { attempt, type StorageFailure } from "./failure.ts";
import { sha256 } from "./sha256.ts";

/** An archive as read and checked, with its pictures' bytes. */
export interface ReadArchive {
  readonly archive: Archive;
  readonly pictures: readonly PictureRow[];
}

/** Settings that belong to a moment in this browser, not to the maker's data. */
const PASSING_SETTINGS = new Set(["demoSeen", "running", "removed"]);

/**
 * Everything in the database as one zip: `archive.json` and the pictures as they were imported.
 *
 * @param now ISO 8601, written into the archive
 */
export async function exportArchive(now: string, db: StillBoxDb = theDb()): Promise<Uint8Array<ArrayBuffer>> {
  const pictures = await db.pictures.toArray();
  const settings = (await db.settings.toArray()).filter(({ key }) => !PASSING_SETTINGS.has(key));
  const kept = await Promise.all(KEPT_COLLECTIONS.map(async (name) => [name, await db.table(name).toArray()] as const));
  const archive = {
    format: ARCHIVE_FORMAT.format,
    version: ARCHIVE_FORMAT.current,
    exportedAt: now,
    cameras: await db.cameras.toArray(),
    exposures: await db.exposures.toArray(),
    ...Object.fromEntries(kept),
    settings: Object.fromEntries(settings.map(({ key, value }) => [key, value])),
    pictures: pictures.map(pictureEntry),
  };
  const files = Object.fromEntries(pictures.map((picture) => [pictureEntry(picture).file, picture.bytes] as const));
  return zipped({ "archive.json": strToU8(JSON.stringify(archive, null, 2)), ...files }, now);
}

function pictureEntry({ sha256: sum, name, type }: PictureRow): ArchivePicture {
  return { file: `pictures/${sum}`, sha256: sum, name, type };
}

/**
 * Reads an archive zip and checks all of it: the zip, every record against its schema, every picture against its sum.
 * Nothing is written.
 */
export async function readArchive(bytes: Uint8Array): Promise<Result<ReadArchive, readonly Fault[]>> {
  const files = await unzipped(bytes);
  if (files === null) return refuse("", "is not a zip file, or it is damaged");
  const json = files["archive.json"];
  if (json === undefined) return refuse("/archive.json", "is missing in the zip");
  let data: unknown;
  try {
    data = JSON.parse(strFromU8(json));
  } catch {
    return refuse("/archive.json", "is not valid JSON");
  }
  const parsed = parseArchive(data);
  if (!parsed.ok) return parsed;
  const pictures: PictureRow[] = [];
  for (const [index, entry] of (parsed.value.pictures ?? []).entries()) {
    const path = `/pictures/${index}/file`;
    const found = files[entry.file];
    if (found === undefined) return refuse(path, `${entry.file} is missing in the zip`);
    if ((await sha256(found)) !== entry.sha256) return refuse(path, `${entry.file} is damaged: its SHA-256 differs`);
    pictures.push({
      sha256: entry.sha256,
      name: entry.name ?? "",
      type: entry.type ?? "",
      bytes: new Uint8Array(found),
    });
  }
  return success({ archive: parsed.value, pictures });
}

function refuse(path: string, message: string): Result<never, readonly Fault[]> {
  return failure([{ path, message }]);
}

/** Writes a checked archive in one transaction, all or nothing; records with the same id are replaced. */
export function importArchive(read: ReadArchive, db: StillBoxDb = theDb()): Promise<Result<void, StorageFailure>> {
  const { archive, pictures } = read;
  return attempt(() =>
    db.transaction("rw", db.tables, async () => {
      const cameras = archive.cameras ?? [];
      // The edits remembered for a camera lead up to the version that is now replaced.
      await db.edits
        .where("cameraId")
        .anyOf(cameras.map(({ id }) => id))
        .delete();
      await db.cameras.bulkPut([...cameras]);
      await db.exposures.bulkPut([...(archive.exposures ?? [])]);
      for (const name of KEPT_COLLECTIONS) await db.table(name).bulkPut([...(archive[name] ?? [])]);
      await db.settings.bulkPut(Object.entries(archive.settings ?? {}).map(([key, value]) => ({ key, value })));
      await db.pictures.bulkPut([...pictures]);
    }),
  );
}

function zipped(files: Record<string, Uint8Array>, now: string): Promise<Uint8Array<ArrayBuffer>> {
  return new Promise((resolve, reject) => {
    zip(files, { level: 6, mtime: now.slice(0, 19) }, (error, data) =>
      error ? reject(error) : resolve(new Uint8Array(data)),
    );
  });
}

function unzipped(bytes: Uint8Array): Promise<Record<string, Uint8Array> | null> {
  return new Promise((resolve) => {
    try {
      unzip(bytes, (error, files) => resolve(error ? null : files));
    } catch {
      resolve(null);
    }
  });
}
