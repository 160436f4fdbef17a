import type { Browser } from "puppeteer-core";
import { launch } from "./support/launch.ts";
import { Maker } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";
import { startServer } from "./support/server.ts";

let browser: Browser;

/** How many files and documents are stored; asked for at least so many, `0` until they are. It runs in the page. */
async function held(least = 0): Promise<number> {
  const all = await Promise.all(
    (await caches.keys()).map(async (name) => (await (await caches.open(name)).keys()).length),
  );
  const count = all.reduce((sum, each) => sum + each, 0);
  return count >= least ? count : 0;
}

beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser?.close());

test("after one visit every place works without a server: also a camera’s address never visited, reloads, and a shot from light to log", async () => {
  const server = await startServer(true, true);
  const maker = await Maker.inContext(await browser.createBrowserContext(), server.address);
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.page.waitForFunction(
    () => navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null),
    { timeout: PATIENCE },
  );
  await server.stop();
  // Nothing answers any more.
  await expect(fetch(server.address)).rejects.toThrow();
  for (const [path, selector, words] of [
    ["/", "main li", /Biscuit tin/],
    ["/cameras/thistle-hat-box", "[data-drawing]", /./],
    ["/cameras/thistle-cocoa-tin/make/build", "main", /Cocoa tin/],
    ["/cameras/thistle-biscuit-tin/make", "[data-page]", /./],
    ["/method", "main table", /./],
    ["/stock", "[data-packs]", /Graded RC paper/],
    ["/dark/trays", "[data-plan]", /Developer/],
    ["/dark/practice", "[data-practice]", /Still water/],
    ["/log?view=says", "[data-bias]", /Biscuit tin/],
    ["/new", "main", /./],
    ["/compare?one=thistle-cocoa-tin&other=thistle-hat-box", "main", /Hat box/],
  ] as const) {
    await maker.goTo(path);
    await maker.sees(selector, words);
  }
  await maker.page.click('nav a[href="/field"]');
  await maker.press("Open the hole");
  await maker.sees("[data-counting]", /still to go/i);
  await maker.reload();
  await maker.press("Close the hole");
  await maker.type("Subject", "Bean rows, no network");
  await maker.press("Log this shot");
  await maker.press("See the log");
  await maker.sees("[data-shot]", /Bean rows, no network/);
  await maker.page.click('nav a[href="/method"]');
  await maker.sees("main table", /./);
  // The browser itself says when a file can't be had; nothing else may complain.
  expect(maker.complaints.filter((each) => !/net::ERR|Failed to load resource/.test(each))).toEqual([]);
});

test("caches cleared while the worker stays mend themselves at the next start: every place is there without a server again", async () => {
  const server = await startServer(true, true);
  const maker = await Maker.inContext(await browser.createBrowserContext(), server.address);
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.page.waitForFunction(
    () => navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null),
    { timeout: PATIENCE },
  );
  const whole = await maker.page.evaluate(held);
  expect(whole).toBeGreaterThan(100);
  await maker.page.evaluate(async () => {
    for (const name of await caches.keys()) await caches.delete(name);
  });
  await maker.reload();
  await maker.sees("main li", /Hat box/);
  await maker.page.waitForFunction(held, { timeout: PATIENCE, polling: 250 }, whole);
  await server.stop();
  for (const [path, selector, words] of [
    ["/cameras/thistle-hat-box", "[data-drawing]", /./],
    ["/dark/trays", "[data-plan]", /Developer/],
    ["/sun", "main", /./],
    ["/proof", "main", /./],
    ["/log", "[data-log]", /Bean rows/],
  ] as const) {
    await maker.goTo(path);
    await maker.sees(selector, words);
  }
});
