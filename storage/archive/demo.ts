import type { Result } from "../../core/basis/units/index.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import {
  type Bottle,
  changesBetween,
  type Development,
  type Exposure,
  type Load,
  type Negative,
  type Pack,
  type Processing,
  parseCamera,
  type Trail,
} from "../../core/document/index.ts";
import { exposureRow, type StillBoxDb, theDb } from "../engine/db.ts";
import { attempt, type StorageFailure } from "../engine/failure.ts";
import { practiceTab } from "../practice/drawer.ts";

/** A scan of the demonstration: a file that its server has. */
export interface DemoPicture {
  readonly sha256: string;
  readonly name: string;
  readonly type: string;
  readonly file: string;
}

/** The demonstration as its server gives it. */
export interface Demo {
  readonly cameras: readonly Camera[];
  readonly exposures: readonly Exposure[];
  readonly loads: readonly Load[];
  readonly packs: readonly Pack[];
  readonly bottles: readonly Bottle[];
  readonly trails: readonly Trail[];
  readonly developments?: readonly Development[];
  readonly processing?: readonly Processing[];
  readonly negatives?: readonly Negative[];
  readonly pictures?: readonly DemoPicture[];
}

/** What all records of the demonstration are called at first. */
const PREFIX = "thistle-";

/** Tables of the demonstration, that which others refer to first. */
const TABLES = [
  "cameras",
  "packs",
  "bottles",
  "loads",
  "exposures",
  "developments",
  "processing",
  "negatives",
  "trails",
] as const;
type TableName = (typeof TABLES)[number];
/** A stored record, of whatever table. */
interface Row {
  readonly id: string;
}

/**
 * Puts the demonstration's records into a database, but for those whose scan is not there yet. Anything already there is
 * left alone.
 *
 * @returns whether scans are still to be fetched
 */
export async function addDemo(demo: Demo, db: StillBoxDb = theDb()): Promise<boolean> {
  // They are our own, and tested; cameras are checked all the same, since every page rests on them.
  if (!demo.cameras.every((camera) => parseCamera(camera).ok))
    throw new Error("the demonstration data do not match their schema");
  const wanted = (demo.pictures ?? []).length > 0;
  await db.transaction("rw", [...TABLES.map((name) => db.table(name)), db.settings], async () => {
    for (const name of TABLES) await addMissing(name, rowsOf(demo, name).filter(needsNoScan), db);
    await db.settings.bulkPut([
      { key: "demoSeen", value: true },
      { key: "demoScans", value: wanted ? "wanted" : "there" },
    ]);
  });
  return wanted;
}

/**
 * Puts the demonstration's scans beside its records, one after another, each with what was made of it: stopped in between,
 * it goes on where it was.
 *
 * @param fetched reads a file of the server; `null`: it can't be had now
 */
export async function addDemoScans(
  demo: Demo,
  fetched: (file: string) => Promise<Blob | null>,
  db: StillBoxDb = theDb(),
): Promise<void> {
  for (const { sha256, name, type, file } of demo.pictures ?? []) {
    const bytes = (await db.pictures.get(sha256))?.bytes ?? (await fetched(file));
    if (bytes === null) return;
    // The file by itself: what the maker edits meanwhile must not wait until it is on the disk.
    await db.transaction("rw", db.pictures, db.settings, async () => {
      if (await wantsScans(db)) await db.pictures.put({ sha256, name, type, bytes });
    });
    const tables = ["negatives", "trails", "settings"];
    const goesOn = await db.transaction(
      "rw",
      tables.map((each) => db.table(each)),
      async () => {
        // Whoever has put the demonstration away meanwhile does not want it.
        if (!(await wantsScans(db))) return false;
        for (const table of ["negatives", "trails"] as const) {
          await addMissing(
            table,
            rowsOf(demo, table).filter((row) => scanOf(row) === sha256),
            db,
          );
        }
        return true;
      },
    );
    if (!goesOn) return;
  }
  await db.transaction("rw", db.settings, async () => {
    // The last word is whoever's has put it away meanwhile.
    if (await wantsScans(db)) await db.settings.put({ key: "demoScans", value: "there" });
  });
}

async function wantsScans(db: StillBoxDb): Promise<boolean> {
  return (await db.settings.get("demoScans"))?.value === "wanted";
}

