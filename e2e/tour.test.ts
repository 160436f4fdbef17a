import { TOUR } from "../wording/tour.ts";
import { stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";

const { at } = stage(true);

test("the tour: begun on the Shelf, through every place, left on the way and found again, to its end", async () => {
  const maker = await at("/");
  await maker.press("Look round: take the tour");
  for (const [index, stop] of TOUR.entries()) {
    await maker.sees("[data-tour-stop]", new RegExp(`${index + 1} of ${TOUR.length}: ${stop.name}`, "i"));
    await maker.page.waitForFunction(
      (path) => window.location.pathname === path,
      { timeout: PATIENCE },
      stop.path("thistle-biscuit-tin").split("?")[0] ?? "",
    );
    if (stop.name === "Load") await maker.answersDark("By daylight, to plan");
    if (stop.name === "Cut sheets") {
      await maker.page.waitForSelector("html[data-tour=page] [data-page]", { timeout: PATIENCE });
      await maker.press("Leave the tour");
      await maker.page.waitForSelector("[data-tour-stop]", { hidden: true, timeout: PATIENCE });
      await maker.goTo("/");
      await maker.press("Look round: take the tour");
      await maker.press("Back to the tour");
      await maker.sees("[data-tour-stop]", /3 of/);
    }
    await maker.press(TOUR[index + 1] === undefined ? "End the tour" : `On to ${TOUR[index + 1]?.name}`);
  }
  await maker.page.waitForSelector("[data-tour-stop]", { hidden: true, timeout: PATIENCE });
  expect(await maker.page.evaluate(() => document.documentElement.dataset.tour)).toBeUndefined();
  await maker.press("Numbers");
  await maker.page.waitForSelector('a[href="/licences.txt"]', { timeout: PATIENCE });
});

test("a page ends with its way on, and is silent where what is next is done on it", async () => {
  const maker = await at("/cameras/thistle-cocoa-tin");
  const next = await maker.text("[data-at-hand] [data-next]");
  expect(await maker.text("[data-way-on]")).toMatch(new RegExp(`next for cocoa tin\\s*${next}`, "i"));
  await maker.page.$eval("[data-way-on] a", (link) => (link as HTMLElement).click());
  await maker.sees('[data-at-hand] [data-next][aria-current="page"]', new RegExp(next));
  expect(await maker.page.$("[data-way-on]")).toBeNull();
});
