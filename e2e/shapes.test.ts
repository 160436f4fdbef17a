import { mkdtemp, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { decode, encode } from "fast-png";
import { type Maker, stage } from "./support/maker.ts";

const { at } = stage(true);
const atTheBench = (id: string): Promise<Maker> => at(`/cameras/${id}`);

/** Sets a slider-like handle's value by its arrow keys. */
async function nudge(
  maker: Maker,
  handle: string,
  key: "ArrowLeft" | "ArrowRight" | "ArrowUp" | "ArrowDown",
  times: number,
): Promise<void> {
  await maker.focus(handle);
  for (let press = 0; press < times; press++) await maker.keys(key);
}

describe("every shape on the Bench", () => {
  test.each([
    ["thistle-seed-packet-pair", "stereo", /120 mm apart/],
    ["thistle-leaning-box", "circle", /none/],
    ["thistle-map-tube", "view", /15.2° × 11.4°/],
    ["thistle-folded-boxes", "folded", /58 mm to 106 mm/],
    ["thistle-bean-carton", "roll", /37/],
    ["thistle-feed-drum", "drum", /8/],
    ["thistle-canister-one", "set", /7 of 9/],
  ] as const)("%s shows its own readings, a drawing and a cut sheet", async (id, reading, figure) => {
    const maker = await atTheBench(id);
    expect(await maker.reading(reading)).toMatch(figure);
    for (const row of await maker.texts("[data-reading]")) expect(row).not.toMatch(/NaN|undefined|Infinity/);
    expect((await maker.texts("[data-verdict]")).join(" ")).not.toMatch(/NaN|undefined/);
    await maker.goTo(`/cameras/${id}/make`);
    await maker.sees("main", /Plate blank|plate/i);
  });

  test("a new folded camera, a leaning one and a drum are made from their own measures; wrong ones are refused", async () => {
    const maker = await atTheBench("thistle-biscuit-tin");
    await maker.goTo("/new");
    await maker.press("Two folded boxes");
    await maker.type("Hole to sheet", "200");
    await maker.sees("[role=alert]", /slide from 58.3 mm to 105/);
    await maker.type("Hole to sheet", "9 cm");
    await maker.type("Name", "Black card pair");
    await maker.press("Put it on the Bench");
    await maker.sees("h2", /What it will do/i);
    expect(await maker.reading("folded")).toBe("58 mm to 106 mm");

    await maker.goTo("/new");
    await maker.press("Box, sheet leaning");
    await maker.type("Lean to the side, degrees", "-40");
    await maker.type("Name", "Crooked box");
    await maker.press("Put it on the Bench");
    await maker.sees("h2", /What it will do/i);
    await maker.holds("film.tiltY", "-40°");
  });

  test("handles lean the sheet, move the second hole, slide the boxes; several holes come and go", async () => {
    const maker = await atTheBench("thistle-leaning-box");
    await nudge(maker, '[data-handle="tilt-plan"]', "ArrowRight", 3);
    await maker.holds("film.tiltY", "27°");
    await maker.goTo("/cameras/thistle-seed-packet-pair");
    await nudge(maker, '[data-handle="hole-plan-2"]', "ArrowUp", 4);
    await maker.sees("[data-drawing] text", /^124$/);
    await maker.sees('[data-reading="stereo"]', /124 mm apart/);
    await maker.press("Take hole 2 away");
    expect(await maker.texts("[data-holes]")).toHaveLength(1);
    await maker.press("Undo");
    await maker.sees('[data-reading="stereo"]', /124 mm apart/);
    await maker.goTo("/cameras/thistle-folded-boxes");
    await nudge(maker, '[data-handle="far-wall"]', "ArrowRight", 5);
    await maker.holds("film.distance", "85 mm");
  });

  test("a verdict’s press puts in the wall between two pictures; a canister is turned over when exposed", async () => {
    const maker = await atTheBench("thistle-seed-packet-pair");
    await maker.sees('[data-verdict="stereo-overlap"]', /overlap by/);
    await maker.press("Put in a wall");
    await maker.page.waitForFunction(() => document.querySelector('[data-verdict="stereo-overlap"]') === null);
    expect(Number.parseFloat(await maker.value("Wall in the middle"))).toBeGreaterThan(50);
    await maker.goTo("/cameras/thistle-canister-one");
    await maker.press("No. 7, ready");
    await maker.sees('[data-reading="set"]', /6 of 9[\s\S]*Next: No. 6/);
    await maker.settled();
    await maker.reload();
    await maker.sees('[data-reading="set"]', /6 of 9/);
  });

  test("the drawing is enlarged by buttons and keys, moved by a drag, and shown whole again", async () => {
    const maker = await atTheBench("thistle-biscuit-tin");
    const zoom = () => maker.page.$eval("[data-drawing]", (figure) => Number((figure as HTMLElement).dataset.zoom));
    await maker.press("Larger");
    expect(await zoom()).toBe(1.5);
    const viewBox = () => maker.page.$eval("[data-drawing] svg", (svg) => svg.getAttribute("viewBox"));
    const before = await viewBox();
    const box = await (await maker.page.$("[data-drawing] svg"))?.boundingBox();
    if (!box) throw new Error("no drawing");
    // Low on the drawing: pressing the button has scrolled its top away.
    await maker.page.mouse.move(box.x + 430, box.y + box.height - 20);
    await maker.page.mouse.down();
    await maker.page.mouse.move(box.x + 380, box.y + box.height - 60, { steps: 3 });
    await maker.page.mouse.up();
    await maker.page.waitForFunction(
      (old) => document.querySelector("[data-drawing] svg")?.getAttribute("viewBox") !== old,
      {},
      before,
    );
    // A handle still follows the hand at this scale.
    await nudge(maker, '[data-handle="far-wall"]', "ArrowRight", 1);
    await maker.holds("container.depth", "71 mm");
    await maker.keys("0");
    expect(await zoom()).toBe(1);
  });
});

describe("two fingers on the drawing", () => {
  test("spread apart they enlarge it about their middle, drawn together they show it whole", async () => {
    const maker = await atTheBench("thistle-biscuit-tin");
    const { page } = maker;
    const drawn = () =>
      page.$eval("[data-drawing]", (figure) => ({
        zoom: Number((figure as HTMLElement).dataset.zoom),
        box: figure.querySelector("svg")?.getAttribute("viewBox")?.split(" ").map(Number) ?? [],
      }));
    const box = await (await page.$("[data-drawing] svg"))?.boundingBox();
    if (!box) throw new Error("no drawing");
    const session = await page.createCDPSession();
    const x = box.x + 120;
    // A level where two fingers would take hold of no handle and no figure.
    const freeLevel = () =>
      page.evaluate(
        (middle, top, bottom) => {
          const free = (px: number, py: number) =>
            document.elementFromPoint(px, py)?.closest("[data-drawing]") != null &&
            document.elementFromPoint(px, py)?.closest("[data-handle],[data-field],button") == null;
          for (let level = bottom; level > top; level -= 5) {
            if ([-60, -30, 30, 60].every((off) => free(middle + off, level))) return level;
          }
          throw new Error("no free level");
        },
        x,
        box.y + 10,
        Math.min(box.y + box.height, 800) - 20,
      );
    let y = await freeLevel();
    const touch = (type: "touchStart" | "touchMove" | "touchEnd", apart: number) =>
      session.send("Input.dispatchTouchEvent", {
        type,
        touchPoints:
          type === "touchEnd"
            ? []
            : [
                { x: x - apart, y, id: 0 },
                { x: x + apart, y, id: 1 },
              ],
      });
    const whole = await drawn();
    await touch("touchStart", 30);
    for (const apart of [40, 50, 60]) await touch("touchMove", apart);
    await touch("touchEnd", 0);
    await page.waitForFunction(
      () => Number(document.querySelector<HTMLElement>("[data-drawing]")?.dataset.zoom) > 1.8,
      {},
    );
    const near = await drawn();
    expect(near.zoom).toBeCloseTo(2, 1);
    // What was under the middle of the two fingers is still there: the view box is in pixels of the enlarged drawing.
    const under = ({ zoom, box: [left = 0] }: typeof near) => (left + x - box.x) / zoom;
    expect(Math.abs(under(near) - under(whole))).toBeLessThan(4);
    y = await freeLevel();
    await touch("touchStart", 60);
    for (const apart of [45, 30, 20]) await touch("touchMove", apart);
    await touch("touchEnd", 0);
    await page.waitForFunction(
      () => document.querySelector<HTMLElement>("[data-drawing]")?.dataset.zoom === "1.00",
      {},
    );
    expect((await drawn()).box).toEqual(whole.box);
    expect(await maker.value("Depth inside")).toBe("70 mm");
  });
});

describe("what the Bench works out beside the design", () => {
  test("the finder ranks what a tin could be; one press makes it so, another takes it back", async () => {
    const maker = await atTheBench("thistle-cocoa-tin");
    const { page } = maker;
    await page.evaluate(() => document.querySelector("[data-finder]")?.scrollIntoView());
    await page.waitForSelector("[data-found]", { timeout: 8000 });
    expect(
      Number(await page.$eval("[data-finder-examined]", (e) => (e as HTMLElement).dataset.finderExamined)),
    ).toBeGreaterThanOrEqual(5000);
    const before = await maker.text("[data-found] strong");
    const thumb = await maker.control("long to wide");
    await thumb.focus();
    await maker.keys("End");
    await page.waitForFunction(
      (old) => document.querySelector<HTMLElement>("[data-found] strong")?.innerText !== old,
      {},
      before,
    );
    for (const box of (await page.$$("[data-found] input[type=checkbox]")).slice(0, 3)) await box.click();
    expect(await maker.texts("[data-compare] thead th")).toHaveLength(3);
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
    const maker = await atTheBench("thistle-biscuit-tin");
    const { page } = maker;
    await page.evaluate(() => document.querySelector("[data-preview]")?.scrollIntoView());
    await page.waitForSelector("[data-preview-width]", { timeout: 8000 });
    await page.waitForSelector('[data-preview="fine"]', { timeout: 30_000 });
    expect(await page.$eval("[data-preview-width]", (c) => (c as HTMLElement).dataset.previewWidth)).toBe("1600");
    const look = () =>
      page.$eval("[data-preview-width]", (canvas) => {
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
    await page.waitForSelector('[data-preview="coarse"]');
    await page.waitForSelector('[data-preview="fine"]', { timeout: 30_000 });
    expect(await look()).toBeLessThan(negative - 3);
    await maker.press("Save as PNG");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("biscuit-tin-negative.png");
    const png = decode(bytes);
    expect(png.width).toBe(1600);
    // 127 mm of sheet.
    expect((1000 * png.width) / (png.resolution?.x ?? 0)).toBeCloseTo(127, 0);
  });

  test("the curve: the contrast’s slider moves the best hole, a mark is moved by keys, the sentence follows", async () => {
    const maker = await atTheBench("thistle-biscuit-tin");
    const { page } = maker;
    await page.evaluate(() => document.querySelector("[data-curve-section]")?.scrollIntoView());
    await page.waitForSelector("[data-conclusion]", { timeout: 15_000 });
    expect(await maker.text("[data-conclusion]")).toMatch(/From 0\.\d+ mm to 0\.\d+ mm you can’t see the difference/);
    const computed = await maker.text('[data-rule="computed"] td:nth-child(2)');
    const slider = await maker.control("Contrast to care for");
    await slider.focus();
    await maker.keys("Home");
    await page.waitForFunction(
      (old) => document.querySelector<HTMLElement>('[data-rule="computed"] td:nth-child(2)')?.innerText !== old,
      {},
      computed,
    );
    await maker.settled();
    await maker.focus('[data-chart-mark="drawn"]');
    await maker.keys("ArrowLeft", "ArrowLeft");
    await maker.sees('[data-rule="own"] td:nth-child(2)', /0\.323 mm/);
    await maker.type("Subject at (may stay empty)", "40 cm");
    await maker.sees('[data-rule="rayleigh"] td:nth-child(2)', /0\.307 mm/);
  });

  test("versions are kept, gone back to and forgotten; two cameras stand side by side", async () => {
    const maker = await atTheBench("thistle-biscuit-tin");
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
    await maker.sees("[data-compare-cameras]", /f\/226[\s\S]*f\/435/);
  });

  test("the winding table has a row for every picture; Method’s examples compute", async () => {
    const maker = await atTheBench("thistle-bean-carton");
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
    const maker = await atTheBench("thistle-biscuit-tin");
    const { page } = maker;
    await page.evaluate(() => document.querySelector("[data-preview]")?.scrollIntoView());
    await page.waitForSelector('[data-preview="fine"]', { timeout: 30_000 });
    const folder = await mkdtemp(join(tmpdir(), "still-box-photo-"));
    // The left half bright, the right half dark.
    const data = Uint8Array.from({ length: 120 * 90 }, (_, i) => (i % 120 < 60 ? 230 : 20));
    await writeFile(join(folder, "plot.png"), encode({ width: 120, height: 90, data, channels: 1, depth: 8 }));
    await writeFile(join(folder, "plot.txt"), "no picture");
    await maker.give("Photograph for the preview", join(folder, "plot.txt"));
    await maker.sees("[role=alert]", /no picture that the browser can read/);
    await maker.give("Photograph for the preview", join(folder, "plot.png"));
    await maker.sees("p", /Hung up before the camera, 60° from side to side/);
    await page.waitForSelector('[data-preview="coarse"]');
    await page.waitForSelector('[data-preview="fine"]', { timeout: 30_000 });
    const [left, right] = await page.$eval("[data-preview-width]", (canvas) => {
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
    expect(await maker.reading("fNumber")).toBe("f/435");
    await maker.page.$eval('[name="container.wall"]', (entry) => entry.scrollIntoView({ block: "center" }));
    await maker.press("inside the wall");
    await maker.press("outside the wall");
    await maker.sees('[data-reading="fNumber"]', /302 mm from hole to sheet/);
    await maker.settled();
    await maker.press("Undo");
    await maker.sees('[data-reading="fNumber"]', /300 mm from hole to sheet/);
  });
});
