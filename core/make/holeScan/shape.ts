import type { PixelPoint } from "./picture.ts";

/** The shape of an outline; lengths in the outline's own unit. */
export interface OutlineShape {
  readonly centre: PixelPoint;
  readonly area: number;
  readonly perimeter: number;
  /** Least and greatest width between two parallel lines. */
  readonly feretLeast: number;
  readonly feretGreatest: number;
  /** 4πA/P²: 1 for a circle, less for all else. */
  readonly circularity: number;
  /** Short over long axis of the ellipse with the same second moments. */
  readonly axisRatio: number;
  /** Root of the mean square of the rim's distance to that ellipse, along the rays from the middle. */
  readonly roughness: number;
  /** Where the rim stands in or out by much more than elsewhere: places, and by how much (inwards negative). */
  readonly burrs: readonly (PixelPoint & { readonly out: number })[];
}

/** Points the rim is drawn with anew, evenly along its length, before its shape is taken. */
const POINTS = 360;
/** A stretch further from the ellipse than this share of its mean radius, and than so many times the roughness, is a burr. */
const BURR = { share: 0.06, times: 2.5 } as const;

/**
 * Circularity, widths, ellipse and roughness of a closed outline.
 *
 * The outline is drawn anew with points evenly along it and each is averaged with its neighbours over `even` of
 * length, so that the noise of single pixels does not lengthen the perimeter.
 *
 * @param points in order, at least 8
 * @param even length over which the rim is evened out, in the points' unit; 0 for exact outlines
 * @returns px, and shares of 1
 * @source ISO 9276-6:2008 (circularity as 4πA/P², Feret diameters; from memory); ellipse by second moments of the area
 * @example outlineShape(circle of 200 points, radius 10, 0) // circularity 1.000, both Feret diameters 20.0
 */
export function outlineShape(points: readonly PixelPoint[], even: number): OutlineShape {
  const rim = evened(points, even);
  const { area, perimeter, centre, xx, yy, xy } = moments(rim);
  const mean = (xx + yy) / 2;
  const apart = Math.hypot((xx - yy) / 2, xy);
  const long = 2 * Math.sqrt(mean + apart);
  const short = 2 * Math.sqrt(Math.max(0, mean - apart));
  const angle = Math.atan2(2 * xy, xx - yy) / 2;
  const offs = rim.map((point) => fromEllipse(point, centre, long, short, angle));
  const roughness = Math.sqrt(offs.reduce((sum, off) => sum + off * off, 0) / offs.length);
  const [feretLeast, feretGreatest] = ferets(convexHull(rim));
  return {
    centre,
    area,
    perimeter,
    feretLeast,
    feretGreatest,
    circularity: (4 * Math.PI * area) / perimeter ** 2,
    axisRatio: short / long,
    roughness,
    burrs: burrsOf(rim, offs, Math.max(BURR.share * Math.sqrt(long * short), BURR.times * roughness)),
  };
}

function evened(points: readonly PixelPoint[], even: number): readonly PixelPoint[] {
  const at: number[] = [0];
  for (let i = 0; i < points.length; i++) {
    const [a, b] = [points[i] as PixelPoint, points[(i + 1) % points.length] as PixelPoint];
    at.push((at[i] as number) + Math.hypot(b.x - a.x, b.y - a.y));
  }
  const whole = at[points.length] as number;
  const count = even === 0 ? points.length : POINTS;
  let piece = 0;
  const spaced = Array.from({ length: count }, (_, i): PixelPoint => {
    const place = (i * whole) / count;
    while ((at[piece + 1] as number) < place) piece++;
    const [a, b] = [points[piece] as PixelPoint, points[(piece + 1) % points.length] as PixelPoint];
    const length = (at[piece + 1] as number) - (at[piece] as number);
    const share = length === 0 ? 0 : (place - (at[piece] as number)) / length;
    return { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) };
  });
  const half = Math.round((even / whole) * count * 0.5);
  if (half < 1) return spaced;
  return lowPassed(spaced, half);
}

/**
 * Averages over a window and puts back what averaging takes from a curved rim: a run of ±h steps of length s pulls a
 * point of radius r inwards by s² h (h + 1)/(6 r), so the same is done once more to the difference.
 */
function lowPassed(rim: readonly PixelPoint[], half: number): readonly PixelPoint[] {
  const once = averaged(rim, half);
  const rest = averaged(
    rim.map((point, i) => ({ x: point.x - (once[i] as PixelPoint).x, y: point.y - (once[i] as PixelPoint).y })),
    half,
  );
  return once.map(({ x, y }, i) => ({ x: x + (rest[i] as PixelPoint).x, y: y + (rest[i] as PixelPoint).y }));
}

