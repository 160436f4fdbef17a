import { foundBy } from "./foundBy.ts";

test.each([
  ["How long in rain?", "rain", ["wet"], 1],
  ["How long in rain?", "RAI", [], 1],
  ["How long in rain?", "wet", ["wet"], 1],
  // Letters strewn over other words are no find.
  ["Practise developing", "rain", [], 0],
  ["Go to the trays", "rays", [], 0.4],
  ["Hat box: take to the Field", "field hat", [], 1],
  ["Hat box: take to the Field", "field tin", [], 0],
  ["Anything", "", [], 1],
])("%s, typed “%s”", (name, typed, also, score) => {
  expect(foundBy(name, typed, also)).toBe(score);
});
