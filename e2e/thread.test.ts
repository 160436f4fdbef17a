import type { Maker } from "./support/maker.ts";
import { stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";

const { arrive } = stage(true);

const BOX = "thistle-biscuit-tin";
/** What the frame says is next. */
const next = (maker: Maker, words: RegExp) => maker.sees("[data-at-hand] [data-next]", words);
const stations = (maker: Maker) => maker.texts("[data-at-hand] [data-thread] li");

test("from “It is loaded” to a saved positive along the thread: each act by its button, nothing typed twice", async () => {
  const maker = await arrive();
  await maker.withOwnClock();
  let presses = 0;
  const press = async (name: string): Promise<void> => {
    presses++;
    await maker.press(name);
  };
  await maker.goTo(`/dark?camera=${BOX}`);
  await maker.press("It is loaded");
  await next(maker, /Take a picture/);
  await press("Take a picture");
  await press("Daylight");
  await next(maker, /Take a picture/);
  await press("Open the hole");
  await next(maker, /Close the hole/);
  await maker.later(60);
  await press("Close the hole");
  await next(maker, /Log the shot/);
  await press("Log this shot");
  await next(maker, /Develop the sheet/);
  expect((await stations(maker)).slice(0, 3).map((words) => words.trim())).toEqual([
    "Made",
    "Loaded 0 of 1",
    expect.stringMatching(/^Exposed [12]$/),
  ]);
  await press("Develop the sheet");
  // The question comes every time one enters from the daylight.
  await press("In the dark now");
  // What waits is ticked already.
  await maker.sees("[data-sheets]", /1 chosen/);
  await press("To the trays");
  await maker.page.waitForSelector("[data-next-in]", { timeout: PATIENCE });
  presses++;
  await maker.page.evaluate(() => document.querySelector<HTMLElement>("[data-next-in]")?.click());
  await maker.page.waitForSelector("[data-focus]", { timeout: PATIENCE });
  for (let bath = 0; bath < 4; bath++) {
    await maker.later(320);
    await maker.page.waitForFunction(() => /\+/.test(document.querySelector("[data-count]")?.textContent ?? "+"));
    const before = await maker.text("[data-run-screen]");
    presses++;
    await maker.page.evaluate(() => document.querySelector<HTMLElement>("[data-move]")?.click());
    await maker.page.waitForFunction(
      (was) => (document.querySelector<HTMLElement>("[data-run-screen]")?.innerText ?? "") !== was,
      { timeout: PATIENCE },
      before,
    );
    if ((await maker.page.$("[data-run-screen]")) === null) break;
  }
  await next(maker, /Scan the sheet/);
  await press("Scan the sheet");
  if (await maker.page.$("html[data-red]")) await press("Daylight");
  await press("Scan it");
  await maker.page.waitForSelector("[data-negative]", { timeout: PATIENCE });
  await next(maker, /Judge the sheet/);
  await press("Judge the sheet");
  await maker.sees("[data-proposal]", /./);
  await press("Agree");
  await next(maker, /Print the sheet/);
  await press("Print the sheet");
  await maker.page.waitForSelector("[data-tones]", { timeout: PATIENCE });
  await press("Save it");
  // All is done: it is loaded again.
  await next(maker, /Load it/);
  expect(presses).toBeLessThanOrEqual(20);
});

test("from a container to a loaded camera in twelve presses: nothing has to be typed, measured or ticked one by one", async () => {
  const maker = await arrive();
  await maker.goTo("/");
  let presses = 0;
  const press = async (name: string): Promise<void> => {
    presses++;
    await maker.press(name);
  };
  await press("Measure a container");
  await press("Put it on the Bench");
  await next(maker, /Make and measure the hole/);
  await press("Make and measure the hole");
  await press("Not at all");
  await maker.sees("[data-by-hand]", /^0\.31\d mm ± 0\.06/);
  await press("Take it as meant");
  await maker.sees("[data-verdict=keep]", /./);
  await press("Build it");
  await press("It is built already: tick them all");
  await maker.sees("[data-left]", /Done/);
  await press("Test it for light leaks");
  await press("No light: it is tight");
  await press("Load it");
  await press("In the dark now");
  await press("It is loaded");
  await next(maker, /Take a picture/);
  expect(presses).toBe(12);
});

test("the camera at hand goes along through the places, and is changed in one press; the Shelf says the same of each", async () => {
  const maker = await arrive();
  await maker.goTo("/");
  const tag = await maker.page.waitForSelector('a[data-next][href*="thistle-canister-one"]', { timeout: PATIENCE });
  const words = await tag?.evaluate((link) => (link as HTMLElement).innerText.trim());
  await tag?.evaluate((link) => (link as HTMLElement).click());
  await next(maker, new RegExp(`^${words}$`));
  await maker.reads("Camera at hand", "thistle-canister-one");
  for (const path of ["/log", "/dark?camera=thistle-hat-box", "/field", "/proof", "/cameras/thistle-cocoa-tin"]) {
    await maker.goTo(path);
    const asked = /camera=([\w-]+)|cameras\/([\w-]+)/.exec(path);
    await maker.reads(
      "Camera at hand",
      asked?.[1] ?? asked?.[2] ?? (path === "/log" ? "thistle-canister-one" : "thistle-hat-box"),
    );
  }
  await maker.goTo("/cameras/thistle-cocoa-tin/make/build");
  await maker.choose("Camera at hand", BOX);
  await maker.page.waitForFunction(
    (id) => location.pathname === `/cameras/${id}/make/build`,
    { timeout: PATIENCE },
    BOX,
  );
  await maker.goTo("/field");
  await maker.sees("main", /Biscuit tin/);
  await maker.choose("Camera at hand", "thistle-canister-one");
  await maker.sees("main", /Nine canisters/);
});

test("a question is found by any word of it, opened alone, and answered with this camera's own figures", async () => {
  const maker = await arrive();
  await maker.goTo("/cameras/thistle-hat-box");
  await maker.opensPalette("rain");
  await maker.page.waitForFunction(
    () => document.querySelector("[role=dialog] [data-selected=true]")?.textContent === "How long in rain?",
    { timeout: PATIENCE },
  );
  await maker.keys("Enter");
  await maker.sees("[data-questions]", /Hat box[\s\S]*Steady rain is about a stop darker/);
  // Its picture is work of seconds: it waits until it is wanted.
  expect(await maker.page.$("[data-other-hole]")).toBeNull();
  await maker.sees("[data-times]", /Grey sky[\s\S]*Steady rain/);
  await maker.press("Why is everything equally sharp, and nothing quite?");
  await maker.page.waitForSelector("[data-other-hole=drawn]", { timeout: PATIENCE });
  await maker.press("Numbers");
  await maker.sees("main", /Where the numbers come from/);
});

test("a word of the craft answers in place, by mouse and by keyboard, and leads to all words", async () => {
  const maker = await arrive();
  await maker.goTo("/cameras/thistle-hat-box");
  await maker.focus('[data-reading=fNumber] [data-term="f-number"]');
  await maker.keys("Enter");
  await maker.sees("[data-term-card=f-number]", /How many holes would stand side by side[\s\S]*All words/);
  await maker.keys("Escape");
  await maker.page.waitForFunction(
    () =>
      document.querySelector("[data-term-card]") === null &&
      (document.activeElement as HTMLElement | null)?.dataset.term === "f-number",
    { timeout: PATIENCE },
  );
  await maker.page.click('[data-reading=circle] [data-term="image-circle"]');
  await maker.sees("[data-term-card=image-circle]", /round patch of light/);
  await maker.press("All words");
  await maker.sees("[data-words]", /Image circle[\s\S]*Fixer/);
});
