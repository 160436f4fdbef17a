import { isPaused } from "./openTime.ts";
import { invertedTones, printedExposure, printedOut } from "./printingOut.ts";

describe("printing out", () => {
  test("a clear hour gives half of what there is, two three quarters; the way back is exact (PHYSICS section 14)", () => {
    expect([0, 1, 2].map(printedOut)).toEqual([0, 0.5, 0.75]);
    for (const exposure of [0.01, 0.4, 1, 3, 6])
      expect(printedExposure(printedOut(exposure))).toBeCloseTo(exposure, 10);
  });

  test("black beyond telling, and what is lighter than blank, keep to the ends", () => {
    expect(printedExposure(1)).toBe(printedExposure(0.99));
    expect(printedExposure(0.99)).toBeCloseTo(Math.log2(100), 10);
    expect(printedExposure(-0.2)).toBeCloseTo(0, 12);
  });
});

test("an inverted scan goes from black to white between its ends, a few odd pixels at either end apart", () => {
  const sheet = [-5, ...Array.from({ length: 1999 }, (_, i) => 0.1 + (0.4 * i) / 1998), 9];
  const tone = invertedTones(sheet);
  expect(tone(0.3)).toBeCloseTo(0.5, 2);
  expect([tone(-5), tone(0.1), tone(0.5), tone(9)]).toEqual([0, 0, 1, 1]);
  expect(invertedTones([0.2, 0.2])(0.2)).toBe(0);
});

test("a hole is covered while its last pause has no end", () => {
  const span = (pauses: { fromMs: number; untilMs: number | null }[]) => ({ openedMs: 0, closedMs: null, pauses });
  expect(isPaused(span([]))).toBe(false);
  expect(isPaused(span([{ fromMs: 5, untilMs: 9 }]))).toBe(false);
  expect(
    isPaused(
      span([
        { fromMs: 5, untilMs: 9 },
        { fromMs: 12, untilMs: null },
      ]),
    ),
  ).toBe(true);
});
