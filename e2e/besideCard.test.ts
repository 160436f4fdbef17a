import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { encode } from "fast-png";
import { type Maker, stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";

const { at } = stage(true);

const folder = mkdtempSync(join(tmpdir(), "still-box-card-"));
afterAll(() => rmSync(folder, { recursive: true }));

/** Pixels of the picture for a mm of the table. */
const SCALE = 4;
const SIZE = { width: 1200, height: 900 } as const;
const CARD = { left: 60, top: 560, width: 85.6 * SCALE, height: 53.98 * SCALE } as const;
const TIN = { left: 480, top: 180, width: 166 * SCALE, height: 119 * SCALE } as const;

/** A made-up photograph: a white card and a brown tin on a grey table, seen straight from the front. */
function photograph(): string {
  const data = new Uint8Array(SIZE.width * SIZE.height * 3).fill(120);
  for (const [{ left, top, width, height }, colour] of [
    [CARD, [240, 240, 240]],
    [TIN, [130, 80, 40]],
  ] as const) {
    for (let y = Math.round(top); y < Math.round(top + height); y++)
      for (let x = Math.round(left); x < Math.round(left + width); x++) data.set(colour, 3 * (y * SIZE.width + x));
  }
  const path = join(folder, "tin.png");
  writeFileSync(path, encode({ ...SIZE, channels: 3, depth: 8, data }));
  return path;
}

/** Drags a corner to a place of the picture. */
async function drag(maker: Maker, name: string, x: number, y: number): Promise<void> {
  const from = await maker.page.$eval(`[data-corner="${name}"]`, (corner) => {
    corner.scrollIntoView({ block: "center" });
    const { left, top, width, height } = corner.getBoundingClientRect();
    const picture = (corner as SVGElement).ownerSVGElement?.getBoundingClientRect();
    return {
      x: left + width / 2,
      y: top + height / 2,
      left: picture?.left ?? 0,
      top: picture?.top ?? 0,
      wide: picture?.width ?? 1,
    };
  });
  const unit = from.wide / SIZE.width;
  await maker.page.mouse.move(from.x, from.y);
  await maker.page.mouse.down();
  await maker.page.mouse.move(from.left + x * unit, from.top + y * unit, { steps: 4 });
  await maker.page.mouse.up();
}

test("a tin measured by a photograph beside a bank card: both marked by hand, its inside filled in", async () => {
  const maker = await at("/new");
  await maker.page.setViewport({ width: 1280, height: 800 });
  await maker.press("No ruler? Photograph it beside a bank card");
  await maker.give("Photograph of the container beside a card", photograph());
  await maker.page.waitForSelector("[data-corner]", { timeout: PATIENCE });
  for (const [of, { left, top, width, height }] of [
    ["card", CARD],
    ["container", TIN],
  ] as const) {
    await drag(maker, `${of}, top left`, left, top);
    await drag(maker, `${of}, top right`, left + width, top);
    await drag(maker, `${of}, bottom right`, left + width, top + height);
    await drag(maker, `${of}, bottom left`, left, top + height);
  }
  await maker.sees("[data-measured]", /Width \d+ mm ± [\d.]+ mm/);
  // It is measured when the hand rests: both within 2 mm.
  const measured = await maker.page.waitForFunction(
    () => {
      const told = document.querySelector("[data-measured]")?.getAttribute("data-measured") ?? "";
      const [wide = 0, high = 0] = told.split(" ").map(Number);
      return Math.abs(wide - 166) < 2 && Math.abs(high - 119) < 2 ? told.split(" ")[0] : null;
    },
    { timeout: PATIENCE },
  );
  const wide = await measured.jsonValue();
  // A corner is moved by the keys, too.
  await maker.focus('[data-corner="container, top right"]');
  await maker.keys("ArrowRight", "ArrowRight");
  await maker.page.waitForFunction(
    (before) => document.querySelector("[data-measured]")?.getAttribute("data-measured")?.split(" ")[0] !== before,
    { timeout: PATIENCE },
    wide,
  );
  await maker.press("Use these sizes");
  // The side is asked for next: its depth.
  await maker.page.waitForSelector("[data-beside-card=side]", { timeout: PATIENCE });
  await maker.keys("Escape");
  // Its wall is taken off twice.
  await maker.figure("Width inside", { over: 161, under: 168 });
  await maker.figure("Height inside", { over: 114, under: 121 });
});
