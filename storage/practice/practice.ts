import { Dexie } from "dexie";
import type { SessionRecords, SessionStart } from "../../core/practice/index.ts";
import { exposureRow, openDb, type StillBoxDb, theDb } from "../engine/db.ts";
import { drawerOf, type PracticeTab, tabOfDrawer } from "./drawer.ts";

/** Lays out a session in a database of its own; what was in it from an earlier try goes. */
export async function layOutPractice(tab: PracticeTab, start: SessionStart): Promise<void> {
  await Dexie.delete(drawerOf(tab));
  const db = openDb(drawerOf(tab));
  try {
    await db.open();
    await db.transaction("rw", [db.cameras, db.exposures, db.packs, db.loads, db.trails, db.settings], async () => {
      await db.cameras.bulkAdd([...start.cameras]);
      await db.packs.bulkAdd([...start.packs]);
      await db.loads.bulkAdd([...start.loads]);
      await db.trails.bulkAdd([...start.trails]);
      await db.exposures.bulkAdd(start.exposures.map(exposureRow));
      // The demonstration has no place among what is practised on.
      await db.settings.bulkAdd([
        { key: "demoSeen", value: true },
        { key: "fieldCamera", value: start.cameras[0]?.id ?? null },
      ]);
    });
  } finally {
    db.close();
  }
}

/** What is in the database of a session. */
export async function practiceRecords(db: StillBoxDb = theDb()): Promise<SessionRecords> {
  const [cameras, exposures, loads, meters, trails] = await Promise.all([
    db.cameras.toArray(),
    db.exposures.toArray(),
    db.loads.toArray(),
    db.meters.toArray(),
    db.trails.toArray(),
  ]);
  return { cameras, exposures, loads, meters, trails } as unknown as SessionRecords;
}

/** Every session that was ever begun in this browser, with what is in it. */
export async function begunPractices(): Promise<
  readonly { readonly tab: PracticeTab; readonly records: SessionRecords }[]
> {
  const names = await Dexie.getDatabaseNames();
  const found = names.flatMap((name) => tabOfDrawer(name) ?? []);
  return Promise.all(
    found.map(async (tab) => {
      const db = openDb(drawerOf(tab));
      try {
        await db.open();
        return { tab, records: await practiceRecords(db) };
      } finally {
        db.close();
      }
    }),
  );
}

/** Throws away what was done in a session. */
export function forgetPractice(tab: PracticeTab): Promise<void> {
  return Dexie.delete(drawerOf(tab));
}
