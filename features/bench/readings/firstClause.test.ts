import { firstClause } from "./firstClause.ts";

test.each([
  ["Yours of 6.35 mm stays clear of the light.", "Yours of 6.35 mm stays clear of the light.", ""],
  ["150° corner to corner. Wide: step closer.", "150° corner to corner.", "Wide: step closer."],
  [
    "0.26 mm is best; from 0.23 mm it looks the same; 0.3 will do.",
    "0.26 mm is best.",
    "From 0.23 mm it looks the same; 0.3 will do.",
  ],
  ["", "", ""],
])("the first clause of “%s” stands alone", (words, first, rest) => {
  expect(firstClause(words)).toEqual([first, rest]);
});
