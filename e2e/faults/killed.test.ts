import type { Browser, Page } from "puppeteer-core";
import { chance } from "../../core/basis/numeric/chance.ts";
import { launch } from "../support/launch.ts";
import { PATIENCE } from "../support/patience.ts";
import { seasonStored } from "../support/season.ts";
import { startServer, type TestServer } from "../support/server.ts";
import { records } from "../support/storage.ts";
import { temporaryFolder } from "../support/temporary.ts";
import { until } from "../support/until.ts";

/** Kills: a few in `bin/test`, 200 by `npm run faults`. */
const ROUNDS = Number(process.env.FAULT_ROUNDS ?? 4);
/** What stood so long on the screen must be there, ms: on a machine of its own (`npm run faults`), and beside two other browsers that fill its disk's queue. */
const STOOD_MS = process.env.FAULT_ROUNDS === undefined ? 1500 : 500;

/** By `npm run faults` negatives are killed too: their scans take a while to be put in. */
const ALSO_NEGATIVES = process.env.FAULT_ROUNDS !== undefined;

let server: TestServer;
beforeAll(async () => {
  server = await startServer(ALSO_NEGATIVES ? "season" : true);
});
afterAll(() => server?.stop());

function open(folder: string): Promise<Browser> {
  return launch({ userDataDir: folder });
}

async function bench(browser: Browser): Promise<Page> {
  const page = await browser.newPage();
  await page.goto(`${server.address}/cameras/thistle-biscuit-tin`, { waitUntil: "domcontentloaded" });
  await page.waitForSelector('html[data-ready] [data-handle="far-wall"]', { timeout: PATIENCE });
  return page;
}

async function field(browser: Browser): Promise<Page> {
  const page = await browser.newPage();
  await page.goto(`${server.address}/field?camera=thistle-biscuit-tin`, { waitUntil: "domcontentloaded" });
  await page.waitForSelector("html[data-ready] [data-big-time]", { timeout: PATIENCE });
  return page;
}

/** Presses the first button of the Field that is called so. */
async function press(page: Page, name: string): Promise<void> {
  const found = await page.waitForSelector(`::-p-xpath(//main//button[normalize-space()="${name}"])`, {
    timeout: PATIENCE,
  });
  await found?.evaluate((button) => (button as HTMLElement).click());
}

async function plan(browser: Browser): Promise<Page> {
  const page = await browser.newPage();
  await page.goto(`${server.address}/sun`, { waitUntil: "domcontentloaded" });
  await page.waitForSelector("html[data-ready] canvas[data-fan]", { timeout: PATIENCE });
  return page;
}

const NEGATIVE = "thistle-negative-depth";

async function positive(browser: Browser): Promise<Page> {
  const page = await browser.newPage();
  await page.goto(`${server.address}/proof/positive?negative=${NEGATIVE}`, { waitUntil: "domcontentloaded" });
  await page.waitForSelector(`html[data-ready] [data-positive="${NEGATIVE}"] [data-tone=high]`, { timeout: PATIENCE });
  return page;
}

/** A browser with all of the demonstration in it. */
async function filled(folder: string): Promise<Browser> {
  const browser = await open(folder);
  if (!ALSO_NEGATIVES) return browser;
  const page = await browser.newPage();
  await page.goto(`${server.address}/proof`, { waitUntil: "domcontentloaded" });
  await seasonStored(page);
  await page.close();
  return browser;
}

/** What is edited by keys: its page, what takes hold of it, what shows it. */
const EDITED = [
  ["a camera", bench, '[data-handle="far-wall"]', '[name="container.depth"]'],
  ["a plan of the sun", plan, "canvas[data-fan]", '[name="aim-azimuth"]'],
  ...(ALSO_NEGATIVES ? [["a negative", positive, "[data-tone=high]", "[data-tone=high]"] as const] : []),
] as const;

/** The figure of an entry, or of what is pulled. */
const figureOf = (page: Page, shown: string): Promise<number> =>
  page.$eval(shown, (element) =>
    Number.parseFloat(element.getAttribute("aria-valuenow") ?? (element as HTMLInputElement).value),
  );

