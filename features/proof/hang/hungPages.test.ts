import { CAPTION, captionLines } from "./hungPages.ts";

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
