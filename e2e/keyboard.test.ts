import { stage } from "./support/maker.ts";

const { at } = stage(true);

test("the palette finds commands by their words and runs them; ? shows the keys", async () => {
  const maker = await at("/");
  await maker.opensPalette("hat box bench");
  await maker.sees("[cmdk-item][data-selected=true]", /Hat box: open on the Bench/);
  await maker.keys("Enter");
  await maker.sees("[data-drawing]", /300/);
  await maker.opensPalette("inches");
  await maker.sees("[cmdk-item][data-selected=true]", /Measure in inches/);
  await maker.keys("Enter");
  await maker.sees("[data-drawing] text", /^2 in/);
  await maker.reads("Diameter inside", "11.811 in");
  await maker.page.keyboard.type("?");
  await maker.sees("[role=dialog]", /undo[\s\S]*Field/i);
  await maker.keys("Escape");
  expect(await maker.page.$("[role=dialog]")).toBeNull();
});

test("every control of the Bench can be reached with Tab", async () => {
  const maker = await at("/cameras/thistle-biscuit-tin");
  // Parts below fetch their controls when they come into sight: once round brings them, the second time reaches them.
  await maker.page.evaluate(() =>
    document.addEventListener("focusin", ({ target }) => (target as Element).setAttribute("data-reached", "")),
  );
  for (let press = 0; press < 320; press++) await maker.keys("Tab");
  const missed = await maker.page.$$eval(
    "main a, main button:not([disabled], [role=radio], [role=tab][aria-selected=false]), main input, main [tabindex='0']:not([role=radiogroup], [role=tablist])",
    (all) =>
      // What is folded away, and the parts behind the open one, are reached when they are opened.
      all
        .filter((element) => element.checkVisibility() && !element.hasAttribute("data-reached"))
        .map((element) => element.outerHTML.slice(0, 120)),
  );
  expect(missed).toEqual([]);
});

test("an address that leads nowhere says so", async () => {
  const maker = await at("/cameras/gone");
  await maker.sees("h1", /There is nothing here/);
  // The frame round it stays: places, palette and keys.
  await maker.sees("nav", /Shelf[\s\S]*Method/);
  await maker.page.keyboard.type("?");
  await maker.sees("[role=dialog]", /Field/);
});
