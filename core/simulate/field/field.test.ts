import { practiceReading } from "./index.ts";

test("the practice meter shows third stops, is off by its offset, and errs by its noise only", () => {
  const at = (gauss: number, offset = 0) => practiceReading({ offset, noise: 0.12 }, 12, 16, 100, gauss);
  expect(at(0)).toBeCloseTo(2 ** (8 - 12), 12);
  // Its times want so many stops added.
  expect(at(0, 2) * 2 ** 2).toBeCloseTo(at(0), 12);
  for (const gauss of [-3, -1, 0.4, 3]) expect(Math.abs(Math.log2(at(gauss) / at(0)))).toBeLessThanOrEqual(2 / 3);
  expect(Number.isInteger(Math.round(3 * Math.log2(at(1.7)) * 1e9) / 1e9)).toBe(true);
});
