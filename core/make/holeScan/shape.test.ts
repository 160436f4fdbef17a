import { outlineShape } from "./index.ts";

function ellipse(long: number, short: number, count = 2000): { x: number; y: number }[] {
  return Array.from({ length: count }, (_, i) => {
    const angle = (2 * Math.PI * i) / count;
    return { x: 7 + long * Math.cos(angle), y: -3 + short * Math.sin(angle) };
  });
}

/** Perimeter by the complete elliptic integral, through the arithmetic–geometric mean (Abramowitz & Stegun 17.6). */
function perimeter(a: number, b: number): number {
  let [x, y, sum, power] = [a, b, a * a - (a * a - b * b) / 2, 1];
  while (Math.abs(x - y) > 1e-14) {
    const c = (x - y) / 2;
    [x, y] = [(x + y) / 2, Math.sqrt(x * y)];
    power *= 2;
    sum -= (power * c * c) / 2;
  }
  return (2 * Math.PI * sum) / x;
}

describe("outlines in closed form", () => {
  test("a circle: circularity 1, both Feret diameters 2r, no roughness", () => {
    const shape = outlineShape(ellipse(10, 10), 0);
    expect(shape.circularity).toBeCloseTo(1, 5);
    expect(shape.feretLeast).toBeCloseTo(20, 3);
    expect(shape.feretGreatest).toBeCloseTo(20, 3);
    expect(shape.roughness).toBeLessThan(1e-3);
    expect(shape.centre.x).toBeCloseTo(7, 9);
    expect(shape.centre.y).toBeCloseTo(-3, 9);
    expect(shape.burrs).toEqual([]);
  });

  test.each([
    [10, 9],
    [10, 7],
    [12, 5],
  ])("ellipse %f × %f: axes, area, circularity by the complete elliptic integral", (a, b) => {
    const shape = outlineShape(ellipse(a, b), 0);
    expect(shape.axisRatio).toBeCloseTo(b / a, 5);
    expect(shape.area).toBeCloseTo(Math.PI * a * b, 2);
    expect(shape.perimeter).toBeCloseTo(perimeter(a, b), 3);
    expect(shape.circularity).toBeCloseTo((4 * Math.PI * Math.PI * a * b) / perimeter(a, b) ** 2, 5);
    expect(shape.feretGreatest).toBeCloseTo(2 * a, 3);
    expect(shape.feretLeast).toBeCloseTo(2 * b, 3);
    expect(shape.roughness).toBeLessThan(1e-3);
  });

  test("a square: circularity π/4, Feret diameters side and diagonal", () => {
    const side = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9];
    const square = [
      ...side.map((x) => ({ x, y: 0 })),
      ...side.map((y) => ({ x: 10, y })),
      ...side.map((x) => ({ x: 10 - x, y: 10 })),
      ...side.map((y) => ({ x: 0, y: 10 - y })),
    ];
    const shape = outlineShape(square, 0);
    expect(shape.circularity).toBeCloseTo(Math.PI / 4, 9);
    expect(shape.feretLeast).toBeCloseTo(10, 9);
    expect(shape.feretGreatest).toBeCloseTo(10 * Math.SQRT2, 9);
  });

  test("a rim that waves by 0.2 has a roughness of 0.2/√2", () => {
    const wavy = Array.from({ length: 3000 }, (_, i) => {
      const angle = (2 * Math.PI * i) / 3000;
      const r = 10 + 0.2 * Math.sin(17 * angle);
      return { x: r * Math.cos(angle), y: r * Math.sin(angle) };
    });
    expect(outlineShape(wavy, 0).roughness).toBeCloseTo(0.2 / Math.SQRT2, 2);
  });

  test("evening out takes the noise of single points from the perimeter, and leaves a circle its size", () => {
    const noisy = ellipse(40, 40, 800).map(({ x, y }, i) => ({
      x: x + 0.1 * Math.sin(977 * i),
      y: y + 0.1 * Math.cos(631 * i),
    }));
    expect(outlineShape(noisy, 0).circularity).toBeLessThan(0.95);
    const even = outlineShape(noisy, 6);
    expect(even.circularity).toBeGreaterThan(0.995);
    expect(even.feretLeast).toBeGreaterThan(79.5);
    expect(even.feretGreatest).toBeLessThan(80.5);
  });
});
