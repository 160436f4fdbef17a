import type { Point } from "../../../basis/drawing/index.ts";
import { foldedSizes } from "../../../camera/shapes/index.ts";
import { testCamera } from "../../../testing/cameras.ts";
import { cutOrderFor } from "../../../testing/cutOrders.ts";
import { cutParts } from "../index.ts";
import { creases, foldedParts } from "./foldedParts.ts";

const OUTER = { shape: "folded", sheet: 330, paper: 0.25, clearance: 0.5, overlap: 10, wall: 0.5 } as const;

/** A point mirrored on the line through a and b: what a fold does to the card. */
function folded(p: Point, a: Point, b: Point): Point {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const t = ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy);
  return { x: 2 * (a.x + t * dx) - p.x, y: 2 * (a.y + t * dy) - p.y };
}

describe("a box folded from a square", () => {
  const straight = creases(330).slice(0, 8);

  test("330 mm give a base of 116.7 mm and walls of 58.3 mm (PHYSICS section 7)", () => {
    const sizes = foldedSizes(OUTER);
    expect(sizes.base).toBeCloseTo(116.67, 2);
    expect(sizes.wall).toBeCloseTo(58.34, 2);
    expect(sizes.base / sizes.wall).toBeCloseTo(2, 12);
  });

  test("folding the square’s corners on the outer creases brings them to its centre; on the inner ones, walls stand", () => {
    const corners = [
      { x: 0, y: 0 },
      { x: 330, y: 0 },
      { x: 330, y: 330 },
      { x: 0, y: 330 },
    ];
    for (const corner of corners) {
      const landed = straight.map(({ points: [a, b] }) => folded(corner, a as Point, b as Point));
      const atCentre = landed.filter(({ x, y }) => Math.hypot(x - 165, y - 165) < 1e-9);
      expect(atCentre).toHaveLength(1);
    }
    // Distances of the creases from the centre: b (base) and 2b (edge of the folded-in square), b = S√2/8.
    const distances = straight
      .map(({ points: [a, b] }) => {
        const [p, q] = [a as Point, b as Point];
        return Math.abs((q.x - p.x) * (p.y - 165) - (p.x - 165) * (q.y - p.y)) / Math.hypot(q.x - p.x, q.y - p.y);
      })
      .sort((a, b) => a - b);
    const b = (330 * Math.SQRT2) / 8;
    expect(distances.slice(0, 4)).toEqual(Array.from({ length: 4 }, () => expect.closeTo(b, 9)));
    expect(distances.slice(4)).toEqual(Array.from({ length: 4 }, () => expect.closeTo(2 * b, 9)));
  });

  test("every crease ends on the paper’s edge or at a corner of the base", () => {
    for (const { points } of straight) {
      for (const { x, y } of points) {
        expect(Math.min(Math.abs(x), Math.abs(y), Math.abs(x - 330), Math.abs(y - 330))).toBeLessThan(1e-9);
      }
    }
  });

  test("4 mm cut off two sides narrow the inner box by 1.41 mm (PHYSICS section 7)", () => {
    const narrower = foldedSizes({ ...OUTER, sheet: 326 }).base;
    expect(foldedSizes(OUTER).base - narrower).toBeCloseTo(Math.SQRT2, 9);
    const { strip, innerSheet, innerBase, base } = foldedSizes(OUTER);
    expect(strip).toBeGreaterThan(0);
    expect(innerSheet).toBe(330 - strip);
    // The inner box and its two folded walls go into the outer one with the clearance left.
    expect(base - innerBase).toBeCloseTo(2 * 2 * 0.25 + 0.5, 9);
  });

  test("both squares are parts of the cut sheet", () => {
    expect(
      foldedParts(cutOrderFor({ ...testCamera("folded-box"), container: OUTER })).map(({ width }) => width),
    ).toEqual([330, foldedSizes(OUTER).innerSheet]);
  });
});

test.each([
  ["folded-box", true],
  ["roll-carton", false],
  ["matchbox", false],
  ["flat-box", false],
] as const)("film of a %s is cut in the dark against a gauge of its length: %p", (kind, wanted) => {
  const camera = testCamera(kind);
  const [chamber] = camera.chambers;
  const film = kind === "folded-box" ? { ...chamber.film, format: "film-6x9", width: 84, height: 56 } : chamber.film;
  const order = cutOrderFor({ ...camera, chambers: [{ ...chamber, film }] });
  expect(order.plan.piece.offRoll).toBe(wanted ? 84 : null);
  expect(order.plan.loading.steps.includes("gauge")).toBe(wanted);
  const gauge = cutParts(order).find(({ id }) => id === "gauge");
  // Of film whose ends lie under strips more is cut than is seen.
  const held = { ...chamber.film, format: "film-6x9-strips", width: 60, height: 60 };
  const longer = cutOrderFor({ ...camera, chambers: [{ ...chamber, film: held }] });
  expect(longer.plan.piece).toMatchObject({
    width: 60,
    offRoll: chamber.roll == null ? 90 : null,
  });
  // As long as the film and its stop, wider than the film to hold it by.
  expect(gauge === undefined ? null : [gauge.width, gauge.height > film.height]).toEqual(wanted ? [90, true] : null);
});
