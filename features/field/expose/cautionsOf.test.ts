import { cautionsOf } from "./cautionsOf.ts";

const NOW = Date.parse("2026-11-30T12:00:00Z");

test.each([
  [{ flash: false, at: null }, []],
  [{ flash: false, at: "2026-11-30T11:30:00Z" }, []],
  [{ flash: false, at: "2026-11-30T12:03:00Z" }, []],
  [{ flash: true, at: null }, [/flash fired/]],
  [{ flash: false, at: "2026-11-30T10:45:00Z" }, [/taken 1 hour ago/]],
  [{ flash: false, at: "2026-11-27T12:00:00Z" }, [/taken 3 days ago/]],
  [{ flash: true, at: "2023-11-30T12:00:00Z" }, [/flash/, /taken 3 years ago/]],
  [{ flash: false, at: "2027-01-01T12:00:00Z" }, [/later than now/]],
] as const)("%j", (taken, words) => {
  expect(cautionsOf(taken, NOW)).toEqual(words.map((each) => expect.stringMatching(each)));
});
