import type { Negative } from "../../../core/document/index.ts";
import { arranged, withMoved } from "./arranged.ts";
import { CAPTION, captionLines } from "./hungPages.ts";

const negative = (id: string): Negative => ({
  id,
  picture: "a".repeat(64),
  settings: { medium: { least: 0, most: 2, range: 110, iso: 6 }, sheet: { width: 1, height: 1 } },
});
const ids = (negatives: readonly Negative[]): string => negatives.map(({ id }) => id).join("");
/** As they are listed: the latest first. */
const ALL = [..."dcba"].map(negative);

describe("the order in which pictures hang", () => {
  test("the oldest first; what was arranged by hand before all others; what is gone leaves no gap", () => {
    expect(ids(arranged(ALL, []))).toBe("abcd");
    expect(ids(arranged(ALL, ["c", "x", "a"]))).toBe("cabd");
  });

  test.each([
    ["b", 1, "acbd"],
    ["b", -1, "bacd"],
    ["a", -1, "abcd"],
    ["d", 5, "abcd"],
    ["a", 3, "bcda"],
  ] as const)("%s moved by %i: %s", (id, by, order) => {
    expect(withMoved([..."abcd"], id, by).join("")).toBe(order);
  });
});

test("a caption goes in two lines no wider than its picture; its end is left out first, a long word is cut", () => {
  const parts = ["Water butt", "Nine canisters", "f/178", "9 s", "9 May 2026"];
  expect(captionLines(parts, 200)).toEqual(["Water butt · Nine canisters · f/178 · 9 s · 9 May 2026"]);
  expect(captionLines(parts, 45)).toEqual(["Water butt · Nine canisters · f/178", "9 s · 9 May 2026"]);
  expect(captionLines(parts, 24)).toEqual(["Water butt", "Nine canisters"]);
  expect(captionLines(["The scarecrow by the cold frames"], 24)).toEqual(["The scarecrow by th…"]);
  for (const width of [10, 24, 45, 200]) {
    for (const line of captionLines(parts, width)) {
      expect(line.length * CAPTION.letter).toBeLessThanOrEqual(Math.max(width, 6 * CAPTION.letter));
    }
  }
});
