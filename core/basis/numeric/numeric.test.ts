import fc from "fast-check";
import { bilinear, findRoot, firstWhere, lastWhere, median } from "./index.ts";

const figure = fc.double({ min: -1e6, max: 1e6, noNaN: true });

describe("the median", () => {
  test("of an odd number the middle one, of an even number the upper of the two; none of none", () => {
    expect(median([3, 1, 2])).toBe(2);
    expect(median(Float32Array.of(4, 1, 3, 2))).toBe(3);
    expect(median([])).toBeNaN();
  });

  test("half of the values at most lie on either side of it, and the values stay in their order", () => {
    fc.assert(
      fc.property(fc.array(figure, { minLength: 1 }), (values) => {
        const before = [...values];
        const middle = median(values);
        expect(values).toEqual(before);
        expect(values.filter((value) => value < middle).length).toBeLessThanOrEqual(values.length / 2);
        expect(values.filter((value) => value > middle).length).toBeLessThan(values.length / 2);
      }),
    );
  });
});

describe("between four places", () => {
  test("each corner has its own value", () => {
    const at = (u: number, v: number): number => bilinear(1, 20, 300, 4000, u, v);
    expect([at(0, 0), at(1, 0), at(0, 1), at(1, 1)]).toEqual([1, 20, 300, 4000]);
  });

  test("a plane is drawn as it is, a saddle by its product", () => {
    fc.assert(
      fc.property(
        figure,
        figure,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (a, b, u, v) => {
          expect(bilinear(0, a, b, a + b, u, v)).toBeCloseTo(a * u + b * v, 6);
          expect(bilinear(0, 0, 0, a, u, v)).toBeCloseTo(a * u * v, 6);
        },
      ),
    );
  });
});

describe("halving", () => {
  test("the last place where something holds is on its side, whichever way the row runs", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), fc.boolean(), (edge, turned) => {
        const holds = (x: number): boolean => (turned ? x >= edge : x <= edge);
        const last = turned ? lastWhere(holds, 1, 0, 1e-9) : lastWhere(holds, 0, 1, 1e-9);
        expect(holds(last)).toBe(true);
        expect(Math.abs(last - edge)).toBeLessThanOrEqual(1e-9);
      }),
    );
  });

  test("no width ends where numbers do", () =>
    expect(lastWhere((x) => x * x <= 2, 0, 2, 0)).toBeCloseTo(Math.SQRT2, 15));

  test("the first of a row is as looking through it finds it", () => {
    fc.assert(
      fc.property(fc.nat(40), fc.nat(45), (count, from) => {
        const row = Array.from({ length: count }, (_, i) => i);
        const first = row.find((i) => i >= from) ?? count;
        expect(firstWhere((i) => i >= from, count)).toBe(first);
      }),
    );
  });
});

test("roots: of a cubic (Brent 1973 needs no derivative), of a jump, and the nearer end where there is none", () => {
  expect(findRoot((x) => x ** 3 - 2 * x - 5, 2, 3, 1e-13)).toBeCloseTo(2.0945514815423265, 12);
  expect(findRoot((x) => (x < 0.3 ? -1 : 1), 0, 1, 1e-9)).toBeCloseTo(0.3, 8);
  expect(findRoot((x) => x + 1, 0, 1, 1e-9)).toBe(0);
});
