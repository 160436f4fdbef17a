import { KINDS, testCamera } from "../../testing/cameras.ts";
import { cutOrderFor } from "../../testing/cutOrders.ts";
import { cutParts, drawnPart, materialsOf, onStock } from "./index.ts";

/** Least and most of the closed cuts of a drawing. */
function reach(marks: ReturnType<typeof onStock>["marks"]) {
  const points = marks.flatMap((mark) => (mark.kind === "line" && mark.layer !== "guide" ? mark.points : []));
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), foot: Math.max(...ys) };
}

describe.each(KINDS)("a %s on stock", (kind) => {
  const parts = cutParts(cutOrderFor(testCamera(kind)));
  test.each([
    [900, 600],
    [300, 200],
    [60, 60],
  ])("of %i × %i mm: every part of every material once, on a sheet or said to be too large", (width, height) => {
    const all = materialsOf(parts).map((of) => onStock(parts, { of, width, height }));
    const ids = all.flatMap((plan) => [...plan.parts, ...plan.tooLarge].map(({ id }) => id));
    expect(ids.sort()).toEqual(parts.map(({ id }) => id).sort());
    for (const plan of all) {
      expect(plan.sheets > 0).toBe(plan.parts.length > 0);
      for (const { of } of plan.parts) expect(of).toBe(plan.parts[0]?.of);
      for (const part of plan.tooLarge) {
        const { bounds } = drawnPart(part);
        expect(Math.max(bounds.width, bounds.height) > Math.min(width, height) - 10).toBe(true);
      }
      if (plan.parts.length === 0) continue;
      const { left, right, top, foot } = reach(plan.marks);
      expect([left >= 5 - 1e-5, top >= 5 - 1e-5, foot <= height - 5 + 1e-5]).toEqual([true, true, true]);
      expect(right).toBeLessThanOrEqual(plan.sheets * (width + 20) - 20 - 5 + 1e-5);
    }
  });
});
