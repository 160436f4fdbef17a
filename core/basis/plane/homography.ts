/** A point, in whatever unit its plane has. */
export interface PlanePoint {
  readonly x: number;
  readonly y: number;
}

/** A line: all points with n·p = c, |n| = 1. */
export interface Line {
  readonly nx: number;
  readonly ny: number;
  readonly c: number;
}

/** Four corners in the order of going round. */
export type Quad = readonly [PlanePoint, PlanePoint, PlanePoint, PlanePoint];

/** A projective map of the plane: x′ = (a x + b y + c)/(g x + h y + i), y′ = (d x + e y + f)/(g x + h y + i). */
export type Homography = readonly [
  a: number,
  b: number,
  c: number,
  d: number,
  e: number,
  f: number,
  g: number,
  h: number,
  i: number,
];

/**
 * The map that takes the rectangle (0, 0), (width, 0), (width, height), (0, height) to four corners.
 *
 * @param corners of a convex quadrilateral, in that order
 * @returns the map, exact
 * @source P. S. Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), section 2.2.3, from memory
 * @example mappedBy(rectangleTo([{ x: 0, y: 0 }, { x: 4, y: 0 }, { x: 4, y: 2 }, { x: 0, y: 2 }], 2, 1), 1, 1).x // 2
 */
export function rectangleTo([p0, p1, p2, p3]: Quad, width: number, height: number): Homography {
  const [dx1, dx2, dx3] = [p1.x - p2.x, p3.x - p2.x, p0.x - p1.x + p2.x - p3.x];
  const [dy1, dy2, dy3] = [p1.y - p2.y, p3.y - p2.y, p0.y - p1.y + p2.y - p3.y];
  const det = dx1 * dy2 - dx2 * dy1;
  const g = (dx3 * dy2 - dx2 * dy3) / det;
  const h = (dx1 * dy3 - dx3 * dy1) / det;
  return [
    (p1.x - p0.x + g * p1.x) / width,
    (p3.x - p0.x + h * p3.x) / height,
    p0.x,
    (p1.y - p0.y + g * p1.y) / width,
    (p3.y - p0.y + h * p3.y) / height,
    p0.y,
    g / width,
    h / height,
    1,
  ];
}

/**
 * The way back.
 *
 * @returns the inverse map
 * @example mappedBy(inverseOf(rectangleTo(quad, 127, 101.6)), quad[0].x, quad[0].y).x // 0 …
 */
export function inverseOf([a, b, c, d, e, f, g, h, i]: Homography): Homography {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

/**
 * Where a map takes a point.
 *
 * @example mappedBy([1, 0, 5, 0, 1, 0, 0, 0, 1], 2, 3).x // 7
 */
export function mappedBy([a, b, c, d, e, f, g, h, i]: Homography, x: number, y: number): PlanePoint {
  const w = g * x + h * y + i;
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

/**
 * How a small step in the first plane moves in the second: the map's derivative at a point.
 *
 * @returns ∂x′/∂x, ∂x′/∂y, ∂y′/∂x, ∂y′/∂y
 * @example derivativeAt([2, 0, 0, 0, 3, 0, 0, 0, 1], 5, 5).join() // "2,0,0,3"
 */
export function derivativeAt(
  map: Homography,
  x: number,
  y: number,
): readonly [xx: number, xy: number, yx: number, yy: number] {
  const [a, b, , d, e, , g, h, i] = map;
  const w = g * x + h * y + i;
  const to = mappedBy(map, x, y);
  return [(a - to.x * g) / w, (b - to.x * h) / w, (d - to.y * g) / w, (e - to.y * h) / w];
}
