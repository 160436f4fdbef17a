import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { encode as encodeJpeg } from "jpeg-js";
import jsQR from "jsqr";
import { scanPlate } from "../core/scanner/index.ts";
import { chance } from "../core/testing/chance.ts";
import { CLEAN, ROUND } from "../core/testing/scans.ts";
import { scanToTiff } from "../workers/writeScan.ts";
import { stage } from "./support/maker.ts";

const { arrive, address } = stage(true);

/** The tolerance of a printed size. */
const PRINT_TOLERANCE = 0.2;
const DPI = 254;
const MM_PER_PIXEL = 25.4 / DPI;

/** A page of a PDF as a grey picture, 10 pixels to the millimetre. */
interface Picture {
  readonly width: number;
  readonly height: number;
  readonly dark: (x: number, y: number) => boolean;
}

function rendered(pdf: Buffer, page: number, dpi = DPI): Picture {
  const folder = mkdtempSync(join(tmpdir(), "still-box-print-"));
  writeFileSync(join(folder, "sheet.pdf"), pdf);
  execFileSync(
    "pdftoppm",
    ["-gray", "-r", String(dpi), "-f", String(page), "-l", String(page), "-singlefile", "sheet.pdf", "page"],
    { cwd: folder },
  );
  const pgm = readFileSync(join(folder, "page.pgm"));
  const header = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(pgm.subarray(0, 40).toString("latin1"));
  if (!header) throw new Error("not a PGM");
  const [width, height] = [Number(header[1]), Number(header[2])];
  return { width, height, dark: (x, y) => (pgm[header[0].length + y * width + x] ?? 255) < 160 };
}

/** Lengths in mm of runs of dark pixels along a row (or a column) that are longer than `least` mm. */
function runs(picture: Picture, least: number, upright: boolean): { at: number; from: number; length: number }[] {
  const [outer, inner] = upright ? [picture.width, picture.height] : [picture.height, picture.width];
  const found: { at: number; from: number; length: number }[] = [];
  for (let a = 0; a < outer; a++) {
    let start = -1;
    for (let b = 0; b <= inner; b++) {
      const dark = b < inner && (upright ? picture.dark(a, b) : picture.dark(b, a));
      if (dark && start < 0) start = b;
      if (!dark && start >= 0) {
        const length = (b - start) * MM_PER_PIXEL;
        if (length > least) found.push({ at: a * MM_PER_PIXEL, from: start * MM_PER_PIXEL, length });
        start = -1;
      }
    }
  }
  return found;
}

/** Lines are drawn on both sides of their path: a run is longer by one line width. */
const LINE = 0.25;

function nearest(picture: Picture, mm: number, upright: boolean): number {
  const all = runs(picture, mm * 0.8, upright).map(({ length }) => length - LINE);
  return all.sort((a, b) => Math.abs(a - mm) - Math.abs(b - mm))[0] ?? 0;
}

function pagesOf(pdf: Buffer): number {
  return Number(/Pages:\s+(\d+)/.exec(execFileSync("pdfinfo", ["-"], { input: pdf }).toString())?.[1]);
}

async function cutSheet(id: string, paper: "A4" | "Letter") {
  const maker = await arrive();
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.goTo(`/cameras/${id}/make`);
  await maker.press(paper);
  await maker.press("PDF, all pages");
  return { maker, ...(await maker.saved()) };
}

