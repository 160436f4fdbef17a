import type { Finding, Mend, Verdict } from "../core/bench/judgement/index.ts";
import { inMm } from "../core/testing/cameras.ts";
import { mendWords, saidVerdict } from "./verdicts.ts";

const said = (found: Finding, mend: Mend | null = null) => {
  const verdict: Verdict = { id: found.code, weight: "warn", found, fix: mend && { mend, apply: (c) => c } };
  return saidVerdict(verdict, inMm);
};

/** What turns a sentence round: each side of it, with the word that must stand there. */
const SIDES: readonly (readonly [Finding, RegExp])[] = [
  [{ code: "plate-cuts", wall: true, thick: 2, blank: 0 }, /^The wall hides the sheet’s corners: .* a wall 2 mm thick/],
  [{ code: "plate-cuts", wall: false, thick: 0.1, blank: 5 }, /^The plate hides the sheet’s ends: .*the last 5 mm/],
  [{ code: "hole-off-level", above: 4 }, /4 mm above .*more sky than ground/],
  [{ code: "hole-off-level", above: -4 }, /4 mm below .*more ground than sky/],
  [{ code: "dark-corners", stops: 3 }, /3\.0 stops darker: They get 13 % of the light/],
  [{ code: "cross-light", gap: 2, share: 0.004, from: Math.PI / 6 }, /2 mm: up to 0\.4 % .* from 30° off/],
  [{ code: "cross-light", gap: 2, share: 0.044, from: 0 }, /up to 4 % /],
  [{ code: "stereo-overlap", overlap: 9.6, divider: null, needed: 50 }, /overlap by 10 mm: .*A black wall.* 50 mm/],
  [{ code: "stereo-overlap", overlap: 9.6, divider: 30, needed: 50 }, /stands 30 mm forward .* 50 mm are needed/],
  [{ code: "holes-differ", first: 0.3, second: 0.35, stops: 0.44 }, /hole 1 comes out darker\. Open it up to 0\.35 mm/],
  [{ code: "holes-differ", first: 0.35, second: 0.3, stops: 0.44 }, /hole 2 comes out darker\. Open it up to 0\.35 mm/],
  [
    { code: "lid-over-hole", made: false, reach: 20, free: 6, toHole: 22, isKnown: false },
    /The lid reaches perhaps 20 mm down.*22 mm below.*6 mm must.* Measure it\.$/,
  ],
  [{ code: "lid-over-hole", made: false, reach: 20, free: 6, toHole: 22, isKnown: true }, /reaches 20 mm .*them\.$/],
  [{ code: "lid-over-hole", made: true, reach: 20, free: 6, toHole: 22, isKnown: true }, /^The cap .*from 20 mm on/],
  [
    { code: "fault", fault: "high", allowed: { code: "at-most", most: 9 } },
    /^The sheet is too high: Can be 9 mm at most\.$/,
  ],
];

test.each(SIDES)("%j", (found, words) => {
  const { title, sentence, button } = said(found);
  expect(`${title}: ${sentence}`).toMatch(words);
  expect(button).toBeNull();
});

test("a button says its figure in the maker’s unit", () => {
  const inches = (mm: number): string => `${(mm / 25.4).toFixed(2)} in`;
  expect(mendWords({ code: "trim", width: 127, height: 101.6 }, inches)).toBe("Trim the sheet to 5.00 in × 4.00 in");
  expect(mendWords({ code: "baffle", height: 11, aside: 17 }, inMm)).toBe(
    "Stand strips 11 mm high, 17 mm beside the hole",
  );
  expect(said({ code: "one-layer" }, { code: "two-layers" }).button).toBe("There are two layers now");
});
