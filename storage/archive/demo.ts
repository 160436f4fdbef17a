import type { Camera } from "../../core/camera/container/index.ts";
import {
  type Bottle,
  type Exposure,
  type Load,
  type Pack,
  parseCamera,
  type Trail,
} from "../../core/document/index.ts";
import { exposureRow, type StillBoxDb, theDb } from "../engine/db.ts";

/** Puts the demonstration cameras into an empty database. Anything already there is left alone. */
export async function addDemo(
  demo: {
    readonly cameras: readonly Camera[];
    readonly exposures: readonly Exposure[];
    readonly loads: readonly Load[];
    readonly packs: readonly Pack[];
    readonly bottles: readonly Bottle[];
    readonly trails: readonly Trail[];
  },
  db: StillBoxDb = theDb(),
): Promise<void> {
  // They are our own, and tested; cameras are checked all the same, since every page rests on them.
  if (!demo.cameras.every((camera) => parseCamera(camera).ok))
    throw new Error("the demonstration data do not match their schema");
  const [loads, packs, bottles, trails] = [
    db.table("loads"),
    db.table("packs"),
    db.table("bottles"),
    db.table("trails"),
  ];
  await db.transaction("rw", [db.cameras, db.exposures, loads, packs, bottles, trails, db.settings], async () => {
    const present = new Set(await db.cameras.toCollection().primaryKeys());
    await db.cameras.bulkPut(demo.cameras.filter(({ id }) => !present.has(id)));
    const logged = new Set(await db.exposures.toCollection().primaryKeys());
    await db.exposures.bulkPut(demo.exposures.filter(({ id }) => !logged.has(id)).map(exposureRow));
    for (const [table, records] of [
      [loads, demo.loads],
      [packs, demo.packs],
      [bottles, demo.bottles],
      [trails, demo.trails],
    ] as const) {
      const known = new Set(await table.toCollection().primaryKeys());
      await table.bulkPut(records.filter(({ id }) => !known.has(id)));
    }
    await db.settings.put({ key: "demoSeen", value: true });
  });
}