describe("Make", () => {
  test("biscuit tin on A4: rulers, face, opening and sheet measured on the rendered page to ±0.2 mm", async () => {
    const { bytes, name } = await cutSheet("thistle-biscuit-tin", "A4");
    expect(name).toBe("biscuit-tin-cut-sheet-a4.pdf");
    const pages = Array.from({ length: pagesOf(bytes) }, (_, index) => rendered(bytes, index + 1));
    for (const page of pages) {
      expect(Math.abs(page.width * MM_PER_PIXEL - 210)).toBeLessThan(PRINT_TOLERANCE);
      expect(Math.abs(page.height * MM_PER_PIXEL - 297)).toBeLessThan(PRINT_TOLERANCE);
      expect(Math.abs(nearest(page, 100, false) - 100)).toBeLessThan(PRINT_TOLERANCE);
      expect(Math.abs(nearest(page, 101.6, false) - 101.6)).toBeLessThan(PRINT_TOLERANCE);
    }
    // Front 165 × 118 and sheet 127 × 101.6, whichever way and on whichever page they were nested.
    for (const [width, height] of [
      [165, 118],
      [127, 101.6],
    ] as const) {
      const off = pages.flatMap((page) => [
        Math.hypot(nearest(page, width, false) - width, nearest(page, height, true) - height),
        Math.hypot(nearest(page, height, false) - height, nearest(page, width, true) - width),
      ]);
      expect(Math.min(...off)).toBeLessThan(PRINT_TOLERANCE);
    }
    const words = execFileSync("pdftotext", ["-layout", "-", "-"], { input: bytes }).toString();
    expect(words).toMatch(/Biscuit tin/);
    expect(words).toMatch(/\d{1,2} \w{3} 20\d\d · page 1 of \d/);
    expect(words).toMatch(/hole as measured: Ø 0\.310 mm/);
  });

  test("cocoa tin on Letter: the wall unrolled is larger than the page and goes on tiles that overlap by 10 mm", async () => {
    const { bytes } = await cutSheet("thistle-cocoa-tin", "Letter");
    const pages = pagesOf(bytes);
    expect(pages).toBeGreaterThanOrEqual(2);
    const first = rendered(bytes, 1);
    expect(Math.abs(first.width * MM_PER_PIXEL - 215.9)).toBeLessThan(PRINT_TOLERANCE);
    expect(Math.abs(nearest(first, 100, false) - 100)).toBeLessThan(PRINT_TOLERANCE);
    // Once round the outside, π × (68 + 2 × 0.2) = 214.88 mm, with the tab 226.88 mm: turned, it fits upright.
    const lengths = Array.from({ length: pages }, (_, index) => nearest(rendered(bytes, index + 1), 226.88, true));
    expect(Math.min(...lengths.map((length) => Math.abs(length - 226.88)))).toBeLessThan(PRINT_TOLERANCE);
  });

  test("hat box: tiles of the wall laid on each other’s crosses give its true length", async () => {
    const { bytes } = await cutSheet("thistle-hat-box", "A4");
    const words = execFileSync("pdftotext", ["-layout", "-", "-"], { input: bytes }).toString();
    expect(words).toMatch(/to A2/);
    expect(words).toMatch(/to A1/);
    const pages = pagesOf(bytes);
    // 215 mm high, π·304 + 12 = 967.04 mm long: 190 mm windows, 10 mm overlap → 6 columns of the wall.
    // The wall is the first part that does not fit on a page; its six tiles come before those of the cap.
    const numbers = Array.from({ length: pages }, (_, index) => index + 1).filter((page) => {
      const range = ["-f", String(page), "-l", String(page)];
      return /to A\d/.test(execFileSync("pdftotext", [...range, "-", "-"], { input: bytes }).toString());
    });
    const tiles = numbers.slice(0, 6).map((page) => {
      const [top] = runs(rendered(bytes, page), 60, false).filter(({ at }) => Math.abs(at - 10) < 0.3);
      return top?.length ?? 0;
    });
    const total = tiles.reduce((sum, length) => sum + length, 0) - 5 * 10;
    expect(Math.abs(total - (Math.PI * 304 + 12))).toBeLessThan(6 * 0.2);
  });

  test.each(["thistle-canister-one", "thistle-hat-box"])(
    "%s: the page’s SVG has its size in mm and the matching view box",
    async (id) => {
      const { maker } = await cutSheet(id, "A4");
      await maker.press("SVG, this page");
      const { bytes } = await maker.saved();
      const svg = bytes.toString("utf8");
      expect(svg).toMatch(/<svg [^>]*width="210mm" height="297mm" viewBox="0 0 210 297"/);
      expect(svg).toContain("<title>");
    },
  );

  test("a camera that can’t be built yet says so and leads back to the Bench", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/cameras/thistle-cocoa-tin");
    await maker.type("Diameter inside", "58");
    await maker.settled();
    await maker.press("Cut sheet at true size");
    await maker.sees("[role=alert]", /can’t be built yet/);
  });

  test("the label’s code, found on the rendered page by jsQR, is the camera’s link", async () => {
    const { bytes } = await cutSheet("thistle-cocoa-tin", "A4");
    let read: string | undefined;
    // At 110 dpi a cell of the code is three pixels wide, as on a phone's screen.
    for (let page = 1; page <= pagesOf(bytes) && read === undefined; page++) {
      const { width, height, dark } = rendered(bytes, page, 110);
      const pixels = new Uint8ClampedArray(width * height * 4);
      for (let i = 0; i < width * height; i++) {
        const value = dark(i % width, Math.floor(i / width)) ? 0 : 255;
        pixels.set([value, value, value, 255], 4 * i);
      }
      read = jsQR(pixels, width, height)?.data;
    }
    expect(read).toBe(`${address()}/cameras/thistle-cocoa-tin`);
  });

  test("a bar read as 97 mm makes the next print larger that way by as much; 80 mm is refused in words", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/cameras/thistle-biscuit-tin/make");
    await maker.type("I read on the bar at the foot, mm", "80");
    await maker.sees("main", /bar of 90 to 110 mm can be mended/);
    await maker.type("I read on the bar at the foot, mm", "97");
    await maker.sees("main", /drawn 3\.1 % larger across the paper/);
    await maker.press("PDF, all pages");
    const { bytes } = await maker.saved();
    const bar = nearest(rendered(bytes, 1), 100 / 0.97, false);
    expect(Math.abs(bar - 100 / 0.97)).toBeLessThan(PRINT_TOLERANCE);
    const upright = nearest(rendered(bytes, 1), 100, true);
    expect(Math.abs(upright - 100)).toBeLessThan(PRINT_TOLERANCE);
    await maker.goTo("/cameras/thistle-cocoa-tin/make");
    await maker.sees("main", /drawn 3\.1 % larger/);
  });

  test("parts for a cutter as DXF; materials for one and for twelve; a rim that was measured", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/cameras/thistle-cocoa-tin/make");
    await maker.press("DXF, all parts");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("cocoa-tin-cut-sheet.dxf");
    expect(bytes.toString()).toMatch(/\$INSUNITS/);
    await maker.sees("[data-bill]", /Plate blank\s*1/);
    await maker.type("Number of cameras", "12");
    await maker.sees("[data-bill]", /Plate blank\s*12/);
    await maker.type("Rim of the open end, outside, for the cap", "70 mm");
    await maker.sees("main li", /Cap: disc, black card\s*70 mm/);
    await maker.reload();
    await maker.sees("main li", /Cap: disc, black card\s*70 mm/);
  });
});

