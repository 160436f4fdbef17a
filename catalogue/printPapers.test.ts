import { printPapers } from "./printPapers.ts";

const size = (id: string): readonly [number, number] => {
  const { width, height } = printPapers.find((paper) => paper.id === id) ?? { width: 0, height: 0 };
  return [width, height];
};

describe("papers on which pictures are hung", () => {
  test("each has a source, stands upright, and comes once", () => {
    for (const { source, width, height } of printPapers) {
      expect(source).not.toBe("");
      expect(width).toBeLessThan(height);
    }
    expect(new Set(printPapers.map(({ id }) => id)).size).toBe(printPapers.length);
  });

  test("A sizes: each is the next larger one halved across, rounded down (ISO 216:2007, 3.1)", () => {
    for (const [larger, smaller] of [
      ["a2", "a3"],
      ["a3", "a4"],
      ["a4", "a5"],
    ] as const) {
      const [width, height] = size(larger);
      expect(size(smaller)).toEqual([Math.floor(height / 2), width]);
    }
    const [width, height] = size("a4");
    expect(height / width).toBeCloseTo(Math.SQRT2, 2);
  });

  test("inch sizes are exact at 25.4 mm", () => {
    expect(size("letter").map((mm) => mm / 25.4)).toEqual([8.5, 11]);
    for (const [id, inches] of [
      ["in-8x10", [8, 10]],
      ["in-11x14", [11, 14]],
      ["tabloid", [11, 17]],
    ] as const) {
      for (const [i, mm] of size(id).entries()) expect(mm / 25.4).toBeCloseTo(inches[i] ?? 0, 9);
    }
  });
});
