import sharp from "sharp";
import { stage } from "./support/maker.ts";

const { arrive } = stage(true);

/** Pages that are printed, and what stands on the paper. */
const PAGES = [
  ["/sun/put-up", "[data-letter]"],
  ["/cameras/thistle-hat-box/make/build", "main"],
  ["/cameras/thistle-hat-box/make/kit", "main"],
  ["/cameras/thistle-hat-box/make/light-test", "main"],
  ["/log", "[data-log]"],
  ["/method", "main table"],
] as const;

describe("on paper it is ink on white, whatever the screen is, without the frame round the page", () => {
  test.each(PAGES)("%s", async (path, there) => {
    const maker = await arrive();
    await maker.goTo(path);
    await maker.sees(there, /./);
    await maker.quiet();
    for (const [scheme, red] of [
      ["light", null],
      ["dark", null],
      ["light", "70"],
      ["dark", "100"],
    ] as const) {
      await maker.page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: scheme }]);
      await maker.page.evaluate((level) => {
        const root = document.documentElement;
        if (level === null) delete root.dataset.red;
        else root.dataset.red = level;
        root.style.setProperty("--sb-red", level ?? "");
      }, red);
      await maker.page.emulateMediaType("print");
      const shot = Buffer.from(await maker.page.screenshot({ type: "png" }));
      const frame = await maker.page.$eval("header nav", (nav) => (nav as HTMLElement).offsetHeight);
      await maker.page.emulateMediaType("screen");
      expect([path, scheme, red, frame]).toEqual([path, scheme, red, 0]);
      const { data, info } = await sharp(shot).removeAlpha().raw().toBuffer({ resolveWithObject: true });
      let [white, ink] = [0, 0];
      for (let at = 0; at < data.length; at += info.channels) {
        const [r, g, b] = data.subarray(at, at + 3) as unknown as [number, number, number];
        if (Math.min(r, g, b) > 250) white++;
        if (Math.max(r, g, b) < 90) ink++;
      }
      const all = data.length / info.channels;
      // Most of a page is paper, and some of it is ink: a blank one has none.
      expect([path, scheme, red, white / all > 0.6, ink / all > 0.001]).toEqual([path, scheme, red, true, true]);
    }
    // The browser makes a document of it that has pages.
    const pdf = Buffer.from(await maker.page.pdf({ format: "A4" })).toString("latin1");
    expect(pdf.match(/\/Type\s*\/Page\b/g)?.length ?? 0).toBeGreaterThan(0);
  });
});