test.each(EDITED)(
  `%s: the whole browser killed in mid-edit, ${ROUNDS} times: what stood on the screen for ${STOOD_MS} ms is there`,
  async (_, opened, handle, shown) => {
    const folder = temporaryFolder();
    const random = chance(7);
    const lost: string[] = [];
    let edits = 0;
    let browser = await filled(folder);
    for (let round = 0; round < ROUNDS; round++) {
      const page = await opened(browser);
      await page.$eval(handle, (element) => (element as HTMLElement).focus());
      const seen: { readonly at: number; readonly figure: number }[] = [{ at: 0, figure: await figureOf(page, shown) }];
      // Larger and smaller in turn, so that it stays a tin.
      const key = round % 2 === 0 ? "ArrowRight" : "ArrowLeft";
      const ends = Date.now() + STOOD_MS + 200 + 1800 * random();
      while (Date.now() < ends) {
        await page.keyboard.press(key);
        seen.push({ at: Date.now(), figure: await figureOf(page, shown) });
        edits++;
        await new Promise((resolve) => setTimeout(resolve, 20 + 130 * random()));
      }
      const killed = Date.now();
      const gone = new Promise((resolve) => browser.once("disconnected", resolve));
      browser.process()?.kill("SIGKILL");
      await gone;
      browser = await open(folder);
      const back = await figureOf(await opened(browser), shown);
      const stood = seen.findLast(({ at }) => at <= killed - STOOD_MS)?.figure ?? Number.NaN;
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

/** Shots in the demonstration's log. */
const SHOTS_BEFORE = 5;

/** What happens to a hole, in its order: the press that does it. */
const PRESSES = ["Open the hole", "Close the hole", "Log this shot"] as const;

/** Does the next of them; a sheet that was exposed before is asked about. */
async function presses(page: Page, name: (typeof PRESSES)[number]): Promise<void> {
  await press(page, name);
  if (name !== "Open the hole") return;
  const asked = await page.waitForSelector("[data-counting], [role=alertdialog] button", { timeout: PATIENCE });
  if (await asked?.evaluate((element) => element.tagName === "BUTTON")) {
    await page.locator('::-p-xpath(//*[@role="alertdialog"]//button[normalize-space()="Open it"])').click();
  }
}

/** How many of {@link PRESSES} were done in all, as a page of the Field and the database tell. */
async function donePresses(page: Page): Promise<number> {
  const shots = (await records({ page }, "exposures")).length;
  const stands = await page.evaluate(() =>
    document.querySelector("[data-counting]") !== null ? 1 : document.querySelector("[data-count]") !== null ? 2 : 0,
  );
  return PRESSES.length * shots + stands;
}

/** The same once nothing is on its way. */
async function stands(page: Page): Promise<number> {
  // Stored or noted: the count is on the page, or its shot in the database, a moment after the page is.
  await page.waitForNetworkIdle({ timeout: PATIENCE });
  return donePresses(page);
}

test(
  `a hole: the browser killed ${ROUNDS} times between its presses: what was pressed ${STOOD_MS} ms before is done, nothing twice`,
  async () => {
    const folder = temporaryFolder();
    const random = chance(11);
    const wrong: string[] = [];
    let browser = await open(folder);
    let page = await field(browser);
    let done = await stands(page);
    let all = 0;
    for (let round = 0; round < ROUNDS; round++) {
      const before = done;
      const pressed: number[] = [];
      const ends = Date.now() + STOOD_MS + 300 + 1500 * random();
      while (Date.now() < ends) {
        const expected = before + pressed.length;
        await presses(page, PRESSES[expected % PRESSES.length] as (typeof PRESSES)[number]);
        pressed.push(Date.now());
        all++;
        await new Promise((resolve) => setTimeout(resolve, 100 + 700 * random()));
      }
      const killed = Date.now();
      const gone = new Promise((resolve) => browser.once("disconnected", resolve));
      browser.process()?.kill("SIGKILL");
      await gone;
      browser = await open(folder);
      page = await field(browser);
      done = await stands(page);
      const stood = before + pressed.filter((at) => at <= killed - STOOD_MS).length;
      if (done < stood || done > before + pressed.length) {
        wrong.push(
          `round ${round}: ${before} before, ${stood} stood, ${before + pressed.length} pressed, ${done} done`,
        );
      }
    }
    await browser.close();
    expect(all).toBeGreaterThan(2 * ROUNDS);
    expect(wrong).toEqual([]);
  },
  60_000 + 30_000 * ROUNDS,
);

test("the browser killed while a hole is open, and again while the shot is being logged: it goes on, and is logged once", async () => {
  const folder = temporaryFolder();
  let browser = await open(folder);
  const kill = async (): Promise<void> => {
    const gone = new Promise((resolve) => browser.once("disconnected", resolve));
    browser.process()?.kill("SIGKILL");
    await gone;
    browser = await open(folder);
  };
  const first = await field(browser);
  await press(first, "Open the hole");
  const opened = Date.now();
  await first.waitForSelector("[data-counting]", { timeout: PATIENCE });
  await new Promise((resolve) => setTimeout(resolve, STOOD_MS));
  await kill();
  const second = await field(browser);
  const words = await second.$eval("[data-counting]", (strip) => (strip as HTMLElement).innerText);
  const [, minutes, seconds] = /open (\d+):(\d\d)/.exec(words) ?? [];
  const counted = 60 * Number(minutes) + Number(seconds);
  expect(counted).toBeGreaterThanOrEqual(1);
  expect(counted).toBeLessThanOrEqual((Date.now() - opened) / 1000 + 1);
  await press(second, "Close the hole");
  await press(second, "Log this shot");
  await kill();
  const third = await field(browser);
  const all = PRESSES.length * (SHOTS_BEFORE + 1);
  // What the kill left unpressed or unstored is pressed now: the count stands there, open or closed.
  for (let done = await stands(third); done < all; done = await stands(third)) {
    await presses(third, PRESSES[done % PRESSES.length] as (typeof PRESSES)[number]);
    await until(async () => (await donePresses(third)) > done);
  }
  expect(await stands(third)).toBe(all);
  await third.goto(`${server.address}/log`, { waitUntil: "domcontentloaded" });
  await third.waitForSelector(`html[data-ready] [data-log="${SHOTS_BEFORE + 1}"]`, { timeout: PATIENCE });
  await browser.close();
}, 120_000);

/** Longer than any bath, s. */
const LONGER_THAN_A_BATH = 4000;

/** The trays, in the dark, with clocks that are so many seconds ahead. */
async function trays(browser: Browser, ahead: number): Promise<Page> {
  const page = await browser.newPage();
  await page.evaluateOnNewDocument((seconds) => {
    const [wall, steady] = [Date.now.bind(Date), performance.now.bind(performance)];
    const skipped = (): number => 1000 * Number((window as { skipped?: number }).skipped ?? seconds);
    Date.now = () => wall() + skipped();
    performance.now = () => steady() + skipped();
  }, ahead);
  await page.goto(`${server.address}/dark/trays`, { waitUntil: "domcontentloaded" });
  await page.waitForSelector("html[data-ready]", { timeout: PATIENCE });
  const asked = await page.waitForFunction(() => sessionStorage.getItem("still-box-dark-answer"), {
    timeout: PATIENCE,
  });
  if ((await asked.jsonValue()) === "asked") {
    await page.locator('::-p-xpath(//button[normalize-space()="In the dark now"])').click();
  }
  await page.waitForSelector('[data-run-screen] [data-move], [aria-label="One more"]', { timeout: PATIENCE });
  return page;
}

/** Moves the sheet on, long after its bath’s time. */
async function moveOn(page: Page, ahead: number): Promise<void> {
  const before = await page.evaluate((seconds) => {
    Object.assign(window, { skipped: seconds });
    const move = document.querySelector<HTMLElement>("[data-move]");
    const words = move?.innerText;
    move?.click();
    return words;
  }, ahead);
  await page.waitForFunction(
    (was) => document.querySelector<HTMLElement>("[data-move]")?.innerText !== was,
    { timeout: PATIENCE, polling: 50 },
    before,
  );
}

test(
  `a sheet in its baths: the browser killed ${ROUNDS} times: each move that was pressed ${STOOD_MS} ms before is kept with its time, none twice`,
  async () => {
    const folder = temporaryFolder();
    const random = chance(13);
    const wrong: string[] = [];
    let ahead = 0;
    let all = 0;
    let browser = await open(folder);
    let page = await trays(browser, ahead);
    for (let round = 0; round < ROUNDS; round++) {
      const known = new Set((await records({ page }, "developments")).map(({ id }) => id));
      await page.locator('[aria-label="One more"]').click();
      await press(page, "To the trays");
      await page.locator('::-p-xpath(//*[@data-run-screen]//button[normalize-space()="Sheet 1 goes in now"])').click();
      await page.waitForSelector("[data-move]", { timeout: PATIENCE });
      const pressed: number[] = [];
      const ends = Date.now() + STOOD_MS + 300 + 1500 * random();
      while (Date.now() < ends && pressed.length < 3) {
        ahead += LONGER_THAN_A_BATH;
        await moveOn(page, ahead);
        pressed.push(Date.now());
        all++;
        await new Promise((resolve) => setTimeout(resolve, 100 + 900 * random()));
      }
      const killed = Date.now();
      const gone = new Promise((resolve) => browser.once("disconnected", resolve));
      browser.process()?.kill("SIGKILL");
      await gone;
      browser = await open(folder);
      page = await trays(browser, ahead);
      // What was noted and not stored is stored as the page comes.
      await page.waitForNetworkIdle({ timeout: PATIENCE });
      const sheets = (await records({ page }, "developments")).filter(({ id }) => !known.has(id));
      const moves = (sheets[0]?.movesMs ?? []) as readonly number[];
      const stood = pressed.filter((at) => at <= killed - STOOD_MS).length;
      if (sheets.length !== 1 || moves.length < stood || moves.length > pressed.length) {
        wrong.push(
          `round ${round}: ${stood} stood, ${pressed.length} pressed, ${moves.length} of ${sheets.length} kept`,
        );
      }
      const stays = moves.map((at, index) => (at - (moves[index - 1] ?? 0)) / 1000);
      if (stays.some((stay) => stay < LONGER_THAN_A_BATH)) wrong.push(`round ${round}: stays of ${stays.join(", ")} s`);
      while ((await page.$("[data-move]")) !== null) {
        ahead += LONGER_THAN_A_BATH;
        await moveOn(page, ahead);
      }
    }
    await browser.close();
    expect(all).toBeGreaterThan(ROUNDS);
    expect(wrong).toEqual([]);
  },
  60_000 + 40_000 * ROUNDS,
);
