import { execFileSync } from "node:child_process";
import { stage } from "./support/maker.ts";

const { arrive, at } = stage(true);

describe("Building, proving, a group", () => {
  test("ticks and choices stay; time left follows", async () => {
    const maker = await at("/cameras/thistle-cocoa-tin/make/build");
    const before = await maker.text("[data-left]");
    await (await maker.page.$('[data-step="opaque"] [role=checkbox]'))?.click();
    await maker.sees("main", /1 of \d+ steps ticked/);
    expect(await maker.text("[data-left]")).not.toBe(before);
    await maker.press("A magnet on steel");
    await maker.sees('[data-step="shutter"]', /Lay a flat magnet over the hole/);
    // What a tab leaves unstored comes back as one step: here both presses are stored, each as its own.
    await maker.settled();
    await maker.reload();
    await maker.sees("main", /1 of \d+ steps ticked/);
    await maker.sees('[data-step="shutter"]', /Lay a flat magnet over the hole/);
    // Ctrl Z reaches over the reload, and takes back one press at a time.
    await maker.page.keyboard.down("Control");
    await maker.page.keyboard.press("z");
    await maker.page.keyboard.up("Control");
    await maker.sees('[data-step="shutter"]', /A strip of electrical tape/);
    await maker.sees("main", /1 of \d+ steps ticked/);
    await maker.press("Undo");
    await maker.sees("main", /0 of \d+ steps ticked/);
    await maker.press("Redo");
    await maker.sees("main", /1 of \d+ steps ticked/);
  });

  test("a needle’s depth is told in turns, from a trial that anybody can count and measure", async () => {
    const maker = await at("/cameras/thistle-biscuit-tin/make/hole");
    await maker.choose("Way", "twist");
    await maker.page.waitForSelector('section[aria-label="Turns of the needle"]');
    const target = Number.parseFloat(await maker.text("[data-target]"));
    await maker.type("Turns given", "8");
    await maker.type("They left a hole of", "0.2 mm");
    await maker.sees("[data-turns]", new RegExp(`about ${Math.round((8 * target) / 0.2)} turns in all`));
  });

  test("a hole through the wall and a trail of months: steps, bill and readings are this maker’s", async () => {
    const maker = await at("/cameras/thistle-cocoa-tin");
    await maker.choose("The hole is", "wall");
    await maker.page.waitForFunction(() => !document.body.innerText.includes("Opening in the wall"));
    await maker.sees('[data-verdict="plate-cuts"]', /The wall hides the sheet’s ends/);
    await maker.choose("Made for", "trail");
    await maker.sees('[data-reading="trail"]', /weeks to months/);
    await maker.settled();
    await maker.goTo("/cameras/thistle-cocoa-tin/make/build");
    await maker.sees('[data-step="hole"]', /Push a pin straight through the wall/);
    // What is done on that day stands in one place: in Sun.
    await maker.sees('[data-step="put-up"]', /stands under Sun, Put up/);
    const page = await maker.text("main");
    expect(page).not.toMatch(/Put the plate in|Cut the opening|abrasive/);
    expect(await maker.text("[data-bill]")).toMatch(/cable ties/);
    await maker.goTo("/cameras/thistle-cocoa-tin/make/hole");
    await maker.sees("main", /Pushed through the wall/);
    await maker.goTo("/cameras/thistle-cocoa-tin/make/kit");
    await maker.sees("main", /Take-home sheet: a sun trail/);
    expect(await maker.text("main")).not.toMatch(/[Dd]arkroom/);
    await maker.goTo("/cameras/thistle-cocoa-tin/make/hole");
    await maker.press("bought, in its own plate");
    await maker.sees("main", /Nothing to make/);
    await maker.press("in a plate");
    await maker.sees("main", /Dimple and sand/);
    await maker.goTo("/field?camera=thistle-cocoa-tin");
    await maker.sees("[data-trail]", /nothing to count/);
  });

  test("a leak is kept with its repair; a tight camera is proved, and the Shelf says so", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Cocoa tin[\s\S]*not proved light-tight/);
    await maker.goTo("/cameras/thistle-cocoa-tin/make/light-test");
    await maker.press("Edge of the plate");
    await maker.press("Keep what I saw");
    await maker.sees('[data-proof="leaks"]', /Leaks light/);
    await maker.sees('[data-repair="plate-edge"]', /Tape all four sides again/);
    await maker.press("Sheet test");
    await maker.press("No light: it is tight");
    await maker.sees('[data-proof="proved"]', /Sheet test/);
    await maker.goTo("/");
    await maker.sees("main li", /Cocoa tin[\s\S]*proved light-tight/);
    const tags = await maker.texts("main li");
    expect(tags.find((tag) => /Cocoa tin/.test(tag))).not.toMatch(/not proved/);
  });

  test("a kit for seven as PDF: lists, turns, labels; a wrong number is refused at its field", async () => {
    const maker = await at("/cameras/thistle-cocoa-tin/make/kit");
    await maker.type("People", "0");
    await maker.sees("main", /A whole number from 1 to 100/);
    await maker.type("People", "7");
    // What is usual is the browser's to say, and browsers differ.
    await maker.press("A4");
    await maker.press("PDF of the kit");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("cocoa-tin-group-kit-a4.pdf");
    const words = execFileSync("pdftotext", ["-layout", "-", "-"], { input: bytes }).toString();
    expect(words).toMatch(/Shopping list for 7/);
    expect(words).toMatch(/14:00 to 14:04\s+LOAD\s+numbers 1, 2, 3/);
    expect(words.match(/No\. \d/g)).toHaveLength(7);
    // The plan by the cold frames is made with this tin.
    expect(words).toMatch(/Who hangs it where, by when[\s\S]*up by 21 Dec 2026\s+down on 21 Jun 2027/);
  });
});
