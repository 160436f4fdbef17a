import { textWidth } from "../../../core/basis/drawing/index.ts";
import { CAPTION, captionLines } from "./hungPages.ts";

test("a caption goes in two lines no wider than its picture; its end is left out first, a long word is cut", () => {
  const parts = ["Water butt", "Nine canisters", "f/178", "9 s", "9 May 2026"];
  expect(captionLines(parts, 200)).toEqual(["Water butt · Nine canisters · f/178 · 9 s · 9 May 2026"]);
  expect(captionLines(parts, 45)).toEqual(["Water butt · Nine canisters · f/178 · 9 s", "9 May 2026"]);
  expect(captionLines(parts, 24)).toEqual(["Water butt", "Nine canisters"]);
  expect(captionLines(["The scarecrow by the cold frames"], 24)).toEqual([
    expect.stringMatching(/^The scarecrow by.*…$/),
  ]);
  expect(CAPTION.size).toBeGreaterThanOrEqual(2.5);
  for (const width of [10, 24, 45, 200]) {
    for (const line of captionLines(parts, width)) {
      expect(textWidth(line, CAPTION.size, "label")).toBeLessThanOrEqual(width);
    }
  }
});
