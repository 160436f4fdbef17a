import { KINDS, testCamera } from "../../../testing/cameras.ts";
import { cutOrderFor } from "../../../testing/cutOrders.ts";
import { billOfMaterials, cutParts, drawnPart, materialsOf, onStock } from "../index.ts";

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
  ])(
    "of %i × %i mm: every part of every material as often as it is needed, on a sheet or said to be too large",
    (width, height) => {
      const all = materialsOf(parts).map((of) => onStock(parts, { of, width, height }));
      const tooLarge = all.flatMap((plan) => plan.tooLarge.map(({ id }) => id));
      const placed = all.flatMap((plan) => plan.parts.map(({ id }) => id));
      for (const { id, count = 1 } of parts) {
        const isLarge = tooLarge.includes(id);
        expect([id, placed.filter((each) => each === id).length]).toEqual([id, isLarge ? 0 : count]);
      }
      expect(tooLarge.length).toBe(new Set(tooLarge).size);
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
    },
  );
});

test.each([
  // A drum of two tiers with four sectors each: eight vanes, three discs, a liner a chamber.
  ["drum", { vane: 8, disc: 3, liner: 8 }],
  ["slanted-box", { slope: 2, "slope-board": undefined }],
  ["curved-box", { stop: 2 }],
] as const)("a %s needs some parts several times, and its bill has the card for all of them", (kind, counts) => {
  const order = cutOrderFor(testCamera(kind));
  const parts = cutParts(order);
  for (const [id, count] of Object.entries(counts))
    expect([id, parts.find((each) => each.id === id)?.count]).toEqual([id, count]);
  const bill = billOfMaterials(order, 1);
  const needed = parts.filter(({ of, id }) => of === "card" && id !== "wall" && id !== "face");
  const sheets = bill.find(({ id }) => id === "card")?.amount ?? 0;
  const area = needed
    .filter(({ width, height }) => Math.max(width, height) <= 297 && Math.min(width, height) <= 210)
    .reduce((sum, { width, height, count = 1 }) => sum + width * height * count, 0);
  expect(sheets).toBeGreaterThanOrEqual(area / (297 * 210));
  for (const { id, count = 1, width, height } of needed)
    if (Math.max(width, height) > 297 || Math.min(width, height) > 210)
      expect(bill.find((row) => row.id === `large-${id}`)?.amount).toBe(count);
});

test("two of a part take two places of a sheet: 18 × 118 mm stops on stock that holds one are two sheets", () => {
  const stops = cutParts(cutOrderFor(testCamera("curved-box"))).filter(({ id }) => id === "stop");
  expect(onStock(stops, { of: "card", width: 70, height: 140 }).sheets).toBe(2);
});
