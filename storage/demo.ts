import type { Camera } from "../core/camera/container/index.ts";
import { type Exposure, parseCamera, parseExposure } from "../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { exposureRow } from "./exposures.ts";

/** Puts the demonstration cameras into an empty database. Anything already there is left alone. */
export async function addDemo(
  demo: { readonly cameras: readonly Camera[]; readonly exposures: readonly Exposure[] },
  db: StillBoxDb = theDb(),
): Promise<void> {
  const whole =
    demo.cameras.every((camera) => parseCamera(camera).ok) && demo.exposures.every((each) => parseExposure(each).ok);
  if (!whole) throw new Error("the demonstration data do not match their schema");
  await db.transaction("rw", db.cameras, db.exposures, db.settings, async () => {
    const present = new Set(await db.cameras.toCollection().primaryKeys());
    await db.cameras.bulkPut(demo.cameras.filter(({ id }) => !present.has(id)));
    const logged = new Set(await db.exposures.toCollection().primaryKeys());
    await db.exposures.bulkPut(demo.exposures.filter(({ id }) => !logged.has(id)).map(exposureRow));
    await db.settings.put({ key: "demoSeen", value: true });
  });
}
