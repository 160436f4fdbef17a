import type { Result } from "../../core/basis/units/index.ts";
import {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  changesBetween,
  type Exposure,
  KEPT_COLLECTIONS,
  type KeptRecord,
} from "../../core/document/index.ts";
import { type ExposureRow, exposureOf, exposureRow, type StillBoxDb, theDb } from "../engine/db.ts";
import type { EditedName } from "../engine/edited.ts";
import { attempt, type StorageFailure } from "../engine/failure.ts";
import { KEEPING } from "../engine/keeping.ts";
import { forgetEdits } from "../engine/steps.ts";
import { contentOf } from "../negatives/pictures.ts";

/** An archive as read and checked; its pictures are taken out of it one by one. */
export interface ReadArchive {
  readonly archive: Archive;
  readonly pictures: readonly PictureToTake[];
}

export interface PictureToTake {
  readonly sha256: string;
  readonly name?: string;
  readonly type?: string;
  readonly take: () => Promise<Blob>;
}

/** What taking an archive in tells on the way, and hears. */
export interface Taking {
  readonly report?: (share: number) => void;
  readonly signal?: AbortSignal;
}

/** Settings that belong to a moment in this browser, not to the maker's data. */
const PASSING_SETTINGS = new Set(["demoSeen", "demoScans", "inField", "keptView", "tour"]);

/** A file of an archive, to be packed into its zip; it is read when its turn comes. */
export interface ArchiveFile {
  readonly name: string;
  readonly read: () => Promise<{
    readonly content: Blob;
    /** Whether it is packed already, as PNG and JPEG are. */
    readonly packed: boolean;
  }>;
}

const PACKED = new Set(["image/png", "image/jpeg"]);

/**
 * Everything in the database as the files of one zip: the pictures as they were imported, each read when its turn comes, and
 * last `archive.json`, which names those that were there.
 *
 * @param now ISO 8601, written into the archive
 */
export async function exportArchive(now: string, db: StillBoxDb = theDb()): Promise<readonly ArchiveFile[]> {
  const sums = await db.pictures.toCollection().primaryKeys();
  const entries: ArchivePicture[] = [];
  const pictures = sums.map((sum): ArchiveFile => {
    const name = `pictures/${sum}`;
    const read: ArchiveFile["read"] = async () => {
      const picture = await db.pictures.get(sum);
      // One that was thrown away meanwhile is not named in the archive.
      if (picture === undefined) return { content: new Blob([]), packed: true };
      entries.push({ file: name, sha256: sum, name: picture.name, type: picture.type });
      return { content: contentOf(picture), packed: PACKED.has(picture.type) };
    };
    return { name, read };
  });
  const records = async () => ({
    content: new Blob([await recordsText(entries, now, db)]),
    packed: false,
  });
  return [...pictures, { name: "archive.json", read: records }];
}

/** `archive.json`: all records. */
async function recordsText(pictures: readonly ArchivePicture[], now: string, db: StillBoxDb): Promise<string> {
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
    pictures,
  };
  return JSON.stringify(archive, null, 2);
}

/** Collections whose records an archive may bring. */
const COLLECTIONS = ["cameras", "exposures", ...KEPT_COLLECTIONS] as const;

/** So many records are compared and written in one go: the page draws in between. */
const AT_ONCE = 400;

/** How many records are here already under the same id but with other contents. */
export async function archiveConflicts({ archive }: ReadArchive, db: StillBoxDb = theDb()): Promise<number> {
  let conflicts = 0;
  for (const [name, records] of inParts(archive)) conflicts += (await arrivals(records, name, db)).changed.length;
  return conflicts;
}

/**
 * Writes a checked archive, all or nothing: its pictures one by one, which nothing points to yet, then its records in one
 * transaction. Where it fails or is given up, the pictures that it brought are thrown away again.
 *
 * @param conflicts what to do with records that are here already with other contents: `replace` them, or `keep` them
 *   and take in only what is new. Records that are the same are left alone.
 * @returns whether it is written; `false`: it was given up
 */
export function importArchive(
  read: ReadArchive,
  conflicts: "replace" | "keep",
  db: StillBoxDb = theDb(),
  { report = () => {}, signal }: Taking = {},
): Promise<Result<boolean, StorageFailure>> {
  const { archive, pictures } = read;
  return attempt(async () => {
    const brought: string[] = [];
    let done = false;
    try {
      for (const [index, { take, sha256: sum, name = "", type = "" }] of pictures.entries()) {
        if (signal?.aborted) return false;
        if ((await db.pictures.where("sha256").equals(sum).count()) === 0) {
          await db.pictures.put({ sha256: sum, name, type, bytes: await take() });
          brought.push(sum);
        }
        report((index + 1) / (pictures.length + 1));
      }
      await db.transaction("rw", db.tables, () => writeRecords(archive, conflicts, db));
      done = true;
    } finally {
      if (!done) await db.pictures.bulkDelete(brought);
    }
    return true;
  });
}

/** Writes the records of an archive, within its transaction. */
async function writeRecords(archive: Archive, conflicts: "replace" | "keep", db: StillBoxDb): Promise<void> {
  for (const [name, records] of inParts(archive)) {
    const { added, changed } = await arrivals(records, name, db);
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
}

/** The records of an archive, some of a collection at a time. */
function* inParts(archive: Archive): Generator<readonly [(typeof COLLECTIONS)[number], readonly KeptRecord[]]> {
  for (const name of COLLECTIONS) {
    const records: readonly KeptRecord[] = archive[name] ?? [];
    for (let from = 0; from < records.length; from += AT_ONCE) yield [name, records.slice(from, from + AT_ONCE)];
  }
}

/** Of some records those that are not here yet, and those that are here with other contents. */
async function arrivals(
  records: readonly KeptRecord[],
  name: (typeof COLLECTIONS)[number],
  db: StillBoxDb,
): Promise<{ readonly added: readonly KeptRecord[]; readonly changed: readonly KeptRecord[] }> {
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
