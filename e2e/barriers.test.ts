import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { type Maker, stage } from "./support/maker.ts";
import { SCREENS } from "./support/screens.ts";

const { at } = stage(true);
const axe = readFileSync(createRequire(__filename).resolve("axe-core/axe.min.js"), "utf8");

/** Which rules axe tries: all of some tags, or some by name. */
interface RunOnly {
  readonly type: "tag" | "rule";
  readonly values: readonly string[];
}

/** WCAG 2.2 A and AA rules that a machine can check. */
async function barriers(maker: Maker, runOnly: RunOnly): Promise<string[]> {
  await maker.page.evaluate(axe);
  return maker.page.evaluate(async (runOnly) => {
    const run = (
      window as unknown as {
        axe: { run(o: object): Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
      }
    ).axe.run;
    const { violations } = await run({ runOnly });
    return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 160)}`);
  }, runOnly);
}

describe.each([
  ["light", { type: "tag", values: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] }],
  // In the dark only the colours are others.
  ["dark", { type: "rule", values: ["color-contrast", "link-in-text-block"] }],
] as const)("in %s", (scheme, rules) => {
  test("no screen has a barrier that a machine can find (axe-core, WCAG 2.2 AA)", async () => {
    const maker = await at("/");
    await maker.page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: scheme }]);
    const found: Record<string, string[]> = {};
    for (const path of SCREENS) {
      await maker.goTo(path);
      await maker.quiet();
      const here = await barriers(maker, rules);
      if (here.length > 0) found[path] = here;
    }
    expect(found).toEqual({});
  }, 180_000);
});
