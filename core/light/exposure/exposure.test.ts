import fc from "fast-check";
import {
  correctedTime,
  lightFromTime,
  meteredTime,
  type ReciprocityRule,
  timeFromLight,
  timeFromMeter,
} from "./index.ts";

describe("time from a meter", () => {
  test("2 s at f/90.8, camera f/240: 13.97 s (PHYSICS section 3; 14 s, common practice)", () => {
    expect(timeFromMeter({ seconds: 2, fNumber: 90.8, iso: 12, offset: 0 }, 240, 12)).toBeCloseTo(13.97, 2);
  });

  test("f/22 → f/177 is × 64.73 (PHYSICS section 3)", () => {
    expect(timeFromMeter({ seconds: 1, fNumber: 22, iso: 6, offset: 0 }, 177, 6)).toBeCloseTo(64.73, 2);
  });

  test("half the ISO doubles the time, an offset of one stop doubles it", () => {
    const base = timeFromMeter({ seconds: 1, fNumber: 16, iso: 100, offset: 0 }, 200, 100);
    expect(timeFromMeter({ seconds: 1, fNumber: 16, iso: 100, offset: 1 }, 200, 50)).toBeCloseTo(4 * base, 9);
  });
});

describe("time from the light table", () => {
  test("EV and time are each other’s inverse (ISO 2720:1974)", () => {
    for (const ev of [5, 8, 12, 15, 16]) {
      expect(lightFromTime(timeFromLight(ev, 250, 6), 250, 6)).toBeCloseTo(ev, 12);
    }
  });

  test("one EV less is twice the time", () => {
    expect(timeFromLight(14, 300, 6) / timeFromLight(15, 300, 6)).toBeCloseTo(2, 12);
  });
});

const RULES: readonly (readonly [string, ReciprocityRule])[] = [
  ["none", { kind: "none" }],
  ["power", { kind: "power", exponent: 1.3 }],
  ["added", { kind: "added", factor: 0.1, exponent: 1.4 }],
  ["added, small exponent", { kind: "added", factor: 2, exponent: 0.5 }],
  [
    "table",
    {
      kind: "table",
      entries: [
        [1, 1],
        [10, 15],
        [100, 300],
      ],
    },
  ],
];

describe.each(RULES)("long times, %s", (_, rule) => {
  const time = fc.double({ min: 1e-3, max: 1e6, noNaN: true });

  test("is inverted to 1e-9 of itself", () => {
    fc.assert(
      fc.property(time, (seconds) => {
        const back = meteredTime(correctedTime(seconds, rule).seconds, rule);
        expect(Math.abs(back / seconds - 1)).toBeLessThan(1e-9);
      }),
      { seed: 61 },
    );
  });

  test("never falls, and has no jump", () => {
    fc.assert(
      fc.property(time, (seconds) => {
        const [here, next] = [correctedTime(seconds, rule).seconds, correctedTime(seconds * (1 + 1e-9), rule).seconds];
        expect(next).toBeGreaterThanOrEqual(here);
        expect(next / here - 1).toBeLessThan(1e-7);
      }),
      { seed: 62 },
    );
  });
});

test("Schwarzschild: 10 s with p = 1.3 becomes 10^1.3 = 19.95 s; short times stay", () => {
  expect(correctedTime(10, { kind: "power", exponent: 1.3 }).seconds).toBeCloseTo(19.953, 3);
  expect(correctedTime(0.5, { kind: "power", exponent: 1.3 }).seconds).toBe(0.5);
});

test("a table is exact at its entries, unchanged below, goes on with its last slope beyond and says so", () => {
  const rule: ReciprocityRule = {
    kind: "table",
    entries: [
      [1, 1],
      [10, 15],
      [100, 300],
    ],
  };
  expect(correctedTime(0.2, rule)).toEqual({ seconds: 0.2, pastTable: false });
  expect(correctedTime(10, rule).seconds).toBeCloseTo(15, 9);
  expect(correctedTime(100, rule)).toEqual({ seconds: expect.closeTo(300, 9), pastTable: false });
  expect(correctedTime(1000, rule)).toEqual({ seconds: expect.closeTo(6000, 6), pastTable: true });
});
