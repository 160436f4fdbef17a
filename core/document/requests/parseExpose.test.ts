import { parseExpose } from "../index.ts";

const GOOD = {
  fNumber: 226,
  iso: 6,
  longTime: { kind: "none" },
  light: { ev: 15 },
  keys: { camera: "a", medium: "m", light: "full-sun" },
  judged: [{ camera: "a", meteredSeconds: 26, usedSeconds: 20, correction: 0.7, longTime: { kind: "none" } }],
};

function with_(path: string, value: unknown): unknown {
  const copy = structuredClone(GOOD) as Record<string, unknown>;
  const names = path.split("/").slice(1);
  const last = names.pop() as string;
  const target = names.reduce<Record<string, unknown>>((at, name) => at[name] as Record<string, unknown>, copy);
  if (value === undefined) delete target[last];
  else target[last] = value;
  return copy;
}

test("the least that is asked, and all that may be given, pass", () => {
  expect(parseExpose({ fNumber: 16, iso: 100, light: { ev: -20 } }).ok).toBe(true);
  expect(parseExpose(GOOD).ok).toBe(true);
  expect(parseExpose(with_("/light", { seconds: 1, fNumber: 16, iso: 100, offset: -20 })).ok).toBe(true);
  for (const longTime of [
    { kind: "power", exponent: 0.5 },
    { kind: "added", factor: 0, exponent: 1.5 },
    {
      kind: "table",
      entries: [
        [1, 1],
        [10, 15],
      ],
    },
  ]) {
    expect(parseExpose(with_("/longTime", longTime)).ok).toBe(true);
  }
});

test.each([
  ["/fNumber", undefined, "/fNumber", /required/],
  ["/fNumber", 0, "/fNumber", /above 0/],
  ["/fNumber", "226", "/fNumber", /number/],
  ["/iso", -1, "/iso", /above 0/],
  ["/light", undefined, "/light", /required/],
  ["/light", {}, "/light/ev", /required/],
  ["/light/ev", 31, "/light/ev", /30 or less/],
  ["/light/ev", -20.1, "/light/ev", /-20 or more/],
  ["/light", { seconds: 1, iso: 100 }, "/light/fNumber", /required/],
  ["/light", { seconds: 0, fNumber: 16, iso: 100 }, "/light/seconds", /above 0/],
  ["/light", { seconds: 1, fNumber: 16, iso: 100, offset: 21 }, "/light/offset", /20 or less/],
  ["/longTime", { kind: "magic" }, "/longTime/kind", /"none" or "power" or "added" or "table"/],
  ["/longTime", null, "/longTime", /object/],
  ["/longTime", { kind: "power" }, "/longTime/exponent", /required/],
  ["/longTime", { kind: "power", exponent: 0 }, "/longTime/exponent", /above 0/],
  ["/longTime", { kind: "added", factor: -1, exponent: 1 }, "/longTime/factor", /0 or more/],
  ["/longTime", { kind: "table", entries: [[1, 1]] }, "/longTime/entries", /at least 2/],
  ["/longTime", { kind: "table", entries: [[1, 1], [2]] }, "/longTime/entries/1", /at least 2/],
  [
    "/longTime",
    {
      kind: "table",
      entries: [
        [1, 2],
        [3, 4],
      ],
    },
    "/longTime/entries/0",
    /stays as it is/,
  ],
  [
    "/longTime",
    {
      kind: "table",
      entries: [
        [1, 1],
        [1, 4],
      ],
    },
    "/longTime/entries/1",
    /larger in both/,
  ],
  ["/keys", { camera: 3 }, "/keys/camera", /text/],
  ["/judged", {}, "/judged", /list/],
  ["/judged/0/meteredSeconds", undefined, "/judged/0/meteredSeconds", /required/],
  ["/judged/0/usedSeconds", 0, "/judged/0/usedSeconds", /above 0/],
  ["/judged/0/correction", -21, "/judged/0/correction", /-20 or more/],
  ["/judged/0/spoilt", "no", "/judged/0/spoilt", /true or false/],
  [
    "/judged/0/longTime",
    {
      kind: "table",
      entries: [
        [1, 1],
        [3, 2],
        [4, 1],
      ],
    },
    "/judged/0/longTime/entries/2",
    /larger/,
  ],
])("%s = %j is refused at %s, with what is allowed", (path, value, at, words) => {
  const parsed = parseExpose(with_(path, value));
  expect(parsed.ok).toBe(false);
  if (!parsed.ok) expect(parsed.error).toContainEqual({ path: at, message: expect.stringMatching(words) });
});
