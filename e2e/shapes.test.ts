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
    ["thistle-feed-drum", "chambers", /8/],
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
    await maker.type("Lean to the side", "-40");
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
    // A new pair comes with its wall; a lower one lets the pictures run into each other.
    await maker.type("Wall in the middle", "20");
    await maker.sees('[data-verdict="stereo-overlap"]', /overlap by/);
    // Worse things stand above; the others fold out.
    await maker.page.$eval("[data-fold=verdicts]", (fold) => fold.setAttribute("open", ""));
    await maker.press("Put in a wall");
    await maker.page.waitForFunction(() => document.querySelector('[data-verdict="stereo-overlap"]') === null);
    await maker.figure("Wall in the middle", { over: 50 });
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
    // A device with a touch screen says so from the start.
    await page.setViewport({ width: 1280, height: 800, hasTouch: true });
    await maker.reload();
    await page.waitForSelector("[data-drawing] svg");
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
    await maker.reads("Depth inside", "70 mm");
  });
});
