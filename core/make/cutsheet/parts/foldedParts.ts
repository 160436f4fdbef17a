import { type LineMark, line, type Point, rectangle } from "../../../basis/drawing/index.ts";
import type { CutOrder } from "../order.ts";
import { note, type Part } from "./part.ts";

/**
 * The crease pattern of an open box folded from a square: corners to the centre, then the sides to the centre line.
 *
 * In axes turned by 45° the square is |u| + |v| ≤ 4b with b = S√2/8. The corners fold along u, v = ±2b, the sides along
 * u, v = ±b: the base is 2b = S√2/4 wide, the walls b = S√2/8 high, the rest lies over the walls and the base. Where two
 * walls meet, the card folds along the diagonal of their corner.
 *
 * @param side S of the square, mm
 * @returns creases in the square's own coordinates, origin at its upper left corner
 * @source PHYSICS section 7; elementary geometry
 */
export function creases(side: number): readonly LineMark[] {
  const b = (side * Math.SQRT2) / 8;
  const at = (u: number, v: number): Point => ({
    x: side / 2 + (u - v) * Math.SQRT1_2,
    y: side / 2 + (u + v) * Math.SQRT1_2,
  });
  const straight = [-2 * b, -b, b, 2 * b].flatMap((k) => {
    const reach = 4 * b - Math.abs(k);
    return [line("trim", at(k, -reach), at(k, reach)), line("trim", at(-reach, k), at(reach, k))];
  });
  const corners = [-1, 1].flatMap((u) => [-1, 1].map((v) => line("trim", at(u * b, v * b), at(2 * u * b, 2 * v * b))));
  return [...straight, ...corners];
}

/** The two squares of a folded camera with their creases. */
export function foldedParts({ plan, words }: CutOrder): readonly Part[] {
  const { folded } = plan.container;
  if (folded === null) return [];
  const { container } = folded;
  const { strip, innerSheet, base, wall } = folded.sizes;
  const part = (id: string, name: string, side: number, said: string): Part => ({
    id,
    name,
    width: side,
    height: side,
    of: "paper",
    marks: [rectangle("cut", { x: 0, y: 0, width: side, height: side }), ...creases(side), note(said, { x: 4, y: 6 })],
  });
  return [
    part(
      "folded-outer",
      "Outer box, to fold",
      container.sheet,
      `square of ${words(container.sheet)}: base ${words(base)}, walls ${words(wall)}`,
    ),
    part(
      "folded-inner",
      "Inner box, to fold",
      innerSheet,
      `square of ${words(innerSheet)}: ${words(strip)} cut off two sides`,
    ),
  ];
}
