import type { Camera } from "../core/camera/container/index.ts";
import type { Exposure, Negative } from "../core/document/index.ts";
import { sheetDoubt } from "../features/proof/scan/whichSheet.ts";
import type { Maker } from "./support/maker.ts";
import { stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";
import { wholeSeason } from "./support/season.ts";

const { at, address } = stage("season");

/** What is stored, by table. */
const counted = (maker: Maker): Promise<Readonly<Record<string, number>>> =>
  maker.page.evaluate(
    () =>
      new Promise<Record<string, number>>((resolve, reject) => {
        const opening = indexedDB.open("still-box");
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const db = opening.result;
          const names = ["cameras", "exposures", "loads", "negatives", "pictures", "trails", "developments"];
          const counts: Record<string, number> = {};
          const reading = db.transaction(names);
          for (const name of names) {
            const count = reading.objectStore(name).count();
            count.onsuccess = () => {
              counts[name] = count.result;
            };
          }
          reading.oncomplete = () => {
            db.close();
            resolve(counts);
          };
        };
      }),
  );

test("every page shows a lived year at the first look: cameras, log, drawer, scans, wall, half a year's sheet", async () => {
  const season = (await (await fetch(`${address()}/demo/season.json`)).json()) as Record<string, unknown[]>;
  const maker = await at("/");
  await maker.sees("main", /Biscuit tin[\s\S]*Fence can/);
  await maker.goTo("/proof");
  await wholeSeason(maker);
  expect(await counted(maker)).toEqual({
    cameras: 12,
    exposures: season.exposures?.length,
    loads: season.loads?.length,
    negatives: 23,
    pictures: 24,
    trails: 2,
    developments: season.developments?.length,
  });
  // None speaks against the shot it is of: what was judged there can be judged here.
  const { negatives, exposures, cameras } = season as unknown as {
    readonly negatives: readonly Negative[];
    readonly exposures: readonly Exposure[];
    readonly cameras: readonly Camera[];
  };
  const doubted = negatives.filter((negative) => sheetDoubt(negative, { negatives, shots: exposures, cameras }));
  expect(doubted.map(({ id }) => id)).toEqual([]);
  await maker.goTo("/log");
  await maker.sees("main", /43 shots[\s\S]*first frost/);
  await maker.goTo("/log?view=says");
  await maker.sees("main", /Biscuit tin/);
  await maker.goTo("/proof/judge?negative=thistle-negative-fogged");
  await maker.sees("[data-judged]", /Such a sheet teaches no time/);
  await maker.goTo("/proof/pair?negative=thistle-negative-depth");
  await maker.page.waitForSelector("[data-pair]", { timeout: PATIENCE });
  await maker.goTo("/sun/read?trail=thistle-fence");
  await maker.sees("main", /181.1°/);
});

test("an empty shelf in one press, and the year back in one; what the maker made stays all the time", async () => {
  const maker = await at("/proof");
  await wholeSeason(maker);
  const before = await counted(maker);
  // A camera of one's own.
  await maker.goTo("/new");
  await maker.type("Name", "Tea box");
  await maker.press("Put it on the Bench");
  await maker.sees("main", /Tea box/);
  await maker.goTo("/");
  await maker.press("Start with an empty shelf");
  await maker.sees("[data-demo=gone]", /put away/);
  await maker.sees("main", /Tea box/);
  expect(await counted(maker)).toEqual({
    cameras: 1,
    exposures: 0,
    loads: 0,
    negatives: 0,
    pictures: 0,
    trails: 0,
    developments: 0,
  });
  await maker.press("Undo");
  await maker.sees("[data-demo=here]", /Start with an empty shelf/);
  expect(await counted(maker)).toEqual({ ...before, cameras: 13 });
  await maker.press("Start with an empty shelf");
  await maker.sees("[data-demo=gone]", /put away/);
  await maker.press("Bring the demonstration back");
  await maker.sees("[data-demo=here]", /Start with an empty shelf/);
  await maker.goTo("/proof");
  await wholeSeason(maker);
  expect(await counted(maker)).toEqual({ ...before, cameras: 13 });
});
