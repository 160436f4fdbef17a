import puppeteer, { type Browser, type Page } from "puppeteer-core";
import { chance } from "../../core/testing/chance.ts";
import flags from "../../scripts/chromium-flags.json";
import { PATIENCE } from "../support/patience.ts";
import { startServer, type TestServer } from "../support/server.ts";
import { temporaryFolder } from "../support/temporary.ts";

/** Kills: a few in `bin/test`, 200 by `npm run faults`. */
const ROUNDS = Number(process.env.FAULT_ROUNDS ?? 4);
/** What stood so long on the screen must be there, ms. */
const STOOD_MS = 500;

let server: TestServer;
beforeAll(async () => {
  server = await startServer(true);
});
afterAll(() => server?.stop());

function open(folder: string): Promise<Browser> {
  return puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: flags,
    userDataDir: folder,
  });
}

async function bench(browser: Browser): Promise<Page> {
  const page = await browser.newPage();
  await page.goto(`${server.address}/cameras/thistle-biscuit-tin`, { waitUntil: "domcontentloaded" });
  await page.waitForSelector('html[data-ready] [data-handle="far-wall"]', { timeout: PATIENCE });
  return page;
}

const depthOf = (page: Page): Promise<number> =>
  page.$$eval("label", (labels) => {
    const label = labels.find((each) => each.textContent?.startsWith("Depth inside"));
    const entry = label?.control ?? label?.querySelector("input");
    return Number.parseFloat((entry as HTMLInputElement).value);
  });

test(
  `the whole browser killed in mid-edit, ${ROUNDS} times: what stood on the screen for ${STOOD_MS} ms is there`,
  async () => {
    const folder = temporaryFolder();
    const random = chance(7);
    const lost: string[] = [];
    let edits = 0;
    let browser = await open(folder);
    for (let round = 0; round < ROUNDS; round++) {
      const page = await bench(browser);
      await page.$eval('[data-handle="far-wall"]', (handle) => (handle as SVGElement).focus());
      const seen: { readonly at: number; readonly depth: number }[] = [{ at: 0, depth: await depthOf(page) }];
      // Larger and smaller in turn, so that it stays a tin.
      const key = round % 2 === 0 ? "ArrowRight" : "ArrowLeft";
      const until = Date.now() + 700 + 1800 * random();
      while (Date.now() < until) {
        await page.keyboard.press(key);
        seen.push({ at: Date.now(), depth: await depthOf(page) });
        edits++;
        await new Promise((resolve) => setTimeout(resolve, 20 + 130 * random()));
      }
      const killed = Date.now();
      const gone = new Promise((resolve) => browser.once("disconnected", resolve));
      browser.process()?.kill("SIGKILL");
      await gone;
      browser = await open(folder);
      const back = await depthOf(await bench(browser));
      const stood = seen.findLast(({ at }) => at <= killed - STOOD_MS)?.depth ?? Number.NaN;
      const kept = key === "ArrowRight" ? back >= stood : back <= stood;
      if (!kept) lost.push(`round ${round}: ${stood} stood, ${back} came back`);
      await Promise.all((await browser.pages()).slice(1).map((each) => each.close()));
    }
    await browser.close();
    expect(edits).toBeGreaterThan(2 * ROUNDS);
    expect(lost).toEqual([]);
  },
  60_000 + 30_000 * ROUNDS,
);
