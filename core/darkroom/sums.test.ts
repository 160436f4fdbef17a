import fc from "fast-check";
import { bottleState, clipTest, sheetsLeft, usedShare } from "./bottle/index.ts";
import { dilutionWords, mixStock, mixVolume, parseDilution } from "./dilution/index.ts";
import { flashFromStrip, stripCounts, stripTimes } from "./strip/index.ts";
import { temperatureDoubt, temperatureFactor } from "./temperature/index.ts";

describe("dilution 1+n", () => {
  // Mixing tables as they are printed on labels and in darkroom handbooks (from memory): n, volume, stock, water, ml.
  test.each([
    [9, 500, 50, 450],
    [9, 1000, 100, 900],
    [4, 1000, 200, 800],
    [19, 1000, 50, 950],
    [3, 600, 150, 450],
    [1, 250, 125, 125],
    [14, 300, 20, 280],
    [0, 500, 500, 0],
  ])("1+%d in %d ml: %d + %d (PHYSICS section 13 and printed tables)", (n, volume, stock, water) => {
    const mixed = mixVolume(n, volume);
    expect(mixed.stock).toBeCloseTo(stock, 9);
    expect(mixed.water).toBeCloseTo(water, 9);
    expect(mixStock(n, stock).volume).toBeCloseTo(volume, 9);
  });
  test("both ways are one sum", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 1, max: 1e4, noNaN: true }),
        (n, v) => {
          const there = mixVolume(n, v);
          expect(there.stock + there.water).toBeCloseTo(v, 6);
          expect(mixStock(n, there.stock).water).toBeCloseTo(there.water, 6);
        },
      ),
      { seed: 1 },
    );
  });
  test.each([
    ["1+9", 9],
    [" 1 + 9 ", 9],
    ["2+7", 3.5],
    ["9", 9],
    ["stock", 0],
    ["0", 0],
    ["1+0", 0],
  ])("“%s” is read", (text, water) => expect(parseDilution(text)).toEqual({ ok: true, value: water }));
  test.each(["", "1+", "+9", "1:9", "one", "1+9+1", "0+9", "1+5000"])(
    "“%s” is refused with what is allowed",
    (text) => {
      const parsed = parseDilution(text);
      expect(!parsed.ok && parsed.error).toMatch(/like 1\+9/);
    },
  );
  test("is written as it is read", () => {
    for (const water of [0, 1, 3.5, 9, 31]) {
      expect(parseDilution(dilutionWords(water))).toEqual({ ok: true, value: water });
    }
  });
});

describe("time by temperature", () => {
  // Q = 2.2 for 10 °C, stated pairs (PHYSICS section 13): 60 s at 20 °C.
  test.each([
    [20, 60],
    [30, 60 / 2.2],
    [10, 60 * 2.2],
    [24, 43.77],
    [18, 70.25],
  ])("at %d °C, %d s", (celsius, seconds) => expect(60 * temperatureFactor(celsius)).toBeCloseTo(seconds, 1));
  test("another Q is another time, and outside 18 to 24 °C it is doubted", () => {
    expect(temperatureFactor(30, 3)).toBeCloseTo(1 / 3, 12);
    expect([17.9, 18, 21, 24, 24.1].map((t) => temperatureDoubt(t) === null)).toEqual([false, true, true, true, false]);
  });
});

describe("what a bottle bears", () => {
  const bottle = { volumeMl: 500, capacityCm2: 10_000, keepsDays: 10, usedCm2: 1000 };
  test("share, sheets left, and a warning before a tired bath spoils one", () => {
    expect(usedShare(bottle)).toBeCloseTo(0.2, 12);
    expect(sheetsLeft(bottle, 129)).toBe(31);
    expect(sheetsLeft({ ...bottle, usedCm2: 9000 }, 129)).toBe(0);
    expect(bottleState(bottle, 129, 1)).toBe("fresh");
    expect(bottleState({ ...bottle, usedCm2: 3950 }, 129, 1)).toBe("low");
    expect(bottleState({ ...bottle, usedCm2: 4900 }, 129, 1)).toBe("spent");
    // The last sheet it bears is not refused by rounding.
    expect(bottleState({ ...bottle, usedCm2: 5000 - 129 }, 129, 1)).not.toBe("spent");
    expect([bottleState(bottle, 0, 9), bottleState(bottle, 0, 11)]).toEqual(["low", "spent"]);
  });
  test("clip test: spent at twice the fresh time (common practice)", () => {
    expect([30, 44, 45, 59, 60].map((seconds) => clipTest(30, seconds))).toEqual([
      "good",
      "good",
      "tired",
      "tired",
      "spent",
    ]);
  });
});

describe("test strips", () => {
  test("even: a card moved each second; in stops: t₀·2^(k·step); each counted for what it gets more (PHYSICS section 11)", () => {
    expect(stripTimes({ kind: "even", step: 1 }, 4).map(({ total }) => total)).toEqual([1, 2, 3, 4]);
    const half = stripTimes({ kind: "stops", first: 2, stops: 0.5 }, 5);
    expect(half.map(({ total }) => total)).toEqual(
      [2, 2 * Math.SQRT2, 4, 4 * Math.SQRT2, 8].map((t) => expect.closeTo(t, 9)),
    );
    expect(half.map(({ further }) => further)).toEqual(
      [2, 0.8284, 1.1716, 1.6569, 2.3431].map((t) => expect.closeTo(t, 4)),
    );
  });
  test("counted in their order, every strip lay open for its total", () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.record({ kind: fc.constant("even" as const), step: fc.double({ min: 0.1, max: 60, noNaN: true }) }),
          fc.record({
            kind: fc.constant("stops" as const),
            first: fc.double({ min: 0.1, max: 60, noNaN: true }),
            stops: fc.double({ min: 0.1, max: 2, noNaN: true }),
          }),
        ),
        fc.integer({ min: 1, max: 9 }),
        (plan, count) => {
          const times = stripTimes(plan, count);
          const counts = stripCounts(times);
          for (const { number, total } of times) {
            const open = counts.filter((each) => each.open.includes(number));
            expect(open.reduce((sum, { seconds }) => sum + seconds, 0)).toBeCloseTo(total, 6);
          }
          // What is uncovered stays uncovered.
          expect(counts.map(({ open }) => open.length)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
        },
      ),
      { seed: 3 },
    );
  });
  test("a flash is eight tenths of the greatest dose that shows nothing (PHYSICS section 13)", () => {
    const times = stripTimes({ kind: "even", step: 1 }, 6);
    expect(flashFromStrip(times, 5)).toBeCloseTo(3.2, 12);
    expect(flashFromStrip(times, null)).toBeCloseTo(4.8, 12);
    expect(flashFromStrip(times, 1)).toBeNull();
  });
});
