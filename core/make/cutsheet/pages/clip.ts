import {
  arcPoints,
  type CircleMark,
  type LineMark,
  line,
  type Mark,
  type Point,
  type Rectangle,
} from "../../../basis/drawing/index.ts";

/** Marks cut off at a window; labels are kept where their anchor is inside. */
export function clipped(marks: readonly Mark[], window: Rectangle): readonly Mark[] {
  const inside = ({ x, y }: Point): boolean =>
    x >= window.x && x <= window.x + window.width && y >= window.y && y <= window.y + window.height;
  return marks.flatMap((mark): Mark[] => {
    if (mark.kind === "label") return inside(mark.at) ? [mark] : [];
    if (mark.kind === "circle" && circleInside(mark.centre, mark.radius, window)) return [mark];
    const points = runOf(mark);
    return points.slice(1).flatMap((to, i): Mark[] => {
      const piece = clipPiece(points[i] as Point, to, window);
      return piece === null ? [] : [line(mark.layer, ...piece)];
    });
  });
}

/** Whether a line or circle lies wholly in a window. */
export function isInside(mark: Mark, window: Rectangle): boolean {
  if (mark.kind === "circle") return circleInside(mark.centre, mark.radius, window);
  const points = mark.kind === "label" ? [mark.at] : mark.points;
  return points.every(
    ({ x, y }) => x >= window.x && x <= window.x + window.width && y >= window.y && y <= window.y + window.height,
  );
}

/** The points a mark runs through, its end closed where it is. */
function runOf(mark: LineMark | CircleMark): readonly Point[] {
  if (mark.kind === "circle") return arcPoints(mark.centre, mark.radius, 0, 2 * Math.PI, 0.01);
  return mark.closed ? [...mark.points, mark.points[0] as Point] : mark.points;
}

/** A circle that a window's edge cuts becomes a run of chords, which can be cut. */
function circleInside({ x, y }: Point, radius: number, window: Rectangle): boolean {
  return (
    x - radius >= window.x &&
    x + radius <= window.x + window.width &&
    y - radius >= window.y &&
    y + radius <= window.y + window.height
  );
}

/** Liang–Barsky: the part of a straight piece inside a window. */
export function clipPiece(from: Point, to: Point, window: Rectangle): readonly [Point, Point] | null {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  let [start, end] = [0, 1];
  const edges = [
    [-dx, from.x - window.x],
    [dx, window.x + window.width - from.x],
    [-dy, from.y - window.y],
    [dy, window.y + window.height - from.y],
  ] as const;
  for (const [p, q] of edges) {
    if (p === 0 && q < 0) return null;
    if (p < 0) start = Math.max(start, q / p);
    if (p > 0) end = Math.min(end, q / p);
  }
  if (start >= end) return null;
  const at = (share: number): Point => ({ x: from.x + share * dx, y: from.y + share * dy });
  return [at(start), at(end)];
}
