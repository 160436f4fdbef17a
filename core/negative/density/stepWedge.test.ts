import { stepWedge } from "./stepWedge.ts";

const PAPER = { least: 0.05, most: 2.05, range: 110, iso: 6 };

describe("the step wedge of a paper", () => {
  const even = { least: -3, most: 3, shares: Array.from({ length: 120 }, () => 1 / 120) };

  test("goes from its first grey to its last in eleven even steps; each is darker than the one before", () => {
    const { from, to, steps } = stepWedge(PAPER, even);
    expect(steps).toHaveLength(11);
    steps.slice(1).forEach(({ log, density }, i) => {
      expect(log - (steps[i]?.log ?? 0)).toBeCloseTo((to - from) / 11, 9);
      expect(density).toBeGreaterThan(steps[i]?.density ?? 9);
    });
    expect(steps[0]?.density).toBeLessThan(0.2);
    expect(steps[10]?.density).toBeGreaterThan(1.85);
    // 110 hundredths of a decade between 0.04 and 90 % of the range (PHYSICS section 9): the whole is a little more.
    expect(to - from).toBeGreaterThan(1.1);
    expect(to - from).toBeLessThan(1.9);
  });

  test("counts all of the sheet, what lies beyond an end with it; mid-grey is no stop off", () => {
    const { from, to, steps } = stepWedge(PAPER, even);
    expect(steps.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    const inside = (to - from) / 11 / 6;
    expect(steps[5]?.share).toBeCloseTo(inside, 2);
    expect(steps[0]?.share).toBeGreaterThan(2 * inside);
    const dark = stepWedge(PAPER, { least: -9, most: -8, shares: [1] });
    expect(dark.steps.map(({ share }) => share)).toEqual([1, ...Array.from({ length: 10 }, () => 0)]);
    const grey = steps.reduce((best, step) => (Math.abs(step.stops) < Math.abs(best.stops) ? step : best));
    expect(grey.density).toBeGreaterThan(0.45);
    expect(grey.density).toBeLessThan(0.9);
  });

  test("of a direct positive grows lighter", () => {
    const { steps } = stepWedge({ ...PAPER, positive: true }, even);
    expect(steps[0]?.density ?? 0).toBeGreaterThan(steps[10]?.density ?? 9);
  });
});