function averaged(rim: readonly PixelPoint[], half: number): readonly PixelPoint[] {
  const n = rim.length;
  return rim.map((_, i) => {
    let [x, y] = [0, 0];
    for (let k = -half; k <= half; k++) {
      const point = rim[(i + k + n) % n] as PixelPoint;
      x += point.x;
      y += point.y;
    }
    return { x: x / (2 * half + 1), y: y / (2 * half + 1) };
  });
}

/** Area, length, middle and second moments of a polygon (Green's theorem). */
function moments(rim: readonly PixelPoint[]) {
  const base = rim[0] as PixelPoint;
  let [a, sx, sy, sxx, syy, sxy, perimeter] = [0, 0, 0, 0, 0, 0, 0];
  for (let i = 0; i < rim.length; i++) {
    const [p, q] = [rim[i] as PixelPoint, rim[(i + 1) % rim.length] as PixelPoint];
    const [x0, y0, x1, y1] = [p.x - base.x, p.y - base.y, q.x - base.x, q.y - base.y];
    const cross = x0 * y1 - x1 * y0;
    a += cross / 2;
    sx += (cross * (x0 + x1)) / 6;
    sy += (cross * (y0 + y1)) / 6;
    sxx += (cross * (x0 * x0 + x0 * x1 + x1 * x1)) / 12;
    syy += (cross * (y0 * y0 + y0 * y1 + y1 * y1)) / 12;
    sxy += (cross * (x0 * y1 + 2 * x0 * y0 + 2 * x1 * y1 + x1 * y0)) / 24;
    perimeter += Math.hypot(x1 - x0, y1 - y0);
  }
  const [mx, my] = [sx / a, sy / a];
  return {
    area: Math.abs(a),
    perimeter,
    centre: { x: mx + base.x, y: my + base.y },
    xx: sxx / a - mx * mx,
    yy: syy / a - my * my,
    xy: sxy / a - mx * my,
  };
}

/** How far a point lies outside an ellipse, along the ray from its middle. */
function fromEllipse(point: PixelPoint, centre: PixelPoint, long: number, short: number, angle: number): number {
  const [dx, dy] = [point.x - centre.x, point.y - centre.y];
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const share = Math.hypot((cos * dx + sin * dy) / long, (cos * dy - sin * dx) / short);
  const away = Math.hypot(dx, dy);
  return share === 0 ? 0 : away - away / share;
}

function burrsOf(
  rim: readonly PixelPoint[],
  offs: readonly number[],
  limit: number,
): readonly (PixelPoint & { readonly out: number })[] {
  const burrs: (PixelPoint & { out: number })[] = [];
  const n = offs.length;
  const start = offs.findIndex((off) => Math.abs(off) <= limit);
  if (start < 0) return burrs;
  let worst = -1;
  for (let k = 1; k <= n; k++) {
    const i = (start + k) % n;
    if (Math.abs(offs[i] as number) > limit) {
      if (worst < 0 || Math.abs(offs[i] as number) > Math.abs(offs[worst] as number)) worst = i;
    } else if (worst >= 0) {
      burrs.push({ ...(rim[worst] as PixelPoint), out: offs[worst] as number });
      worst = -1;
    }
  }
  return burrs;
}

/** @source A. M. Andrew, Inf. Proc. Letters 9 (1979) 216: the monotone chain */
function convexHull(points: readonly PixelPoint[]): readonly PixelPoint[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const chain = (run: readonly PixelPoint[]): PixelPoint[] => {
    const hull: PixelPoint[] = [];
    for (const point of run) {
      while (hull.length >= 2 && turn(hull.at(-2) as PixelPoint, hull.at(-1) as PixelPoint, point) <= 0) hull.pop();
      hull.push(point);
    }
    hull.pop();
    return hull;
  };
  return [...chain(sorted), ...chain(sorted.reverse())];
}

function turn(a: PixelPoint, b: PixelPoint, c: PixelPoint): number {
  return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
}

/** Least width: from an edge to the farthest corner. Greatest: between two corners. */
function ferets(hull: readonly PixelPoint[]): readonly [least: number, greatest: number] {
  let least = Number.POSITIVE_INFINITY;
  let greatest = 0;
  for (let i = 0; i < hull.length; i++) {
    const [a, b] = [hull[i] as PixelPoint, hull[(i + 1) % hull.length] as PixelPoint];
    let far = 0;
    for (const point of hull) {
      // The hull turns one way, so that all corners lie on one side of an edge.
      const height = turn(a, b, point);
      if (height > far) far = height;
      const [dx, dy] = [point.x - a.x, point.y - a.y];
      const square = dx * dx + dy * dy;
      if (square > greatest) greatest = square;
    }
    const edge = Math.hypot(b.x - a.x, b.y - a.y);
    if (edge > 1e-9) least = Math.min(least, far / edge);
  }
  return [least, Math.sqrt(greatest)];
}
