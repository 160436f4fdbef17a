import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { type Maker, stage } from "./support/maker.ts";
import { redPixels } from "./support/redPixels.ts";
import { PHONE_SCREENS, SCREENS } from "./support/screens.ts";
import { wholeSeason } from "./support/season.ts";

const { at } = stage("season");
const axe = readFileSync(createRequire(__filename).resolve("axe-core/axe.min.js"), "utf8");

/** WCAG 2.2 A and AA rules that a machine can check; in the dark only the colours are others. */
const RULES = {
  light: { type: "tag", values: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] },
  dark: { type: "rule", values: ["color-contrast", "link-in-text-block"] },
} as const;

async function barriers(maker: Maker, scheme: keyof typeof RULES): Promise<string[]> {
  await maker.page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: scheme }]);
  return maker.page.evaluate(async (runOnly) => {
    const run = (
      window as unknown as {
        axe: { run(o: object): Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
      }
    ).axe.run;
    const { violations } = await run({ runOnly });
    return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 160)}`);
  }, RULES[scheme]);
}

/** By how much a page runs over the side of a window of this size, pixels; in words where it does. */
async function overAt(maker: Maker, width: number, height: number): Promise<string[]> {
  await maker.page.setViewport({ width, height });
  // Two frames: laid out, and what follows from the new size laid out again.
  await maker.page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  const over = await maker.page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  return over === 0 ? [] : [`${over} px over the side at ${width}`];
}

/** How a page looks in the red light: in words, where a pixel of it is not red alone. */
async function notRed(maker: Maker): Promise<string[]> {
  const light = (level: string | null) =>
    maker.page.evaluate((level) => {
      const root = document.documentElement;
      if (level === null) delete root.dataset.red;
      else root.dataset.red = level;
      root.style.setProperty("--sb-red", level ?? "");
    }, level);
  await light("255");
  const { pixels, brightest } = await redPixels(maker.page);
  await light(null);
  const dark = brightest < 200 ? ["nothing to be seen in red"] : [];
  return pixels === 0 ? dark : [`${pixels} pixels with green or blue in the red light`];
}

/** What of a page's name is missing: one main heading, a title and a description of its own; in words. */
async function unnamed(maker: Maker): Promise<string[]> {
  return maker.page.evaluate(() => {
    const headings = document.querySelectorAll("h1").length;
    const description = document.querySelector<HTMLMetaElement>("meta[name=description]")?.content ?? "";
    return [
      ...(headings === 1 ? [] : [`${headings} main headings`]),
      ...(/^.{5,}Still Box$/.test(document.title) ? [] : [`titled “${document.title}”`]),
      ...(description.length > 40 ? [] : ["no description"]),
    ];
  });
}

/** Screens in walks of this many: what takes time is to open each, and a slow machine must not run out of it. */
const WALK = 12;
const WALKS = Array.from({ length: Math.ceil(SCREENS.length / WALK) }, (_, i) =>
  SCREENS.slice(i * WALK, (i + 1) * WALK),
);

test.each(WALKS)(
  "no screen from %s on runs over the side, none has a barrier that a machine can find (axe-core, WCAG 2.2 AA), all are red in the red light",
  async (...screens) => {
    const maker = await wholeSeason(await at("/proof"));
    await maker.page.waitForSelector("[data-corner]");
    const found: Record<string, string[]> = {};
    for (const path of screens) {
      await maker.goTo(path);
      await maker.quiet();
      await maker.page.evaluate(axe);
      const here = [
        ...(await unnamed(maker)),
        ...(await overAt(maker, 1920, 1080)),
        ...(await overAt(maker, 1024, 768)),
        ...(await notRed(maker)),
        ...(await barriers(maker, "light")),
        ...(await barriers(maker, "dark")),
        ...(PHONE_SCREENS.has(path) ? await overAt(maker, 390, 844) : []),
      ];
      if (here.length > 0) found[path] = here;
    }
    expect(found).toEqual({});
  },
);