/** A scan as a file on disk, for the picker. */
function scanFile(name: string, more: object = {}): string {
  const picture = scanPlate({ ...ROUND, diameter: 0.31, ...more }, CLEAN, chance(8));
  const path = join(mkdtempSync(join(tmpdir(), "still-box-scan-")), name);
  writeFileSync(path, scanToTiff({ ...picture, encoding: "linear" }, 4800));
  return path;
}

describe("The hole", () => {
  async function holePage(id: string) {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo(`/cameras/${id}/make/hole`);
    return maker;
  }

  test("a scan from a file is measured in a real worker, taken into the design, combined with a second way", async () => {
    const maker = await holePage("thistle-cocoa-tin");
    const picker = await maker.page.$('input[type="file"][accept*="tif"]');
    await (picker as unknown as { uploadFile(path: string): Promise<void> }).uploadFile(scanFile("tin.tif"));
    await maker.sees('[data-figure="Diameter"]', /0\.3(09|1|11) mm ± 0\.00\d mm/);
    expect(await maker.page.$("[data-outline]")).not.toBeNull();
    await maker.press("Take this into the design");
    await maker.sees("[data-measured]", /0\.3(09|1|11) mm/);
    await maker.press("Reticle");
    await maker.type("Divisions it covers", "6.4");
    await maker.sees("[data-by-hand]", /0\.32 mm ± 0\.01 mm/);
    await maker.press("Take this measurement");
    await maker.sees("main", /2 measurements combined/);
    await maker.goTo("/cameras/thistle-cocoa-tin");
    expect(await maker.reading("hole")).toMatch(/0\.31/);
    expect(maker.complaints).toEqual([]);
  });

  test("the simulated flatbed delivers a scan that is measured at once; the truth can be looked up", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    await maker.choose("Plate from the drawer", "water-butt");
    await maker.press("Scan");
    await maker.sees("[data-outcome]", /water-butt-2400-dpi\.tif/);
    await maker.sees('[data-figure="Burrs, dust"]', /[23], 0/);
    await maker.press("What is it really?");
    await maker.sees("[data-truth]", /3 burrs/);
  });

  test("a JPEG that states no resolution: in pixels first, then by a typed one, then by two presses on a ruler", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    const { samples, width, height } = scanPlate({ ...ROUND, diameter: 0.31 }, { ...CLEAN, bits: 8 }, chance(8));
    const data = new Uint8Array(4 * samples.length);
    for (const [i, value] of samples.entries()) data.set([value, value, value, 255], 4 * i);
    const path = join(mkdtempSync(join(tmpdir(), "still-box-scan-")), "plate.jpg");
    writeFileSync(path, encodeJpeg({ width, height, data }, 95).data);
    const picker = await maker.page.$('input[type="file"][accept*="tif"]');
    await (picker as unknown as { uploadFile(path: string): Promise<void> }).uploadFile(path);
    await maker.sees('[data-figure="Diameter"]', /58\.\d px/);
    await maker.type("Resolution, dpi", "4800");
    await maker.sees('[data-figure="Diameter"]', /0\.31\d? mm/);
    await maker.press("Set it by a ruler in the picture");
    const canvas = await maker.control("Whole picture: press on two marks of the ruler");
    const box = await canvas.boundingBox();
    if (box === null) throw new Error("the picture is not shown");
    // A quarter and three quarters across: 120 px, said to be 1.27 mm, are 2400 dpi.
    for (const share of [0.25, 0.75]) await maker.page.mouse.click(box.x + share * box.width, box.y + box.height / 8);
    await maker.type("Between the two marks", "1.27 mm");
    await maker.sees('[data-figure="Diameter"]', /0\.6[12]\d? mm/);
  });

  test("no hole to be found: the reason, and what to do", async () => {
    const maker = await holePage("thistle-biscuit-tin");
    const picker = await maker.page.$('input[type="file"][accept*="tif"]');
    await (picker as unknown as { uploadFile(path: string): Promise<void> }).uploadFile(
      scanFile("none.tif", { diameter: 0.00001 }),
    );
    await maker.sees('[data-outcome="refused"]', /Nothing in this picture is clearly brighter/);
  });

  test("plate and way change the steps; foil that is to be sanded is warned of; drills carry their source", async () => {
    const maker = await holePage("thistle-cocoa-tin");
    await maker.sees("main", /Push away from your face/);
    await maker.choose("Plate", "foil");
    await maker.sees("[role=status]", /it tears and cannot be sanded/);
    await maker.choose("Way", "bought");
    await maker.sees("main ol", /size on the packet/);
  });
});

