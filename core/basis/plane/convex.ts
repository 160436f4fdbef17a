import type { PlanePoint, Quad } from "./homography.ts";

/**
 * Whether four corners go round clockwise, as a picture has them, without a turn back: only such a figure is a sheet, or a card.
 *
 * @param least twice the area that each three corners in a row must span, square units of the points
 * @example isConvex([{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 2, y: 1 }, { x: 0, y: 1 }]) // true
 */
export function isConvex(quad: Quad, least: number = 0): boolean {
  return quad.every((at, i) => {
    const [next, after] = [quad[(i + 1) % 4], quad[(i + 2) % 4]] as [PlanePoint, PlanePoint];
    return (next.x - at.x) * (after.y - next.y) - (next.y - at.y) * (after.x - next.x) > least;
  });
}
