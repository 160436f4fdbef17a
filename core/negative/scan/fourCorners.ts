import type { PlanePoint, Quad } from "../../basis/plane/index.ts";

/** So many corners of a hull are looked at: others lie nearly on lines between them. */
const CORNERS_LOOKED_AT = 160;

/**
 * The four-sided figure that fills most of a hull.
 *
 * @param corners of the hull, in order
 * @returns corners clockwise (y down), beginning nearest the origin; `null` where there are less than four
 * @example fourCorners([{ x: 0, y: 0 }, { x: 4, y: 0 }, { x: 4, y: 2 }, { x: 2, y: 2.1 }, { x: 0, y: 2 }])?.[2].x // 4
 */
export function fourCorners(corners: readonly PlanePoint[]): Quad | null {
  const hull = thinned(corners);
  if (hull.length < 4) return null;
  let [best, greatest] = [null as Quad | null, 0];
  for (let i = 0; i < hull.length; i++) {
    for (let k = i + 2; k < hull.length; k++) {
      const [a, c] = [hull[i] as PlanePoint, hull[k] as PlanePoint];
      const [b, one] = farthest(hull, i + 1, k, a, c);
      const [d, other] = farthest(hull, k + 1, i + hull.length, a, c);
      if (b === null || d === null || one + other <= greatest) continue;
      [best, greatest] = [[a, b, c, d], one + other];
    }
  }
  return best === null ? null : fromTopLeft(best);
}

/** Points of a hull in order, with the corner farthest from a line between two of them, and twice its triangle's area. */
function farthest(
  hull: readonly PlanePoint[],
  from: number,
  to: number,
  a: PlanePoint,
  c: PlanePoint,
): [PlanePoint | null, number] {
  let [best, greatest] = [null as PlanePoint | null, 0];
  for (let i = from; i < to; i++) {
    const p = hull[i % hull.length] as PlanePoint;
    const area = Math.abs(turn(a, c, p));
    if (area > greatest) [best, greatest] = [p, area];
  }
  return [best, greatest];
}

/**
 * The convex hull of points, clockwise (y down).
 *
 * @source A. M. Andrew, Information Processing Letters 9 (1979) 216, from memory
 * @example hullOf([{ x: 0, y: 0 }, { x: 4, y: 0 }, { x: 4, y: 2 }, { x: 0, y: 2 }, { x: 1, y: 1 }]).length // 4
 */
export function hullOf(points: readonly PlanePoint[]): PlanePoint[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (order: readonly PlanePoint[]): PlanePoint[] => {
    const chain: PlanePoint[] = [];
    for (const p of order) {
      while (chain.length > 1 && turn(chain.at(-2) as PlanePoint, chain.at(-1) as PlanePoint, p) <= 0) chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}

/** The corners of a hull that matter most: those with the smallest triangles beside them go. */
function thinned(hull: readonly PlanePoint[]): PlanePoint[] {
  const kept = [...hull];
  while (kept.length > CORNERS_LOOKED_AT) {
    let [least, smallest] = [0, Number.POSITIVE_INFINITY];
    for (let i = 0; i < kept.length; i++) {
      const area = turn(kept.at(i - 1) as PlanePoint, kept[i] as PlanePoint, kept[(i + 1) % kept.length] as PlanePoint);
      if (area < smallest) [least, smallest] = [i, area];
    }
    kept.splice(least, 1);
  }
  return kept;
}

/** Twice the area of a triangle; positive where it goes clockwise (y down). */
function turn(a: PlanePoint, b: PlanePoint, c: PlanePoint): number {
  return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
}

/**
 * The same corners clockwise (y down), beginning nearest the top left.
 *
 * @example fromTopLeft([{ x: 4, y: 2 }, { x: 0, y: 2 }, { x: 0, y: 0 }, { x: 4, y: 0 }])[0].x // 0: the top left
 */
function fromTopLeft(quad: Quad): Quad {
  const clockwise = turn(quad[0], quad[1], quad[2]) > 0 ? [...quad] : quad.toReversed();
  const far = clockwise.map(({ x, y }) => Math.hypot(x, y));
  const first = far.indexOf(Math.min(...far));
  return [0, 1, 2, 3].map((i) => clockwise[(first + i) % 4]) as unknown as Quad;
}
