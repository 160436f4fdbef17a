import { writeFile } from "node:fs/promises";
import { join } from "node:path";
import { decode, encode } from "fast-png";
import { type Maker, stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { at } = stage(true);
const atTheBench = (id: string, part = "hole"): Promise<Maker> => at(`/cameras/${id}?part=${part}`);
/** The picture by itself, drawn as fine as it comes. */
const FINE = '[data-large-picture="fine"] [data-preview-width="1600"]';
const COARSE = '[data-large-picture="coarse"]';

describe("what the Bench works out beside the design", () => {
  test("the finder ranks what a tin could be; one press makes it so, another takes it back", async () => {
    const maker = await atTheBench("thistle-cocoa-tin", "could-be");
    const { page } = maker;
    // It looks for layouts when it is looked at.
    await page.waitForSelector("[data-finder]", { timeout: PATIENCE });
    await page.$eval("[data-finder]", (panel) => panel.scrollIntoView());
    await page.waitForSelector("[data-found]", { timeout: 2 * PATIENCE });
    expect(
      Number(await page.$eval("[data-finder-examined]", (e) => (e as HTMLElement).dataset.finderExamined)),
    ).toBeGreaterThanOrEqual(5000);
    const before = await maker.text("[data-found] strong");
    await maker.keysOn("long to wide", "End");
    await page.waitForFunction(
      (old) => document.querySelector<HTMLElement>("[data-found] strong")?.innerText !== old,
      {},
      before,
    );
    for (let count = 1; count <= 3; count++) {
      // The comparison opens above the list and moves it: a box is pressed where it is, not where it was.
      await page.$$eval("[data-found] [role=checkbox]", (boxes, at) => (boxes[at] as HTMLElement).click(), count - 1);
      await page.waitForFunction(
        (ticked) => document.querySelectorAll("[data-found] [role=checkbox][data-state=checked]").length === ticked,
        { timeout: PATIENCE },
        count,
      );
    }
    await page.waitForFunction(() => document.querySelectorAll("[data-compare] thead th").length === 3, {
      timeout: PATIENCE,
    });
    const was = await maker.reading("view");
    await maker.press("Make it this");
    await page.waitForFunction(
      (old) => document.querySelector<HTMLElement>('[data-reading="view"]')?.innerText.includes(old) === false,
      {},
      was,
    );
    await maker.settled();
    await maker.press("Undo");
    await maker.sees('[data-reading="view"]', new RegExp(was));
  });

  test("the preview comes coarse, then fine; scene, time and flash change it; it is saved at its true size", async () => {
    const maker = await atTheBench("thistle-biscuit-tin", "picture");
    const { page } = maker;
    await page.waitForSelector(FINE, { timeout: 2 * PATIENCE });
    // Ctrl and the wheel enlarge it; “All of it” brings it back.
    const wide = (): Promise<number> => page.$eval(FINE, (canvas) => canvas.getBoundingClientRect().width);
    const whole = await wide();
    await maker.focus('[aria-label="The picture, to scroll and enlarge"]');
    await maker.keys("+", "+", "+");
    expect(await wide()).toBeCloseTo(1.25 ** 3 * whole, -1);
    const box = await (await page.$('[aria-label="The picture, to scroll and enlarge"]'))?.boundingBox();
    await page.mouse.move((box?.x ?? 0) + 200, (box?.y ?? 0) + 200);
    await page.keyboard.down("Control");
    await page.mouse.wheel({ deltaY: -100 });
    await page.keyboard.up("Control");
    await page.waitForFunction(
      (query, before) => (document.querySelector(query)?.getBoundingClientRect().width ?? 0) > before,
      { timeout: PATIENCE },
      FINE,
      1.3 ** 3 * whole,
    );
    await maker.press("All of it");
    await page.waitForFunction(
      (query, before) => Math.abs((document.querySelector(query)?.getBoundingClientRect().width ?? 0) - before) < 1,
      { timeout: PATIENCE },
      FINE,
      whole,
    );
    const look = () =>
      page.$eval(FINE, (canvas) => {
        const { width, height } = canvas as HTMLCanvasElement;
        const { data } = (canvas as HTMLCanvasElement).getContext("2d")?.getImageData(0, 0, width, height) ?? {
          data: [],
        };
        let sum = 0;
        for (let i = 0; i < data.length; i += 4) sum += data[i] as number;
        return (sum * 4) / data.length;
      });
    const positive = await look();
    await maker.press("As it lies, developed");
    const negative = await look();
    expect(positive + negative).toBeCloseTo(255, 0);
    await maker.press("Twice");
    await page.waitForSelector(COARSE);
    await page.waitForSelector(FINE, { timeout: 2 * PATIENCE });
    expect(await look()).toBeLessThan(negative - 3);
    await maker.press("Save as PNG");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("biscuit-tin-negative.png");
    const png = decode(bytes);
    expect(png.width).toBe(1600);
    // 127 mm of sheet.
    expect((1000 * png.width) / (png.resolution?.x ?? 0)).toBeCloseTo(127, 0);
    // Three stops less light, metered anew: eight times as long, and the sheet comes out as before.
    await maker.choose("Light", "overcast");
    await maker.reads("Hole open for", "3 min 27 s");
    await page.waitForSelector(COARSE);
    await page.waitForSelector(FINE, { timeout: 2 * PATIENCE });
    await maker.sees("[data-conclusion-of-picture]", /As metered at EV 12\./);
    expect(Math.abs((await look()) - negative)).toBeLessThan(1);
  });

  test("the curve: the contrast’s slider moves the best hole, a mark is moved by keys, the sentence follows", async () => {
    const maker = await atTheBench("thistle-biscuit-tin");
    const { page } = maker;
    await page.waitForSelector("[data-curve-section]", { timeout: PATIENCE });
    await page.evaluate(() => document.querySelector("[data-curve-section]")?.scrollIntoView());
    await page.waitForSelector("[data-conclusion]", { timeout: 2 * PATIENCE });
    expect(await maker.text("[data-conclusion]")).toMatch(/From 0\.\d+ mm to 0\.\d+ mm you can’t see the difference/);
    // The hole that is there counts, not the one that was planned.
    expect(await maker.text("[data-conclusion]")).toMatch(/; yours, 0\.31 mm, draws 87 % of the best/);
    const computed = await maker.text('[data-rule="computed"] td:nth-child(2)');
    await maker.keysOn("Contrast to care for", "Home");
    await page.waitForFunction(
      (old) => document.querySelector<HTMLElement>('[data-rule="computed"] td:nth-child(2)')?.innerText !== old,
      {},
      computed,
    );
    await maker.settled();
    await maker.focus('[data-chart-mark="drawn"]');
    await maker.keys("ArrowLeft", "ArrowLeft");
    await maker.sees('[data-rule="own"] td:nth-child(2)', /0\.347 mm/);
    await maker.type("Subject at (may stay empty)", "40 cm");
    await maker.sees('[data-rule="rayleigh"] td:nth-child(2)', /0\.307 mm/);
  });

  test("versions are kept, gone back to and forgotten; two cameras stand side by side", async () => {
    const maker = await atTheBench("thistle-biscuit-tin", "versions");
    await maker.type("Keep the design as it is now, as", "Before the saw");
    await maker.press("Keep it");
    await maker.sees("[data-version]", /Before the saw[\s\S]*70 mm from the hole/);
    await maker.type("Depth inside", "120");
    expect(await maker.reading("fNumber")).toBe("f/387");
    await maker.press("Go back to it");
    await maker.sees('[data-reading="fNumber"]', /f\/226/);
    await maker.settled();
    await maker.reload();
    await maker.sees("[data-version]", /Before the saw/);
    await maker.press("Forget Before the saw");
    await maker.page.waitForFunction(() => document.querySelector("[data-version]") === null);
    await maker.press("Compare");
    await maker.sees("[data-compare-cameras]", /f-number[\s\S]*f\/226/);
    await maker.choose("The other", "thistle-hat-box");
    await maker.sees("[data-compare-cameras]", /f\/226[\s\S]*f\/542/);
  });

  test("the winding table has a row for every picture; Method’s examples compute", async () => {
    const maker = await atTheBench("thistle-bean-carton", "turns");
    await maker.sees("[data-winding] tbody", /./);
    expect(await maker.texts("[data-winding] tbody tr")).toHaveLength(37);
    await maker.type("Lost at the end", "400");
    await maker.sees('[data-reading="roll"]', /28/);
    await maker.goTo("/method");
    await maker.sees("[data-example]", /Rayleigh 0.350 mm/);
    await maker.type("Square, mm", "200");
    await maker.sees("[data-example]", /base 70.7 mm/);
    await maker.type("Square, mm", "none");
    await maker.sees("[role=alert]", /not a number/);
  });

  test("a photograph of one’s own becomes the scene; a file that is no picture is refused in words", async () => {
    const maker = await atTheBench("thistle-biscuit-tin", "picture");
    const { page } = maker;
    await page.waitForSelector(FINE, { timeout: 2 * PATIENCE });
    const folder = temporaryFolder();
    // The left half bright, the right half dark.
    const data = Uint8Array.from({ length: 120 * 90 }, (_, i) => (i % 120 < 60 ? 230 : 20));
    await writeFile(join(folder, "plot.png"), encode({ width: 120, height: 90, data, channels: 1, depth: 8 }));
    await writeFile(join(folder, "plot.txt"), "no picture");
    await maker.give("Photograph for the preview", join(folder, "plot.txt"));
    await maker.sees("[role=alert]", /no picture that the browser can read/);
    await maker.give("Photograph for the preview", join(folder, "plot.png"));
    await maker.sees("p", /Hung up before the camera, 60° from side to side/);
    await page.waitForSelector(COARSE);
    await page.waitForSelector(FINE, { timeout: 2 * PATIENCE });
    const [left, right] = await page.$eval(FINE, (canvas) => {
      const { width, height } = canvas as HTMLCanvasElement;
      const context = (canvas as HTMLCanvasElement).getContext("2d");
      const at = (share: number): number =>
        context?.getImageData(Math.round(width * share), height / 2, 1, 1).data[0] ?? 0;
      return [at(0.38), at(0.62)];
    });
    // The positive is upright and the right way round.
    expect(left).toBeGreaterThan((right as number) + 60);
  });

  test("what stands in the way of every new shape is said, and one press mends it", async () => {
    const maker = await atTheBench("thistle-feed-drum");
    await maker.type("Air at the vanes’ edge", "30");
    await maker.sees('[data-verdict="cross-light"]', /next chamber/);
    await maker.press("Stand strips");
    await maker.page.waitForFunction(() => document.querySelector('[data-verdict="cross-light"]') === null);
    await maker.press("A lamp shows through lid or wall");
    await maker.sees('[data-verdict="translucent"]', /won’t work/i);
    await maker.press("It is covered now");
    await maker.page.waitForFunction(() => document.querySelector('[data-verdict="translucent"]') === null);
    await maker.goTo("/cameras/thistle-seed-packet-pair");
    await maker.focus('[data-drawing] [data-field="hole.base"]');
    await maker.keys("Enter");
    await maker.page.keyboard.type("5");
    await maker.keys("Enter");
    await maker.sees("[role=alert]", /more than 12 mm apart/);
    await maker.keys("Escape");
    expect(await maker.reading("stereo")).toBe("120 mm apart");
  });

  test("a plate outside the wall makes the distance longer by the wall; undo takes it back", async () => {
    const maker = await atTheBench("thistle-hat-box");
    expect(await maker.reading("fNumber")).toBe("f/542");
    await maker.page.$eval('[name="container.wall"]', (entry) => entry.scrollIntoView({ block: "center" }));
    await maker.press("inside the wall");
    await maker.press("outside the wall");
    await maker.sees('[data-reading="fNumber"]', /302 mm from hole to sheet/);
    await maker.settled();
    await maker.press("Undo");
    await maker.sees('[data-reading="fNumber"]', /300 mm from hole to sheet/);
  });
});
