import { writeFile } from "node:fs/promises";
import { join } from "node:path";
import sharp from "sharp";
import { pagesTiff } from "../workers/codecs/read/tiff/pagesTiff.ts";
import { type Maker, stage } from "./support/maker.ts";
import { MEDIUM, negativePng, stripPng } from "./support/negative.ts";
import { PATIENCE } from "./support/patience.ts";
import { pixels, withScan } from "./support/proofing.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { arrive } = stage(true);

/** Someone on Proof with a file of their own. */
async function withFile(bytes: Uint8Array, name = "own.png"): Promise<Maker> {
  const maker = await arrive();
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.goTo("/proof");
  const file = join(temporaryFolder(), name);
  await writeFile(file, bytes);
  await maker.give("Scans: PNG, JPEG, TIFF or PDF", file);
  await maker.page.waitForSelector("[data-corner]");
  return maker;
}

/** The scarecrow, drawn: it stands at the left and points to a low sun at the right. Light and dark as one sees them. */
const SCARECROW = `<svg xmlns="http://www.w3.org/2000/svg" width="1000" height="800">
  <rect width="1000" height="800" fill="#777"/><rect y="600" width="1000" height="200" fill="#444"/>
  <circle cx="800" cy="150" r="90" fill="#fff"/>
  <path d="M200 250V700M200 350H420" stroke="#111" stroke-width="60"/><circle cx="200" cy="200" r="60" fill="#111"/>
</svg>`;

