import type { Negative } from "../../../core/document/index.ts";
import { arranged, withMoved } from "./arranged.ts";

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
