import fc from "fast-check";
import { countable, openTime, photographEv, signals, spotEv, toneOf } from "./index.ts";

const PAPER = { least: 0.05, most: 2.05, range: 110 };

describe("what can be counted (issue: ½ s below 5 s, 1 s to a minute, 5 s to ten minutes, then minutes)", () => {
  test.each([
    [0.4, 0.5],
    [0.26, 0.5],
    [3.51, 3.5],
    [4.8, 5],
    [26.04, 26],
    [59.6, 60],
    [73.2, 75],
    [597, 595],
    [599, 600],
    [631, 660],
    [5400, 5400],
  ])("%d s is %d s", (seconds, shown) => expect(countable(seconds)).toBe(shown));

  test("a time no hand can keep stays as it is; rounding never goes down where time goes up, and moves it little", () => {
    expect(countable(1 / 30)).toBe(1 / 30);
    fc.assert(
      fc.property(
        fc.double({ min: 0.25, max: 1e5, noNaN: true }),
        fc.double({ min: 1, max: 2, noNaN: true }),
        (t, up) => {
          expect(countable(t * up)).toBeGreaterThanOrEqual(countable(t));
          expect(Math.abs(Math.log2(countable(t) / t))).toBeLessThanOrEqual(1);
          if (t >= 2) expect(Math.abs(Math.log2(countable(t) / t))).toBeLessThan(1 / 5);
        },
      ),
    );
  });
});

describe("time that the hole was open", () => {
  test("less what it was covered for; a pause that began before the opening counts from there", () => {
    const pauses = [
      { fromMs: 500, untilMs: 2000 },
      { fromMs: 5000, untilMs: null },
    ];
    expect(openTime({ openedMs: 1000, closedMs: null, pauses }, 9000)).toBe(3000);
    expect(openTime({ openedMs: 1000, closedMs: 7000, pauses }, 9000)).toBe(3000);
    expect(openTime({ openedMs: 1000, closedMs: null, pauses: [] }, 400)).toBe(-600);
  });
});

describe("sounds of a count", () => {
  test("the last five seconds and the end; what lies behind is silent", () => {
    expect(signals(60, 0).map(({ at, kind }) => [at, kind])).toEqual([
      [0, "open"],
      [55, "tick"],
      [56, "tick"],
      [57, "tick"],
      [58, "tick"],
      [59, "tick"],
      [60, "end"],
    ]);
    expect(signals(60, 58.5).map(({ at }) => at)).toEqual([59, 60]);
    expect(signals(60, 61)).toEqual([]);
  });

  test("counted in: a tick a second, then the opening; a short count has no tick before it opens", () => {
    expect(signals(3, -3).map(({ at, kind }) => `${at} ${kind}`)).toEqual([
      "-3 tick",
      "-2 tick",
      "-1 tick",
      "0 open",
      "1 tick",
      "2 tick",
      "3 end",
    ]);
  });
});

describe("a photograph as a light meter (PHYSICS section 15)", () => {
  test("EV₁₀₀ = log₂(N²/t·100/S): sunny 16, from memory: f/16 at 1/100 s, ISO 100, is EV 14.64", () => {
    expect(photographEv({ fNumber: 16, seconds: 1 / 100, iso: 100 })).toBeCloseTo(14.644, 3);
    expect(photographEv({ fNumber: 1.8, seconds: 1 / 120, iso: 50 })).toBeCloseTo(Math.log2(1.8 ** 2 * 120 * 2), 12);
  });

  test("a spot lies log₂(Y/0.18) from it, at most three stops", () => {
    expect(spotEv(12, 0.18)).toBe(12);
    expect(spotEv(12, 0.09)).toBeCloseTo(11, 12);
    expect(spotEv(12, 0)).toBe(9);
    expect(spotEv(12, 1.9)).toBe(15);
  });
});

test("tones rise with the light from white to black, mid-grey is grey, and a flash lifts what stayed white", () => {
  const words = [-4, -1.5, 0, 1, 4].map((stops) => toneOf(stops, PAPER, 6).word);
  expect(words).toEqual(["white", "faint", "grey", "dark", "black"]);
  expect(toneOf(0, PAPER, 6).density).toBeCloseTo(0.65, 12);
  const flash = 0.225 * ((Math.PI * 12.5) / 24);
  expect(toneOf(-4, PAPER, 6, flash).density).toBeGreaterThan(toneOf(-4, PAPER, 6).density);
});
