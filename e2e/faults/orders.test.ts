import { chance } from "../../core/basis/numeric/chance.ts";
import type { Maker } from "../support/maker.ts";
import { stage } from "../support/maker.ts";
import { PATIENCE } from "../support/patience.ts";
import { records } from "../support/storage.ts";

const { arrive, at } = stage(true);

/** Orders of presses: a few in `bin/test`, 40 by `npm run faults`. */
const ORDERS = process.env.FAULT_ROUNDS === undefined ? 3 : 40;

/** Who presses: one tab, the other, or both in the same moment. */
type Hands = readonly [one: boolean, two: boolean];
const HANDS: readonly Hands[] = [
  [true, false],
  [false, true],
  [true, true],
];

/** The same button in the tabs whose hand presses, none waiting for the other; a button that has gone is not pressed. */
function pressed(tabs: readonly [Maker, Maker], hands: Hands, selector: string, words: string): Promise<unknown> {
  return Promise.all(
    tabs
      .filter((_, tab) => hands[tab])
      .map(({ page }) =>
        page.evaluate(
          (where, name) =>
            [...document.querySelectorAll<HTMLElement>(where)]
              .find((button) => name === "" || button.innerText.trim() === name)
              ?.click(),
          selector,
          words,
        ),
      ),
  );
}

/** What the press in a tab would do next; `undefined`: the sheet is through. */
const moveWords = (): string | undefined => document.querySelector<HTMLElement>("[data-move]")?.innerText;

/** Until both tabs show it, or neither does. */
async function shown(tabs: readonly [Maker, Maker], selector: string, is: boolean): Promise<void> {
  for (const { page } of tabs) {
    await page.waitForFunction(
      (where, there) => (document.querySelector(where) !== null) === there,
      { timeout: PATIENCE, polling: 100 },
      selector,
      is,
    );
  }
}

test(
  `counts in two tabs, ${ORDERS} orders of presses: each opening is closed once and logged once`,
  async () => {
    const random = chance(24);
    const by = (): Hands => HANDS[Math.floor(HANDS.length * random())] as Hands;
    const one = await at("/field?camera=thistle-biscuit-tin");
    const two = await one.secondTab();
    await two.goTo("/field?camera=thistle-biscuit-tin");
    const tabs = [one, two] as const;
    const before = (await records(one, "exposures")).length;
    for (let order = 0; order < ORDERS; order++) {
      // A hole that opens in both at once is two holes: here it is opened by one hand.
      await pressed(tabs, random() < 0.5 ? [true, false] : [false, true], "main button", "Open the hole");
      await shown(tabs, "[data-counting]", true);
      await pressed(tabs, by(), "main button", "Close the hole");
      await shown(tabs, "[data-counting]", false);
      await shown(tabs, "[data-count]", true);
      const [closed] = await records(one, "counts");
      await pressed(tabs, by(), "main button", "Log this shot");
      await shown(tabs, "[data-count]", false);
      const shots = await records(one, "exposures");
      expect(shots).toHaveLength(before + order + 1);
      // It is the shot that was counted, as long as it was.
      expect(shots).toContainEqual(expect.objectContaining({ id: closed?.id }));
      expect(await records(one, "counts")).toEqual([]);
    }
  },
  60_000 + 20_000 * ORDERS,
);

test(
  `sheets in two tabs, ${ORDERS} orders of presses: each bath is left once, both tabs stand in the same one`,
  async () => {
    const random = chance(25);
    const by = (): Hands => HANDS[Math.floor(HANDS.length * random())] as Hands;
    const one = await arrive();
    await one.withOwnClock();
    await one.goTo("/dark/trays");
    const two = await one.secondTab();
    await two.withOwnClock();
    await two.goTo("/dark/trays");
    const tabs = [one, two] as const;
    for (let order = 0; order < ORDERS; order++) {
      const known = new Set((await records(one, "developments")).map(({ id }) => id));
      await one.press("One more");
      await one.press("To the trays");
      await shown(tabs, "[data-run-screen]", true);
      await pressed(tabs, by(), "[data-run-screen] button", "Sheet 1 goes in now");
      await shown(tabs, "[data-move]", true);
      let moves = 0;
      for (;;) {
        const sheet = (await records(one, "developments")).find(({ id }) => !known.has(id));
        expect(sheet?.movesMs ?? []).toHaveLength(moves);
        if (sheet?.finishedAt != null) break;
        // Long enough for any bath, and for the wash.
        for (const tab of tabs) await tab.later(4000);
        const before = await one.text("[data-move]");
        await pressed(tabs, by(), "[data-move]", "");
        moves++;
        // On in both, or through in both.
        for (const { page } of tabs) {
          await page.waitForFunction(
            (was) => document.querySelector<HTMLElement>("[data-move]")?.innerText !== was,
            { timeout: PATIENCE, polling: 100 },
            before,
          );
        }
        const words = await Promise.all(tabs.map(({ page }) => page.evaluate(moveWords)));
        expect(words[0]).toBe(words[1]);
        expect(moves).toBeLessThan(9);
      }
      await shown(tabs, "[data-run-screen]", false);
    }
  },
  60_000 + 40_000 * ORDERS,
);