describe("Building, proving, a group", () => {
  test("ticks and choices stay; time left follows", async () => {
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/cameras/thistle-cocoa-tin/make/build");
    const before = await maker.text("[data-left]");
    await (await maker.page.$('[data-step="opaque"] input[type="checkbox"]'))?.click();
    await maker.sees("main", /1 of \d+ steps ticked/);
    expect(await maker.text("[data-left]")).not.toBe(before);
    await (await maker.page.$('[data-step="black"] fieldset label:nth-of-type(2) input'))?.click();
    await maker.sees('[data-step="black"]', /Line it with black paper/);
    await maker.reload();
    await maker.sees("main", /1 of \d+ steps ticked/);
    await maker.sees('[data-step="black"]', /Line it with black paper/);
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
    const maker = await arrive();
    await maker.goTo("/");
    await maker.sees("main li", /Hat box/);
    await maker.goTo("/cameras/thistle-cocoa-tin/make/kit");
    await maker.type("People", "0");
    await maker.sees("main", /A whole number from 1 to 100/);
    await maker.type("People", "7");
    await maker.press("PDF of the kit");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("cocoa-tin-group-kit-a4.pdf");
    const words = execFileSync("pdftotext", ["-layout", "-", "-"], { input: bytes }).toString();
    expect(words).toMatch(/Shopping list for 7/);
    expect(words).toMatch(/14:00 to 14:04\s+LOAD\s+numbers 1, 2, 3/);
    expect(words.match(/No\. \d/g)).toHaveLength(7);
  });
});
