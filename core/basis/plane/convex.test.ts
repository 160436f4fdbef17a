import { isConvex, type Quad } from "./index.ts";

const quad = (...points: readonly (readonly [number, number])[]): Quad =>
  points.map(([x, y]) => ({ x, y })) as unknown as Quad;
const square = quad([0, 0], [10, 0], [10, 10], [0, 10]);

test("a figure that goes round clockwise without a turn back is one; crossed, turned round, dented or too small it is none", () => {
  expect(isConvex(square)).toBe(true);
  expect(isConvex(quad([0, 0], [10, 1], [9, 10], [1, 8]))).toBe(true);
  expect(isConvex(quad([0, 0], [0, 10], [10, 10], [10, 0]))).toBe(false);
  expect(isConvex(quad([0, 0], [10, 10], [10, 0], [0, 10]))).toBe(false);
  expect(isConvex(quad([0, 0], [10, 0], [3, 3], [0, 10]))).toBe(false);
  // Each corner of a square spans 100: twice the triangle of three corners.
  expect([isConvex(square, 99), isConvex(square, 100)]).toEqual([true, false]);
});
