import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { type Maker, stage } from "./support/maker.ts";
import { SCREENS } from "./support/screens.ts";

const { at } = stage(true);
const axe = readFileSync(createRequire(__filename).resolve("axe-core/axe.min.js"), "utf8");

/** WCAG 2.2 A and AA rules that a machine can check. */
async function barriers(maker: Maker): Promise<string[]> {
  await maker.page.evaluate(axe);
  return maker.page.evaluate(async () => {
    const run = (
      window as unknown as {
        axe: { run(o: object): Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
      }
    ).axe.run;
    const { violations } = await run({ runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] });
    return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 160)}`);
  });
}

describe.each(["light", "dark"])("in %s", (scheme) => {
  test("no screen has a barrier that a machine can find (axe-core, WCAG 2.2 AA)", async () => {
    const maker = await at("/");
    await maker.page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: scheme }]);
    const found: Record<string, string[]> = {};
    for (const path of SCREENS) {
      await maker.goTo(path);
      const here = await barriers(maker);
      if (here.length > 0) found[path] = here;
    }
    expect(found).toEqual({});
  }, 180_000);
});
