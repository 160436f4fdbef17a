import { label, line, type Mark, outline, type Point } from "./scene.ts";

/** A dimension line: two measured points, the line drawn `offset` to their left (seen from `from` to `to`). */
export interface Dimension {
  readonly from: Point;
  readonly to: Point;
  readonly offset: number;
  readonly text: string;
  /** Height of the figure; arrows and gaps follow it. */
  readonly size: number;
  readonly field?: string;
}

/**
 * Extension lines, dimension line, two slim arrow heads and the figure, all on the `dimension` layer.
 *
 * @returns the marks of one dimension, figure included
 * @example dimension({ from: { x: 0, y: 0 }, to: { x: 60, y: 0 }, offset: 5, text: "60", size: 3 }).length // 6
 */
export function dimension({ from, to, offset, text, size, field }: Dimension): readonly Mark[] {
  const span = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const along: Point = { x: (to.x - from.x) / span, y: (to.y - from.y) / span };
  const side: Point = { x: along.y, y: -along.x };
  const at = (point: Point, a: number, s: number): Point => ({
    x: point.x + a * along.x + s * side.x,
    y: point.y + a * along.y + s * side.y,
  });
  const sign = Math.sign(offset) || 1;
  const arrow = size * 0.8;
  const head = (tip: Point, way: number): Mark =>
    outline("dimension", [tip, at(tip, way * arrow, arrow / 6), at(tip, way * arrow, -arrow / 6)]);
  const [start, end] = [at(from, 0, offset), at(to, 0, offset)];
  const middle = at(start, span / 2, sign * size * 0.75);
  const upright = Math.abs(along.y) > Math.abs(along.x);
  return [
    line("dimension", at(from, 0, sign * size * 0.3), at(from, 0, offset + sign * size * 0.3)),
    line("dimension", at(to, 0, sign * size * 0.3), at(to, 0, offset + sign * size * 0.3)),
    line("dimension", start, end),
    head(start, span > 3 * arrow ? 1 : -1),
    head(end, span > 3 * arrow ? -1 : 1),
    label(text, middle, size, { layer: "dimension", turn: upright ? 90 : 0, ...(field ? { field } : {}) }),
  ];
}
