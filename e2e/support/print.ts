import { execFileSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { temporaryFolder } from "./temporary.ts";

/** A printed size is true within this, mm. */
export const PRINT_TOLERANCE = 0.2;
const DPI = 254;
export const MM_PER_PIXEL = 25.4 / DPI;

/** A page of a PDF as a grey picture, 10 pixels to the millimetre. */
interface Picture {
  readonly width: number;
  readonly height: number;
  readonly dark: (x: number, y: number) => boolean;
}

/** A page of a PDF drawn by poppler. */
export function rendered(pdf: Buffer, page: number, dpi = DPI): Picture {
  const folder = temporaryFolder();
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
export function runs(
  picture: Picture,
  least: number,
  upright: boolean,
): { at: number; from: number; length: number }[] {
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

/** The straight line on a page whose length comes nearest to a given one, mm. */
export function nearest(picture: Picture, mm: number, upright: boolean): number {
  const all = runs(picture, mm * 0.8, upright).map(({ length }) => length - LINE);
  return all.sort((a, b) => Math.abs(a - mm) - Math.abs(b - mm))[0] ?? 0;
}

export function pagesOf(pdf: Buffer): number {
  return Number(/Pages:\s+(\d+)/.exec(execFileSync("pdfinfo", ["-"], { input: pdf }).toString())?.[1]);
}
