import { execFileSync } from "node:child_process";
import jsQR from "jsqr";
import { stage } from "./support/maker.ts";
import { MM_PER_PIXEL, nearest, PRINT_TOLERANCE, pagesOf, rendered, runs } from "./support/print.ts";

const { at, address } = stage(true);

async function cutSheet(id: string, paper: "A4" | "Letter") {
  const maker = await at(`/cameras/${id}/make`);
  await maker.press(paper);
  await maker.press("PDF, all pages");
  return { maker, ...(await maker.saved()) };
}

describe("Cut sheets", () => {
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
    expect(words).toMatch(/hole as measured: 0\.31 mm/);
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
    // 215 mm high, π·304 + 12 = 967.04 mm long: 184 mm windows, 10 mm overlap → 6 columns of the wall.
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
    const maker = await at("/cameras/thistle-cocoa-tin");
    await maker.type("Diameter inside", "58");
    await maker.settled();
    await maker.press("Cut sheet at true size");
    await maker.sees("[role=alert]", /can’t be built yet/);
  });

  test("the label’s code, found on the rendered page by jsQR, leads its maker to the camera, and anybody else to its design, which is looked at and kept", async () => {
    const { bytes, maker } = await cutSheet("thistle-cocoa-tin", "A4");
    let read: string | undefined;
    // At 180 dpi a cell of the code is three pixels wide, as on a phone's screen.
    for (let page = 1; page <= pagesOf(bytes) && read === undefined; page++) {
      const { width, height, dark } = rendered(bytes, page, 180);
      const pixels = new Uint8ClampedArray(width * height * 4);
      for (let i = 0; i < width * height; i++) {
        const value = dark(i % width, Math.floor(i / width)) ? 0 : 255;
        pixels.set([value, value, value, 255], 4 * i);
      }
      read = jsQR(pixels, width, height)?.data;
    }
    const link = read ?? "";
    expect(link).toMatch(new RegExp(`^${address()}/label/thistle-cocoa-tin#1[\\w-]+$`));
    await maker.goTo(link.slice(address().length));
    await maker.holds("Name of the camera", "Cocoa tin");
    expect(new URL(maker.page.url()).pathname).toBe("/cameras/thistle-cocoa-tin");
    // Another machine, whose shelf has no such camera; the link was copied from a phone.
    const finder = await at("/new");
    await finder.type("Or paste the link of a camera’s label", "https://elsewhere.example/cameras/thistle-cocoa-tin");
    await finder.sees("main", /has \/label\/ in it/);
    await finder.type(
      "Or paste the link of a camera’s label",
      link.replace("thistle-cocoa-tin", "somebody-elses").replace(/^http:\/\/[^/]+/, "https://elsewhere.example"),
    );
    await finder.sees("main", /From a label/);
    await finder.sees("main", /0.264 mm makes it f\/258/);
    await finder.press("Keep it on my shelf");
    await finder.page.waitForFunction(() => window.location.pathname === "/cameras/somebody-elses");
    await finder.settled();
    await finder.press("Undo");
    // The step before was that the camera came to the shelf: its page has nothing to show any more.
    await finder.page.waitForFunction(() => window.location.pathname === "/");
    await finder.goTo(`/label/somebody-elses#${link.split("#")[1]?.slice(0, -9)}`);
    await finder.sees("main", /cut short or damaged/);
  });

  test("the printer’s paper is chosen once: the label of a bottle comes on it, too", async () => {
    const maker = await at("/cameras/thistle-cocoa-tin/make");
    await maker.press("Letter");
    await maker.goTo("/cameras/thistle-biscuit-tin/make/kit");
    await maker.page.waitForFunction(
      () => document.querySelector('[role="radio"][aria-checked="true"]')?.textContent === "Letter",
    );
    await maker.goTo("/dark/bottles");
    await maker.press("Label, what it bears, empty it");
    await maker.press("Label as PDF");
    const { bytes } = await maker.saved();
    const page = rendered(bytes, 1);
    expect(Math.abs(page.width * MM_PER_PIXEL - 215.9)).toBeLessThan(PRINT_TOLERANCE);
    expect(Math.abs(page.height * MM_PER_PIXEL - 279.4)).toBeLessThan(PRINT_TOLERANCE);
  });

  test("a bar read as 97 mm makes the next print larger that way by as much; 80 mm is refused in words", async () => {
    const maker = await at("/cameras/thistle-biscuit-tin/make");
    await maker.type("I read on the bar at the foot", "80");
    await maker.sees("main", /bar of 90 mm to 110 mm can be mended/);
    await maker.type("I read on the bar at the foot", "97");
    await maker.sees("main", /drawn 3\.1 % larger across the paper/);
    await maker.press("PDF, all pages");
    const { bytes } = await maker.saved();
    const bar = nearest(rendered(bytes, 1), 100 / 0.97, false);
    expect(Math.abs(bar - 100 / 0.97)).toBeLessThan(PRINT_TOLERANCE);
    const upright = nearest(rendered(bytes, 1), 100, true);
    expect(Math.abs(upright - 100)).toBeLessThan(PRINT_TOLERANCE);
    await maker.goTo("/cameras/thistle-cocoa-tin/make");
    await maker.sees("main", /drawn 3\.1 % larger across the paper/);
    await maker.type("I read on the upright bar", "101");
    await maker.sees("main", /drawn 1\.0 % smaller along the paper/);
    await maker.press("PDF, all pages");
    const again = rendered((await maker.saved()).bytes, 1);
    expect(Math.abs(nearest(again, 100 / 0.97, false) - 100 / 0.97)).toBeLessThan(PRINT_TOLERANCE);
    expect(Math.abs(nearest(again, 100 / 1.01, true) - 100 / 1.01)).toBeLessThan(PRINT_TOLERANCE);
    await maker.press("Print without correction");
    // Read with an inch ruler: 4 in for what should be 3.937.
    await maker.type("I read on the upright bar", "4 in");
    await maker.sees("main", /drawn 1\.6 % smaller along the paper/);
    await maker.press("Print without correction");
    // It goes from the page when it is stored.
    await maker.page.waitForFunction(
      () => !/drawn .* (?:larger|smaller)/.test(document.querySelector("main")?.innerText ?? ""),
    );
    await maker.reload();
    expect(await maker.text("main")).not.toMatch(/drawn .* (?:larger|smaller)/);
  });

  test("parts for a cutter as DXF; materials for one and for twelve; a rim that was measured", async () => {
    const maker = await at("/cameras/thistle-cocoa-tin/make");
    await maker.press("DXF, on this stock");
    const { name, bytes } = await maker.saved();
    expect(name).toBe("cocoa-tin-card.dxf");
    expect(bytes.toString()).toMatch(/\$INSUNITS/);
    await maker.type("Stock, across", "100 mm");
    await maker.sees("[data-stock]", /left out: .*Wall/);
    await maker.sees("[data-bill]", /Plate blank\s*1/);
    await maker.type("Number of cameras", "12");
    await maker.sees("[data-bill]", /Plate blank\s*12/);
    await maker.type("Rim of the open end, outside, for the cap", "70 mm");
    await maker.sees("main li", /Cap: disc, black card\s*70 mm/);
    await maker.reload();
    await maker.sees("main li", /Cap: disc, black card\s*70 mm/);
  });
});
