import { failure, type Result, success } from "../core/basis/units/index.ts";
import {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  changesBetween,
  type Exposure,
  KEPT_COLLECTIONS,
  type KeptRecord,
  parseArchive,
  readJson,
} from "../core/document/index.ts";
import type { Fault } from "../core/light/solve/index.ts";
import { type ExposureRow, exposureOf, exposureRow, type PictureRow, type StillBoxDb, theDb } from "./db.ts";
import type { EditedName } from "./edited.ts";
import { forgetEdits } from "./edits.ts";
import { attempt, type StorageFailure } from "./failure.ts";
import { KEEPING } from "./keeping.ts";
import { sha256 } from "./sha256.ts";

/** An archive as read and checked, with its pictures' bytes. */
export interface ReadArchive {
  readonly archive: Archive;
  readonly pictures: readonly PictureRow[];
}

/** Settings that belong to a moment in this browser, not to the maker's data. */
const PASSING_SETTINGS = new Set(["demoSeen", "inField"]);

/** A file of an archive, to be packed into its zip. */
export interface ArchiveFile {
  readonly name: string;
  readonly content: Blob;
  /** Whether it is packed already, as PNG and JPEG are. */
  readonly packed: boolean;
}

const PACKED = new Set(["image/png", "image/jpeg"]);

/**
 * Everything in the database as the files of one zip: `archive.json` and the pictures as they were imported, which are
 * taken out one by one: the browser may keep them on its disk.
 *
 * @param now ISO 8601, written into the archive
 */
export async function exportArchive(now: string, db: StillBoxDb = theDb()): Promise<readonly ArchiveFile[]> {
  const entries: ArchivePicture[] = [];
  const pictures: ArchiveFile[] = [];
  for (const sum of await db.pictures.toCollection().primaryKeys()) {
    const picture = await db.pictures.get(sum);
    if (picture === undefined) continue;
    const entry = pictureEntry(picture);
    entries.push(entry);
    pictures.push({ name: entry.file, content: new Blob([picture.bytes]), packed: PACKED.has(picture.type) });
  }
  const settings = (await db.settings.toArray()).filter(({ key }) => !PASSING_SETTINGS.has(key));
  const kept = await Promise.all(KEPT_COLLECTIONS.map(async (name) => [name, await db.table(name).toArray()] as const));
  const archive = {
    format: ARCHIVE_FORMAT.format,
    version: ARCHIVE_FORMAT.current,
    exportedAt: now,
    cameras: await db.cameras.toArray(),
    exposures: (await db.exposures.toArray()).map(exposureOf),
    ...Object.fromEntries(kept),
    settings: Object.fromEntries(settings.map(({ key, value }) => [key, value])),
    pictures: entries,
  };
  const json = new Blob([JSON.stringify(archive, null, 2)], { type: "application/json" });
  return [{ name: "archive.json", content: json, packed: false }, ...pictures];
}

function pictureEntry({ sha256: sum, name, type }: PictureRow): ArchivePicture {
  return { file: `pictures/${sum}`, sha256: sum, name, type };
}

/**
 * Reads the files of an archive's zip and checks all of it: every record against its schema, every picture against its
 * sum. Nothing is written.
 */
export async function readArchive(
  files: Readonly<Record<string, Uint8Array<ArrayBuffer>>>,
): Promise<Result<ReadArchive, readonly Fault[]>> {
  const json = files["archive.json"];
  if (json === undefined) return refuse("/archive.json", "is missing in the zip");
  const data = readJson(new TextDecoder().decode(json));
  if (!data.ok) return failure(data.error.map(({ path, message }) => ({ path: `/archive.json${path}`, message })));
  const parsed = parseArchive(data.value);
  if (!parsed.ok) return parsed;
  const pictures: PictureRow[] = [];
  for (const [index, entry] of (parsed.value.pictures ?? []).entries()) {
    const path = `/pictures/${index}/file`;
    const found = files[entry.file];
    if (found === undefined) return refuse(path, `${entry.file} is missing in the zip`);
    if ((await sha256(found)) !== entry.sha256) return refuse(path, `${entry.file} is damaged: its SHA-256 differs`);
    pictures.push({ sha256: entry.sha256, name: entry.name ?? "", type: entry.type ?? "", bytes: found });
  }
  return success({ archive: parsed.value, pictures });
}

function refuse(path: string, message: string): Result<never, readonly Fault[]> {
  return failure([{ path, message }]);
}

/** Collections whose records an archive may bring. */
const COLLECTIONS = ["cameras", "exposures", ...KEPT_COLLECTIONS] as const;

/** How many records are here already under the same id but with other contents. */
export async function archiveConflicts({ archive }: ReadArchive, db: StillBoxDb = theDb()): Promise<number> {
  const counts = await Promise.all(COLLECTIONS.map(async (name) => (await arrivals(archive, name, db)).changed.length));
  return counts.reduce((sum, count) => sum + count, 0);
}

/**
 * Writes a checked archive in one transaction, all or nothing.
 *
 * @param conflicts what to do with records that are here already with other contents: `replace` them, or `keep` them
 *   and take in only what is new. Records that are the same are left alone.
 */
export function importArchive(
  read: ReadArchive,
  conflicts: "replace" | "keep",
  db: StillBoxDb = theDb(),
): Promise<Result<void, StorageFailure>> {
  const { archive, pictures } = read;
  return attempt(() =>
    db.transaction("rw", db.tables, async () => {
      for (const name of COLLECTIONS) {
        const { added, changed } = await arrivals(archive, name, db);
        const taken = conflicts === "replace" ? [...added, ...changed] : added;
        if (name === "exposures") await db.exposures.bulkPut((taken as readonly Exposure[]).map(exposureRow));
        else await db.table(name).bulkPut([...taken]);
        // The edits remembered for a record lead up to the version that is now replaced.
        if (name in KEEPING) {
          await forgetEdits(
            name as EditedName,
            taken.map(({ id }) => id),
            db,
          );
        }
      }
      const settings = Object.entries(archive.settings ?? {}).map(([key, value]) => ({ key, value }));
      const present = new Set(await db.settings.toCollection().primaryKeys());
      await db.settings.bulkPut(conflicts === "replace" ? settings : settings.filter(({ key }) => !present.has(key)));
      await db.pictures.bulkPut([...pictures]);
    }),
  );
}

/** The records of one collection that are not here yet, and those that are here with other contents. */
async function arrivals(
  archive: Archive,
  name: (typeof COLLECTIONS)[number],
  db: StillBoxDb,
): Promise<{ readonly added: readonly KeptRecord[]; readonly changed: readonly KeptRecord[] }> {
  const records: readonly KeptRecord[] = archive[name] ?? [];
  const rows: readonly (KeptRecord | undefined)[] = await db.table(name).bulkGet(records.map(({ id }) => id));
  // A damaged record counts as another one: it is not overwritten without a question either.
  const present = name === "exposures" ? rows.map((row) => row && exposureOf(row as ExposureRow)) : rows;
  return {
    added: records.filter((_, index) => present[index] === undefined),
    changed: records.filter((record, index) => {
      const here = present[index];
      return here !== undefined && changesBetween(here, record).length > 0;
    }),
  };
}
