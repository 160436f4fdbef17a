import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { stage } from "./support/maker.ts";

const { arrive } = stage(true);

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

function rendered(pdf: Buffer, page: number): Picture {
  const folder = mkdtempSync(join(tmpdir(), "still-box-print-"));
  writeFileSync(join(folder, "sheet.pdf"), pdf);
  execFileSync(
    "pdftoppm",
    ["-gray", "-r", String(DPI), "-f", String(page), "-l", String(page), "-singlefile", "sheet.pdf", "page"],
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
    const page = rendered(bytes, 1);
    expect(Math.abs(page.width * MM_PER_PIXEL - 210)).toBeLessThan(PRINT_TOLERANCE);
    expect(Math.abs(page.height * MM_PER_PIXEL - 297)).toBeLessThan(PRINT_TOLERANCE);
    for (const [mm, upright] of [
      [100, false],
      [101.6, false],
      [165, false],
      [118, true],
      [127, false],
      [101.6, true],
    ] as const) {
      expect(Math.abs(nearest(page, mm, upright) - mm)).toBeLessThan(PRINT_TOLERANCE);
    }
    // The centre cross stands in the middle of the face, 10 mm from the page's edges.
    const cross = runs(page, 9.5, true).find(({ length, at }) => length < 11 && Math.abs(at - (10 + 82.5)) < 1);
    expect(Math.abs((cross?.at ?? 0) - 92.5)).toBeLessThan(PRINT_TOLERANCE);
    expect(Math.abs((cross?.from ?? 0) + (cross?.length ?? 0) / 2 - 69)).toBeLessThan(PRINT_TOLERANCE);
    const words = execFileSync("pdftotext", ["-layout", "-", "-"], { input: bytes }).toString();
    expect(words).toMatch(/Biscuit tin/);
    expect(words).toMatch(/\d{1,2} \w{3} 20\d\d · page 1 of 2/);
    expect(words).toMatch(/hole as measured: Ø 0\.310 mm/);
  });

  test("cocoa tin on Letter: the wall unrolled is larger than the page and goes on tiles that overlap by 10 mm", async () => {
    const { bytes } = await cutSheet("thistle-cocoa-tin", "Letter");
    const pages = Number(/Pages:\s+(\d+)/.exec(execFileSync("pdfinfo", ["-"], { input: bytes }).toString())?.[1]);
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
    const info = execFileSync("pdfinfo", ["-"], { input: bytes }).toString();
    const pages = Number(/Pages:\s+(\d+)/.exec(info)?.[1]);
    // 215 mm high, π·304 + 12 = 967.04 mm long: 190 mm windows, 10 mm overlap → 6 columns of the wall.
    const tops = Array.from({ length: pages }, (_, index) => runs(rendered(bytes, index + 1), 60, false)).map((found) =>
      found.filter(({ at, length }) => Math.abs(at - 10) < 0.3 && length > 60),
    );
    const wall = tops.map(([top]) => (top ? top.length : 0)).filter((length) => length > 0);
    const tiles = wall.slice(0, 6);
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
});
