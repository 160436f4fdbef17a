import { drawer } from "./drawer.ts";
import { holeWays } from "./holeWays.ts";
import { plates } from "./plates.ts";
import { tools } from "./tools.ts";

describe("tools", () => {
  test.each([
    [80, 0.3429],
    [78, 0.4064],
    [76, 0.508],
    [70, 0.7112],
    [60, 1.016],
  ])("number drill %i is %f mm (ANSI B94.11M, as PHYSICS section 8 gives it in inches)", (number, mm) => {
    expect(tools.find(({ id }) => id === `drill-${number}`)?.shaft).toBeCloseTo(mm, 10);
  });
  test("drill sizes rise as their numbers fall; every row has its source", () => {
    const drills = tools.filter(({ kind }) => kind === "drill").map(({ shaft }) => shaft);
    expect(tools.filter(({ source }) => /number drills/.test(source))).toHaveLength(21);
    expect([...drills].sort((a, b) => a - b)).toEqual(drills);
    for (const { source, shaft } of tools) expect(source.length > 5 && shaft > 0.1 && shaft <= 2).toBe(true);
  });
  test("every way suits plates that exist, and pushing and sanding carry their caution", () => {
    const known = plates.map(({ id }) => id);
    for (const way of holeWays) {
      for (const plate of way.plates) expect(known).toContain(plate);
      if (way.id !== "bought") expect(way.steps.some(({ caution }) => caution !== undefined)).toBe(true);
    }
  });
  test("six plates to practise on, of known truth", () => {
    expect(drawer).toHaveLength(6);
    for (const { sample } of drawer) expect(sample.diameter > 0.1 && sample.axisRatio <= 1).toBe(true);
  });
});
