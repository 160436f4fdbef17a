import { chance } from "../numeric/chance.ts";
import { bearing, turnBetween } from "./index.ts";

describe("bearings", () => {
  test.each([
    [0, 0],
    [360, 0],
    [-10, 350],
    [725, 5],
    [-1e-17, 0],
    [-720, 0],
  ])("%d° is %d°", (degrees, same) => expect(bearing(degrees)).toBe(same));

  test.each([
    [350, 10, 20],
    [10, 350, -20],
    [0, 180, -180],
    [90, 90, 0],
    [5, 365, 0],
  ])("from %d° to %d° it is %d°", (from, to, turn) => expect(turnBetween(from, to)).toBe(turn));

  test("turned by what lies between, one is the other (seeded)", () => {
    const random = chance(3);
    for (let i = 0; i < 500; i++) {
      const [from, to] = [2000 * random() - 1000, 2000 * random() - 1000];
      const turn = turnBetween(from, to);
      expect(turn).toBeGreaterThanOrEqual(-180);
      expect(turn).toBeLessThan(180);
      expect(Math.abs(turnBetween(from + turn, to))).toBeLessThan(1e-9);
    }
  });

  test("what is not finite stays unknown", () => {
    expect(bearing(Number.NaN)).toBeNaN();
    expect(turnBetween(0, Number.POSITIVE_INFINITY)).toBeNaN();
  });
});
