/**
 * A second, plain way to what `solve` says of light on a sheet, written from FORMAT and PHYSICS and sharing no code with
 * the core: the sheet as a cloud of points, tangents by differences, openings by counting rays through three circles.
 */

type Triple = readonly [x: number, y: number, z: number];

export interface SlowCase {
  readonly hole: {
    diameter: number;
    plateThickness: number;
    openingDiameter: number | null;
    wall: number;
    x: number;
    y: number;
  };
  readonly film: {
    distance: number;
    width: number;
    height: number;
    x: number;
    y: number;
    tiltX?: number;
    tiltY?: number;
    radius?: number;
    slide?: number;
  };
}

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** FORMAT: tiltX turns the sheet first, about its horizontal; tiltY then, about the vertical. Points turned one axis at a time. */
function placeOf({ film }: SlowCase, s: number, t: number): Triple {
  if (film.radius !== undefined) {
    const angle = (s + (film.slide ?? 0)) / film.radius;
    return [
      film.x + film.radius * Math.sin(angle),
      film.y + t,
      film.distance - film.radius + film.radius * Math.cos(angle),
    ];
  }
  // Positive tiltX brings the top nearer (smaller z); positive tiltY the right side.
  const a = radians(film.tiltX ?? 0);
  const [y1, z1] = [t * Math.cos(a), -t * Math.sin(a)];
  const b = radians(film.tiltY ?? 0);
  const [x2, z2] = [s * Math.cos(b) + z1 * Math.sin(b), -s * Math.sin(b) + z1 * Math.cos(b)];
  return [film.x + x2, film.y + y1, film.distance + z2];
}

const minus = (a: Triple, b: Triple): Triple => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const times = (a: Triple, b: Triple): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const size = (a: Triple): number => Math.sqrt(times(a, a));

/** Stops lost at (s, t), `null` in the dark. */
export function slowStops(slow: SlowCase, s: number, t: number, cells = 400): number | null {
  const { hole, film } = slow;
  const from: Triple = [hole.x, hole.y, 0];
  const step = 1e-4;
  const along = minus(placeOf(slow, s + step, t), placeOf(slow, s - step, t));
  const up = minus(placeOf(slow, s, t + step), placeOf(slow, s, t - step));
  const cross: Triple = [
    along[1] * up[2] - along[2] * up[1],
    along[2] * up[0] - along[0] * up[2],
    along[0] * up[1] - along[1] * up[0],
  ];
  const ray = minus(placeOf(slow, s, t), from);
  const r = size(ray);
  const cosAxis = ray[2] / r;
  // The inside is the side of the sheet that its tangents’ cross product points away from.
  const cosSheet = times(cross, ray) / (size(cross) * r);
  if (cosAxis <= 0 || cosSheet <= 0) return null;
  const slope = Math.hypot(ray[0], ray[1]) / ray[2];
  const share = openShare(hole, slope, cells);
  const e = share * cosAxis * cosSheet * (film.distance / r) ** 2;
  return e > 0 ? -Math.log2(e) : null;
}

function openShare(hole: SlowCase["hole"], slope: number, cells: number): number {
  const a = hole.diameter / 2;
  let [open, all] = [0, 0];
  for (let i = 0; i < cells; i++) {
    for (let j = 0; j < cells; j++) {
      const x = hole.diameter * ((i + 0.5) / cells - 0.5);
      const y = hole.diameter * ((j + 0.5) / cells - 0.5);
      if (x * x + y * y >= a * a) continue;
      all++;
      const far = (x - hole.plateThickness * slope) ** 2 + y * y < a * a;
      const clear =
        hole.openingDiameter === null || (x + hole.wall * slope) ** 2 + y * y < (hole.openingDiameter / 2) ** 2;
      if (far && clear) open++;
    }
  }
  return open / all;
}

/** Angle in degrees at the hole between two sheet places, by the law of cosines. */
export function slowAngle(slow: SlowCase, a: readonly [number, number], b: readonly [number, number]): number {
  const from: Triple = [slow.hole.x, slow.hole.y, 0];
  const [p, q] = [placeOf(slow, ...a), placeOf(slow, ...b)];
  const [u, v, w] = [size(minus(p, from)), size(minus(q, from)), size(minus(p, q))];
  return (Math.acos((u * u + v * v - w * w) / (2 * u * v)) * 180) / Math.PI;
}
