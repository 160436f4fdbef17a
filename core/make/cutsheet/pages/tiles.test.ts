import fc from "fast-check";
import { type LineMark, line, type Mark } from "../../../basis/drawing/index.ts";
import { layOut, PAPERS, type Paper, type Part } from "../index.ts";

const [A4, LETTER] = PAPERS as readonly [Paper, Paper];
const TITLE = { camera: "Map tube", date: "1 May 2026" };

/** A part with one straight cut across it. */
function partWith(width: number, height: number, cut: LineMark): Part {
  return { id: "p", name: "Part", of: "card", width, height, marks: [cut] };
}

const lengthOf = (mark: Mark): number => {
  if (mark.kind !== "line") return 0;
  return mark.points.slice(1).reduce((sum, b, i) => {
    const a = mark.points[i] ?? b;
    return sum + Math.hypot(b.x - a.x, b.y - a.y);
  }, 0);
};

describe("tiles of parts larger than the paper", () => {
  test.each([A4, LETTER])("$name: every bit of a line is printed, overlaps twice, nothing is stretched", (paper) => {
    const size = fc.double({ min: 260, max: 900, noNaN: true });
    fc.assert(
      fc.property(size, size, (width, height) => {
        // Straight across at mid height, where only the columns’ overlaps are printed twice.
        const y = 60;
        const pages = layOut([partWith(width, height, line("trim", { x: 0, y }, { x: width, y }))], paper, TITLE);
        const printed = pages.flatMap(({ scene }) => scene.marks).filter(({ layer }) => layer === "trim");
        const area = paper.width - 26;
        const columns = Math.ceil((width - 10) / (area - 10));
        const total = printed.reduce((sum, mark) => sum + lengthOf(mark), 0);
        expect(total).toBeCloseTo(width + 10 * (columns - 1), 6);
        for (const mark of printed) expect(lengthOf(mark)).toBeLessThanOrEqual(area + 1e-9);
      }),
      { seed: 95, numRuns: 60 },
    );
  });

  test("a part that fits only lying on its side is turned, not tiled; small parts share a page", () => {
    const wide = partWith(240, 100, line("trim", { x: 0, y: 0 }, { x: 240, y: 0 }));
    const pages = layOut([wide], A4, TITLE);
    expect(pages).toHaveLength(1);
    const [cut] = pages.flatMap(({ scene }) => scene.marks).filter(({ layer }) => layer === "trim");
    expect(cut && lengthOf(cut)).toBeCloseTo(240, 9);
    const small = Array.from({ length: 6 }, (_, i) => ({
      ...partWith(60, 40, line("trim", { x: 0, y: 0 }, { x: 60, y: 0 })),
      id: String(i),
    }));
    expect(layOut(small, A4, TITLE)).toHaveLength(1);
  });

  test("parts on one page never lie on each other", () => {
    const sides = fc.array(
      fc.record({ width: fc.integer({ min: 10, max: 180 }), height: fc.integer({ min: 10, max: 240 }) }),
      { minLength: 2, maxLength: 9 },
    );
    fc.assert(
      fc.property(sides, (parts) => {
        const drawn = parts.map(({ width, height }, i) => ({
          ...partWith(width, height, {
            kind: "line",
            layer: "trim",
            closed: true,
            points: [
              { x: 0, y: 0 },
              { x: width, y: 0 },
              { x: width, y: height },
              { x: 0, y: height },
            ],
          }),
          id: String(i),
        }));
        for (const { scene } of layOut(drawn, A4, TITLE)) {
          const boxes = scene.marks.flatMap((mark) => {
            if (mark.kind !== "line" || mark.layer !== "trim") return [];
            const [xs, ys] = [mark.points.map(({ x }) => x), mark.points.map(({ y }) => y)];
            return [{ left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) }];
          });
          for (const [i, a] of boxes.entries()) {
            for (const b of boxes.slice(i + 1)) {
              const apart = a.right <= b.left || b.right <= a.left || a.bottom <= b.top || b.bottom <= a.top;
              expect(apart).toBe(true);
            }
          }
        }
      }),
      { seed: 96, numRuns: 80 },
    );
  });
});
