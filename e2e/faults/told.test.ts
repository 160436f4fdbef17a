import type { Browser } from "puppeteer-core";
import { launch } from "../support/launch.ts";
import { Maker } from "../support/maker.ts";
import { PATIENCE } from "../support/patience.ts";
import { startServer, type TestServer } from "../support/server.ts";
import { records } from "../support/storage.ts";
import { temporaryFolder } from "../support/temporary.ts";
import { until } from "../support/until.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startServer(true);
});
afterAll(() => server?.stop());

const maker = (browser: Browser): Promise<Maker> => Maker.inContext(browser.defaultBrowserContext(), server.address);

/** What a maker does in a place, until the page says that it is done. */
interface Deed {
  readonly table: string;
  readonly at: string;
  readonly does: (hand: Maker) => Promise<unknown>;
}

const DEEDS: readonly (readonly [string, Deed])[] = [
  [
    "a bottle noted",
    {
      table: "bottles",
      at: "/dark/bottles",
      does: async (hand) => {
        await hand.press("Mixed: note it");
        await hand.sees("[data-bottles='4']", /Developer/);
      },
    },
  ],
  [
    "a place loaded",
    {
      table: "loads",
      at: "/dark?camera=thistle-feed-drum",
      does: async (hand) => {
        await hand.press("T1 is loaded");
        await hand.sees('[data-filled="1"]', /T2 is loaded/);
      },
    },
  ],
  [
    "a pack noted",
    {
      table: "packs",
      at: "/stock",
      does: async (hand) => {
        const known = (await records(hand, "packs")).length;
        await hand.press("Note a pack");
        await hand.press("Keep the pack");
        await hand.page.waitForSelector(`[data-packs="${known + 1}"]`, { timeout: PATIENCE });
      },
    },
  ],
  [
    "a shot deleted",
    {
      table: "exposures",
      at: "/log",
      does: async (hand) => {
        await hand.press("Delete Bean rows");
        await hand.sees("h1", /^4 shots$/);
      },
    },
  ],
  [
    "a temperature chosen",
    {
      table: "settings",
      at: "/dark/trays",
      does: async (hand) => {
        await hand.type("Developer, °C", "24");
        await hand.page.waitForSelector("html:not([data-storing])", { timeout: PATIENCE });
      },
    },
  ],
];

type Rows = Awaited<ReturnType<typeof records>>;

const idsOf = (rows: Rows): readonly string[] => rows.map(({ id }) => String(id)).sort();
const same = (one: Rows, other: Rows): boolean => JSON.stringify(one) === JSON.stringify(other);

test.each(DEEDS)(
  "%s, and the browser killed as soon as the page says so: it is done, and Undo takes it back",
  async (_, { table, at, does }) => {
    const folder = temporaryFolder();
    const first = await launch({ userDataDir: folder });
    const hand = await maker(first);
    await hand.goTo(at);
    const before = await records(hand, table);
    await does(hand);
    const done = await records(hand, table);
    expect(done).not.toEqual(before);
    const gone = new Promise((resolve) => first.once("disconnected", resolve));
    first.process()?.kill("SIGKILL");
    await gone;
    const second = await launch({ userDataDir: folder });
    const again = await maker(second);
    await again.goTo(at);
    expect(await records(again, table)).toEqual(done);
    await again.page.waitForSelector("[data-place-undo] button:not(:disabled)", { timeout: PATIENCE });
    await again.page.keyboard.down("Control");
    await again.keys("KeyZ");
    await again.page.keyboard.up("Control");
    await until(async () => !same(await records(again, table), done));
    expect(idsOf(await records(again, table))).toEqual(idsOf(before));
    await second.close();
  },
);
