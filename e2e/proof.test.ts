import { writeFile } from "node:fs/promises";
import { join } from "node:path";
import { PDFDocument } from "@cantoo/pdf-lib";
import exifr from "exifr";
import sharp from "sharp";
import { stage } from "./support/maker.ts";
import { negativePng } from "./support/negative.ts";
import { PATIENCE } from "./support/patience.ts";
import { OTHER_CANISTER, pixels, repainted, withScan } from "./support/proofing.ts";
import { temporaryFolder } from "./support/temporary.ts";

/** A scan as a scanner's program lays it on a page of its own size, at 300 dpi. */
async function scannersPdf(png: Uint8Array): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  const picture = await document.embedPng(png);
  const { width, height } = picture.scale(72 / 300);
  document.addPage([width, height]).drawImage(picture, { width, height });
  return document.save();
}

const { arrive } = stage(true);

/** Seconds of a time as it is written: “1 min 12 s”, “4 s”. */
function secondsIn(words: string): number {
  const [, minutes, seconds] = /(?:([\d.]+) min)? ?(?:([\d.]+) s)?/.exec(words) ?? [];
  return 60 * Number(minutes ?? 0) + Number(seconds ?? 0);
}

describe("Proof", () => {
  test("the whole loop: 1½ stops too short, scanned, judged, in the log; the next time is right", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/field?camera=thistle-leaning-box");
    await maker.sees("[data-sum]", /= /);
    // Nothing is known of this camera: what others’ shots on this paper say is part of the time.
    const sum = secondsIn(
      /= ((?:[\d.]+ min ?)?(?:[\d.]+ s)?)(?!\S)/.exec(
        await maker.page.$eval("[data-sum]", (each) => each.textContent ?? ""),
      )?.[1] ?? "",
    );
    expect(sum).toBeGreaterThan(0);
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /of /);
    await maker.press("Close the hole");
    await maker.type("Subject", "Wrong by a stop and a half");
    await maker.type("Time given", `${(sum / 2 ** 1.5).toFixed(1)} s`);
    await maker.press("Log this shot");
    await maker.sees("[role=status]", /Logged/);
    await maker.goTo("/proof");
    await maker.sees("main", /Wrong by a stop and a half/);
    await maker.press("Scan it");
    await maker.sees("[data-negative]", /Wrong by a stop/);
    await maker.sees("[data-dpi]", /pixels an inch/);
    await maker.press("Judge");
    await maker.sees("[data-proposal]", /(Twice|Three times) the time next|Three times as long next/i);
    await maker.press("Agree, and write it in the log");
    await maker.sees("[data-in-log]", /it wanted 1(⅓|⅔)? stops? more, by its scan/);
    await maker.goTo("/field?camera=thistle-leaning-box");
    await maker.sees("[data-learnt]", /judged shots?/);
    const next = secondsIn(await maker.text("[data-big-time]"));
    expect(Math.abs(Math.log2(next / sum))).toBeLessThan(0.5);
  });

  test("corners: found, moved by keys under the loupe, taken back, turned by a quarter; a strip without light is marked", async () => {
    const maker = await withScan(await arrive());
    const place = (name: string): Promise<number> =>
      maker.page.$eval(`[data-corner="${name}"]`, (each) => Number(each.getAttribute("cx")));
    const before = await place("top left");
    await maker.page.$eval('[data-corner="top left"]', (each) => (each as SVGElement).focus());
    await maker.page.waitForSelector("[data-loupe]");
    await maker.keys("ArrowRight", "ArrowRight", "ArrowRight");
    expect(await place("top left")).toBeCloseTo(before + 3, 3);
    await maker.press("Undo");
    await maker.page.waitForFunction(
      (x) => Math.abs(Number(document.querySelector('[data-corner="top left"]')?.getAttribute("cx")) - x) < 0.01,
      {},
      before,
    );
    const right = await place("top right");
    await maker.press("Turn by a quarter");
    // What was the top right is the top left now.
    await maker.page.waitForFunction(
      (x) => Math.abs(Number(document.querySelector('[data-corner="top left"]')?.getAttribute("cx")) - x) < 0.01,
      {},
      right,
    );
    await maker.press("Find the edges again");
    await maker.press("Mark a strip that had no light");
    await maker.press("Mark a place that had no light");
    await maker.sees("[data-white]", /Unexposed paper: marked/);
    await maker.reload();
    await maker.sees("[data-white]", /Unexposed paper: marked/);
    await maker.press("Take the lightest");
    await maker.sees("[data-white]", /taken to be the lightest/);
  });

  test("files: several at once, what is none is said, a photograph of no shot; all can be taken back", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/proof");
    const folder = temporaryFolder();
    const { png } = await negativePng();
    const [one, other, none] = ["one.png", "other.pdf", "notes.txt"].map((name) => join(folder, name)) as [
      string,
      string,
      string,
    ];
    await writeFile(one, png);
    await writeFile(other, await scannersPdf(png));
    await writeFile(none, "not a picture");
    await maker.give("Scans: PNG, JPEG, TIFF or PDF", one, other, none);
    await maker.sees("[role=alert]", /notes\.txt: This scan is not a PNG, TIFF or JPEG/);
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-negative]").length === 2);
    await maker.sees("[role=status]", /2 sheets taken in/);
    await maker.press("Delete this negative");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-negative]").length === 1);
    await maker.sees("[data-notices]", /deleted/);
    await maker.page.$$eval("[data-notices] button", (all) =>
      (all.filter((each) => each.textContent === "Undo").at(-1) as HTMLButtonElement).click(),
    );
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-negative]").length === 2);
  });

  test("the positive: WebGL and plain code draw the same to 1/255; black is dragged, compared, taken back, kept", async () => {
    const maker = await withScan(await arrive());
    await maker.press("Positive");
    await maker.page.waitForSelector('[data-tones="gl"]');
    await maker.page.waitForSelector('[data-tone="low"]');
    const gl = await pixels(maker, "[data-tones]");
    await maker.page.evaluate(() => sessionStorage.setItem("still-box-plain-tones", "1"));
    await maker.reload();
    await maker.page.waitForSelector('[data-tones="plain"]');
    await maker.page.waitForSelector('[data-tone="low"]');
    const plain = await pixels(maker, "[data-tones]");
    expect(Math.max(...gl.map((value, i) => Math.abs(value - (plain[i] as number))))).toBeLessThanOrEqual(1);
    const low = (): Promise<number> =>
      maker.page.$eval('[data-tone="low"]', (each) => Number(each.getAttribute("aria-valuenow")));
    const found = await low();
    await maker.focus('[data-tone="low"]');
    await maker.page.keyboard.down("Shift");
    await maker.keys("ArrowRight", "ArrowRight", "ArrowRight");
    await maker.page.keyboard.up("Shift");
    expect(await low()).toBeCloseTo(found + 0.3, 2);
    const darker = await pixels(maker, "[data-tones]");
    const mean = (all: readonly number[]): number => all.reduce((sum, value) => sum + value, 0) / all.length;
    expect(mean(darker)).toBeLessThan(mean(plain) - 3);
    await maker.page.keyboard.down("c");
    await maker.page.waitForSelector('[data-compare="plain"]');
    await maker.page.keyboard.up("c");
    await maker.page.waitForSelector('[data-compare="own"]');
    await maker.press("Undo");
    await maker.page.waitForFunction(
      (want) =>
        Math.abs(Number(document.querySelector('[data-tone="low"]')?.getAttribute("aria-valuenow")) - want) < 0.01,
      {},
      found,
    );
    await maker.press("Straight");
    await maker.sees("[data-towards]", /Looking 0° right/);
    await maker.press("Even light: take out the fall-off, up to 4 stops");
    await maker.press("Warm");
    await maker.page.waitForSelector('[data-drawing="done"]');
    await maker.reload();
    await maker.sees("[data-towards]", /Looking 0°/);
    expect(await maker.page.$eval('[role="radio"][value="warm"]', (each) => each.getAttribute("aria-checked"))).toBe(
      "true",
    );
  });

  test("sharpened with progress and a loupe before and after; dust filled; saved as JPEG and PNG with its facts; settings given on", async () => {
    const maker = await withScan(await arrive());
    await maker.press("Positive");
    await maker.page.waitForSelector("[data-tones]");
    await maker.press("Sharpen by the known hole");
    await maker.page.waitForFunction(() => document.querySelector("[data-tones]")?.getAttribute("width") === "1500", {
      timeout: PATIENCE,
    });
    await maker.press("Loupe: before and after");
    const picture = await maker.page.waitForSelector("[data-compare]");
    await picture?.hover();
    await maker.sees("[data-loupes]", /before[\s\S]*after/);
    await maker.press("Brush for dust");
    await picture?.click();
    await maker.sees("[data-spots]", /1 filled/);
    await maker.press("Border with the camera’s name");
    await maker.press("Sharpen by the known hole");
    await maker.press("Save it");
    const jpeg = await maker.saved();
    expect(jpeg.name).toMatch(/^Nine-canisters-Water-butt-2026-.*\.jpg$/);
    const facts = await exifr.parse(jpeg.bytes, { xmp: true });
    expect(facts).toMatchObject({ Model: "Nine canisters", ExposureTime: 9 });
    expect(facts.FNumber).toBeGreaterThan(90);
    expect(facts.FNumber).toBeLessThan(170);
    const said = await sharp(jpeg.bytes).metadata();
    expect(said.width).toBeGreaterThan(500);
    expect(said.icc).toBeDefined();
    await maker.choose("File", "png16");
    await maker.press("Save it");
    const png = await maker.saved();
    expect(await sharp(png.bytes).metadata()).toMatchObject({ depth: "ushort", density: 300 });
  });

  test("a pair: parted by its holes, in five ways, as GIF and on a card", async () => {
    const maker = await withScan(await arrive(), "sun thistle-seed-packet-pair");
    await maker.press("Pair");
    await maker.page.waitForSelector("[data-pair-picture]", { timeout: PATIENCE });
    const colours = await pixels(maker, "[data-pair-picture]");
    // Red and cyan differ where a thing does not lie on the window.
    const apart = colours.filter((value, i) => i % 4 === 0 && Math.abs(value - (colours[i + 1] as number)) > 40).length;
    expect(apart).toBeGreaterThan(50);
    await maker.press("Parallel");
    const grey = await pixels(maker, "[data-pair-picture]");
    expect(grey.every((value, i) => i % 4 !== 0 || Math.abs(value - (grey[i + 1] as number)) < 3)).toBe(true);
    await maker.press("Moving");
    await maker.press("Save as GIF");
    const gif = await maker.saved();
    expect(await sharp(gif.bytes, { animated: true }).metadata()).toMatchObject({ format: "gif", pages: 2, loop: 0 });
    await maker.press("Card at true size (PDF)");
    expect((await maker.saved()).bytes.subarray(0, 5).toString()).toBe("%PDF-");
  });

  test("hung: one a page and as a contact sheet, with captions, as PDF at true size and as PNG", async () => {
    const maker = await withScan(await arrive());
    await maker.press("Hang");
    await maker.page.waitForSelector("[data-page] image");
    await maker.sees("[data-page]", /Water butt · Nine canisters · f\/1?\d\d[\s·]*9 s[\s·]*\d+ \w+ \d{4}/);
    await maker.press("Save as PDF");
    expect((await maker.saved()).name).toMatch(/^contact-sheet-\d{4}-\d{2}-\d{2}\.pdf$/);
    await maker.press("In a row");
    await maker.press("Save as PNG");
    const png = await maker.saved();
    expect(await sharp(png.bytes).metadata()).toMatchObject({ width: 2376, height: 1680 });
  });

  test("hung as it is arranged: another paper, a sheet moved to the front, one left out; it is so after a reload", async () => {
    const maker = await withScan(await arrive());
    await maker.choose("Sheet on the made-up flatbed", OTHER_CANISTER);
    await maker.press("Scan it");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-negative]").length === 2);
    await maker.press("Hang");
    const order = () => maker.page.$$eval("[data-hung]", (all) => all.map((each) => each.getAttribute("data-hung")));
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-hung] image").length === 2);
    const [first, second] = await order();
    const later = await maker.page.waitForSelector(`[data-listed="${first}"] [aria-label$=": later"]`);
    await later?.click();
    await maker.page.waitForFunction(
      (id) => document.querySelector("[data-hung]")?.getAttribute("data-hung") === id,
      {},
      second,
    );
    await maker.choose("Paper", "letter");
    await maker.press("Across");
    await maker.page.waitForSelector('[data-page="1"][viewBox="0 0 279.4 215.9"]');
    await maker.reload();
    await maker.page.waitForSelector('[data-page="1"][viewBox="0 0 279.4 215.9"]');
    expect(await order()).toEqual([second, first]);
    await maker.page.$eval(`[data-listed="${second}"] [role=checkbox]`, (box) => (box as HTMLElement).click());
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-hung]").length === 1);
    await maker.press("Save as PNG");
    expect(await sharp((await maker.saved()).bytes).metadata()).toMatchObject({ width: 2235, height: 1727 });
  });

  test("a pair of two sheets: the other one, how far it was moved, which eye’s it is; kept, taken back", async () => {
    const maker = await withScan(await arrive());
    await maker.choose("Sheet on the made-up flatbed", OTHER_CANISTER);
    await maker.press("Scan it");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-negative]").length === 2);
    await maker.press("Pair");
    const other = await maker.page.$$eval(
      "[data-negative]",
      (all) => all.find((each) => each.getAttribute("aria-pressed") === "false")?.getAttribute("data-negative") ?? "",
    );
    await maker.choose("The other sheet", other);
    await maker.page.waitForSelector("[data-pair-picture]");
    await maker.sees('[data-pair="anaglyph"]', /Taken 65 mm apart: from 1\.9 m on/);
    const before = await pixels(maker, "[data-pair-picture]");
    await maker.press("for the right eye");
    // The other one stands in red now.
    await repainted(maker, "[data-pair-picture]", before);
    await maker.type("Moved by", "200 m");
    await maker.sees("[role=alert]", /From 1 mm to 100 m/);
    await maker.type("Moved by", "12 cm");
    await maker.sees("[data-pair]", /Taken 120 mm apart/);
    await maker.reload();
    await maker.sees("[data-pair]", /Taken 120 mm apart/);
  });

  test("a contact print is worked out, and a film positive leaves as a PDF", async () => {
    const maker = await withScan(await arrive());
    await maker.press("Positive");
    await maker.page.waitForSelector("[data-tones]");
    await maker.press("Contact print, worked out");
    await maker.page.waitForSelector('[data-print="7"]');
    const strip = await pixels(maker, '[data-print="7"]');
    const band = (index: number): number => {
      const part = strip.filter((_, i) => i % 4 === 0 && Math.floor((((i / 4) % 160) / 160) * 7) === index);
      return part.reduce((sum, value) => sum + value, 0) / part.length;
    };
    // More light of the lamp, a darker print.
    expect(band(6)).toBeLessThan(band(0) - 40);
    await maker.press("Film positive at true size (PDF)");
    expect((await maker.saved()).name).toMatch(/^film-positive-.*\d{4}-\d{2}-\d{2}\.pdf$/);
  });
});
