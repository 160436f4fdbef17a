import { usualPaper } from "./printer.ts";

test.each([
  ["en-US", "letter"],
  ["es-MX", "letter"],
  ["fr-CA", "letter"],
  ["en", "letter"],
  ["en-GB", "a4"],
  ["", "a4"],
  ["fr", "a4"],
  ["de-CH", "a4"],
  ["ja", "a4"],
])("%s: %s", (language, paper) => expect(usualPaper(language)).toBe(paper));