/** Whether the demonstration stands on the shelf, was there and is gone, or (`null`) never was, or has no place in a session of practice. */
export async function demoState(db: StillBoxDb = theDb()): Promise<"here" | "gone" | null> {
  if (practiceTab() !== null) return null;
  const [seen, here] = await Promise.all([
    db.settings.get("demoSeen"),
    db.cameras.where("id").startsWith(PREFIX).count(),
  ]);
  if (seen?.value !== true) return null;
  return here > 0 ? "here" : "gone";
}

/** What was put away with the demonstration, so that it can be put back. */
export type PutAway = Readonly<Record<TableName, readonly Row[]>> & {
  readonly pictures: readonly { readonly sha256: string }[];
};

/**
 * Puts the demonstration away: each of its records that is as it came, and that nothing of the maker's own speaks of. What
 * the maker changed or used stays, with all that it belongs to.
 *
 * @returns what was put away
 */
export function putDemoAway(demo: Demo, db: StillBoxDb = theDb()): Promise<Result<PutAway, StorageFailure>> {
  const tables = [...TABLES, "counts", "pictures", "settings"];
  return attempt(() =>
    db.transaction(
      "rw",
      tables.map((name) => db.table(name)),
      async () => {
        const asItCame = new Map<TableName, Row[]>();
        const spokenOf = new Set<string>();
        for (const name of TABLES) {
          const came = new Map(rowsOf(demo, name).map((row) => [row.id, row]));
          const rows = (await db.table(name).toArray()) as Row[];
          const untouched = (row: Row): boolean => changesBetween(came.get(row.id), row).length === 0;
          asItCame.set(name, rows.filter(untouched));
          for (const row of rows) if (!untouched(row)) mention(row, spokenOf);
        }
        for (const own of await db.counts.toArray()) mention(own, spokenOf);
        // What is kept speaks of others in turn.
        for (let kept = true; kept; ) {
          kept = false;
          for (const [name, rows] of asItCame) {
            const stay = rows.filter(({ id }) => spokenOf.has(id));
            if (stay.length === 0) continue;
            kept = true;
            for (const row of stay) mention(row, spokenOf);
            asItCame.set(
              name,
              rows.filter(({ id }) => !spokenOf.has(id)),
            );
          }
        }
        for (const [name, rows] of asItCame) await db.table(name).bulkDelete(rows.map(({ id }) => id));
        const sums = (demo.pictures ?? []).map(({ sha256 }) => sha256).filter((sum) => !spokenOf.has(sum));
        const pictures = (await db.pictures.bulkGet(sums)).filter((row) => row !== undefined);
        await db.pictures.bulkDelete(sums);
        await db.settings.put({ key: "demoScans", value: "there" });
        return { ...(Object.fromEntries(asItCame) as Record<TableName, Row[]>), pictures };
      },
    ),
  );
}

/** Puts back what was put away. */
export function takeDemoBack(away: PutAway, db: StillBoxDb = theDb()): Promise<Result<void, StorageFailure>> {
  return attempt(() =>
    db.transaction(
      "rw",
      [...TABLES, "pictures"].map((name) => db.table(name)),
      async () => {
        for (const name of TABLES) await addMissing(name, away[name], db);
        await db.table("pictures").bulkPut([...away.pictures]);
      },
    ),
  );
}

/** The demonstration's records of a table, as they are stored. */
function rowsOf(demo: Demo, name: TableName): readonly Row[] {
  return name === "exposures" ? demo.exposures.map(exposureRow) : (demo[name] ?? []);
}

async function addMissing(name: TableName, rows: readonly Row[], db: StillBoxDb): Promise<void> {
  const present = new Set(await db.table(name).toCollection().primaryKeys());
  await db.table(name).bulkPut(rows.filter(({ id }) => !present.has(id)));
}

function needsNoScan(row: Row): boolean {
  return scanOf(row) === null;
}

/** The scan a record can't be looked at without; `null`: none. */
function scanOf(row: Row): string | null {
  const { picture, reading } = row as Partial<Negative & Trail>;
  return (reading?.picture ?? picture) || null;
}

/** Notes all words that stand in a record: ids of others are among them. */
function mention(value: unknown, into: Set<string>): void {
  if (typeof value === "string") into.add(value);
  else if (typeof value === "object" && value !== null) for (const each of Object.values(value)) mention(each, into);
}