describe("scans of one’s own", () => {
  test("a drawing as a scan: its sheet is found, its positive stands upright and right-reading; cropped by hand, saved so", async () => {
    // As a paper in the camera has it, seen from its emulsion: dark for light, head down, not turned left for right.
    const negative = await sharp(Buffer.from(SCARECROW)).greyscale().negate({ alpha: false }).flip().png().toBuffer();
    const onGlass = await sharp(negative)
      .extend({ top: 60, bottom: 60, left: 60, right: 60, background: "#fafafa" })
      .greyscale()
      .png()
      .toBuffer();
    const maker = await withFile(onGlass);
    await maker.press("Positive");
    await maker.page.waitForSelector("[data-tone=low]");
    const picture = await pixels(maker, "[data-tones]");
    const at = (x: number, y: number): number => picture[4 * (Math.round(y * 120) * 160 + Math.round(x * 160))] ?? 0;
    const [sun, sky, head, arm, ground] = [at(0.8, 0.19), at(0.5, 0.19), at(0.2, 0.25), at(0.36, 0.44), at(0.6, 0.9)];
    expect(sun).toBeGreaterThan(sky + 60);
    expect(sky).toBeGreaterThan(head + 60);
    expect(sky).toBeGreaterThan(arm + 60);
    expect(ground).toBeLessThan(sky);
    expect(ground).toBeGreaterThan(head);

    await maker.press("Crop and turn");
    await maker.press("Take hold of the edges");
    const edge = await maker.page.waitForSelector("[data-crop-edge=left]");
    const box = await edge?.boundingBox();
    const whole = await (await maker.page.$("[data-compare]"))?.boundingBox();
    if (!box || !whole) throw new Error("no edge to take hold of");
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await maker.page.mouse.move(x, y);
    await maker.page.mouse.down();
    await maker.page.mouse.move(x + 0.1 * whole.width, y, { steps: 3 });
    await maker.page.mouse.move(x + 0.25 * whole.width, y, { steps: 3 });
    await maker.page.mouse.up();
    const share = (side: string): Promise<number> =>
      maker.page.$eval(`[data-crop-edge=${side}]`, (each) => Number(each.getAttribute("aria-valuenow")));
    expect(Math.abs((await share("left")) - 25)).toBeLessThan(2);
    await maker.focus("[data-crop-edge=bottom]");
    await maker.page.keyboard.down("Shift");
    await maker.keys("ArrowUp", "ArrowUp", "ArrowDown", "ArrowUp");
    await maker.page.keyboard.up("Shift");
    expect(await share("bottom")).toBeCloseTo(10, 1);
    await maker.choose("File", "png8");
    await maker.press("Save it");
    const { width = 0, height = 1 } = await sharp((await maker.saved()).bytes).metadata();
    const kept = 1 - (await share("left")) / 100;
    expect(Math.abs(width / height - (kept * 1000) / (0.9 * 800))).toBeLessThan(0.03);
    // The drag is one step, the keys are another.
    const becomes = (side: string, value: number) =>
      maker.page.waitForFunction(
        (edge, want) =>
          Number(document.querySelector(`[data-crop-edge=${edge}]`)?.getAttribute("aria-valuenow")) === want,
        { timeout: PATIENCE },
        side,
        value,
      );
    await maker.press("Undo");
    await becomes("bottom", 0);
    expect(await share("left")).toBeGreaterThan(20);
    await maker.press("Undo");
    await becomes("left", 0);
  });

  test("a can’s wall laid flat has round ends: one press cuts the largest full rectangle out", async () => {
    const maker = await withScan(await arrive(), "sun thistle-cocoa-tin");
    await maker.press("Positive");
    await maker.page.waitForSelector("[data-tone=low]");
    await maker.press("Round");
    await maker.page.waitForSelector("[data-towards]");
    await maker.page.waitForSelector("[data-drawing=done]");
    await maker.press("Crop and turn");
    await maker.press("Cut to the largest full rectangle");
    await maker.choose("File", "png8");
    await maker.press("Save it");
    const { data, info } = await sharp((await maker.saved()).bytes)
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(info.width / info.height).toBeGreaterThan(1);
    const gaps = data.filter((value, i) => i % 4 === 3 && value < 255).length;
    // To a block of the picture on the screen.
    expect(gaps / (info.width * info.height)).toBeLessThan(0.01);
  });

  test("a 5×4 in scan at a stated 150 dpi when it is the turn of a 10×8 in sheet: asked, not judged, until it is said which", async () => {
    const { png } = await negativePng();
    const maker = await withFile(png);
    await maker.sees("[data-which-sheet]", /150 pixels an inch .* 127 mm × 102 mm;.* Hat box is 254 mm × 203 mm/);
    await maker.press("Judge");
    await maker.sees("[data-which-sheet]", /nothing is judged yet/);
    expect(await maker.page.$$("[data-judged]")).toHaveLength(0);
    await maker.press("Say which sheet it is");
    await maker.page.waitForSelector("[data-which-sheet] button");
    const offered = await maker.page.$$eval("[data-which-sheet] button", (all) =>
      all.map((each) => each.textContent ?? ""),
    );
    expect(offered.some((words) => /Hat box all the same/.test(words))).toBe(true);
    await maker.press(offered[0] ?? "");
    await maker.page.waitForFunction(() => document.querySelector("[data-which-sheet]") === null);
    await maker.press("Judge");
    await maker.page.waitForSelector("[data-judged]");
  });

  test.each(["webp", "avif"] as const)(
    "a %s, which the browser draws: its sheet is found as a PNG's is",
    async (format) => {
      const negative = await sharp(Buffer.from(SCARECROW)).greyscale().negate({ alpha: false }).flip().png().toBuffer();
      const onGlass = await sharp(negative)
        .extend({ top: 60, bottom: 60, left: 60, right: 60, background: "#fafafa" })
        .toFormat(format, { quality: 90 })
        .toBuffer();
      const maker = await withFile(onGlass, `own.${format}`);
      await maker.sees("[data-dpi], main", /1120 × 920 px/);
    },
  );

  test("a scanner's file with two sheets and a small copy: two negatives, each of its own picture", async () => {
    const file = pagesTiff([
      { width: 500, height: 400, grey: 90 },
      { width: 50, height: 40, grey: 10, isCopy: true },
      { width: 480, height: 400, grey: 160 },
    ]);
    const maker = await withFile(file, "feeder.tif");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-negative]").length === 2);
    const seen: string[] = [];
    for (const index of [0, 1]) {
      await maker.page.$$eval("[data-negative]", (all, at) => (all[at] as HTMLElement).click(), index);
      await maker.page.waitForFunction(
        (at) => document.querySelectorAll("[data-negative]")[at]?.getAttribute("aria-pressed") === "true",
        {},
        index,
      );
      await maker.sees("main", /\d+ × 400 px/);
      seen.push(/(\d+) × 400 px/.exec(await maker.text("main"))?.[1] ?? "");
    }
    expect(seen.sort()).toEqual(["480", "500"]);
  });

  test("a strip of known times: the paper’s curve is measured to what it was made by, and kept as a medium of one’s own", async () => {
    const times = [0.05, 1, 2, 4, 6, 8, 12, 16, 32, 64, 400];
    const { png } = await stripPng(times, 0.7);
    const maker = await withFile(png);
    // It is the Hat box's turn, whose sheet is four times as large.
    await maker.press("Of no shot: a strip, a try");
    await maker.press("Judge");
    await maker.press("Is this a strip of known times? Measure the paper");
    await maker.type("Times of the steps in order, s", "1; 2; soon");
    await maker.press("Measure the curve");
    await maker.sees("main", /“soon” is no time/);
    await maker.type("Times of the steps in order, s", times.join("; "));
    await maker.type("Light on the strip, lux (may stay empty)", "0.7");
    await maker.press("Measure the curve");
    await maker.sees("[data-curve]", /Dmin/);
    const words = await maker.page.$eval("[data-curve]", (each) => each.textContent ?? "");
    const [least, most, range] = ["Dmin", "Dmax", "range R"].map((name) =>
      Number(new RegExp(`${name} ([\\d.]+)`).exec(words)?.[1]),
    ) as [number, number, number];
    expect(Math.abs(most - least - (MEDIUM.most - MEDIUM.least))).toBeLessThan(0.1);
    expect(Math.abs(range - MEDIUM.range)).toBeLessThan(8);
    const speed = await maker.page.$eval("main", (each) => /Speed: ISO ([\d.]+)/.exec(each.textContent ?? "")?.[1]);
    expect(Math.abs(Math.log2(Number(speed) / MEDIUM.iso))).toBeLessThan(0.2);
    await maker.press("Keep it as my own medium");
    await maker.sees("[role=status]", /is among your media/);
    await maker.goTo("/stock");
    await maker.sees("main", /measured/);
  });

  test("what was done to a negative just before its tab is closed is there", async () => {
    const maker = await withScan(await arrive());
    await maker.press("Positive");
    await maker.focus("[data-tone=low]");
    const low = (of: Maker): Promise<number> =>
      of.page.$eval("[data-tone=low]", (each) => Number(each.getAttribute("aria-valuenow")));
    const before = await low(maker);
    // A stroke of the keys rests a quarter of a second before it is stored: the tab is gone by then.
    await maker.page.evaluate(() => {
      const handle = document.querySelector("[data-tone=low]");
      handle?.dispatchEvent(new KeyboardEvent("keydown", { key: "ArrowRight", shiftKey: true, bubbles: true }));
    });
    const next = await maker.secondTab();
    await maker.page.close();
    await next.goTo("/proof/positive");
    await next.page.waitForSelector("[data-tone=low]");
    expect(await low(next)).toBeCloseTo(before + 0.1, 3);
  });
});
