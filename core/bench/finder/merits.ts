import { DEGREES } from "../../basis/units/index.ts";
import { FULL_SUN_EV, timeFromLight } from "../../light/exposure/index.ts";
import {
  angleBetween,
  illumination,
  rayTo,
  type Surface,
  stopsLost,
  subtract,
  surfacePoint,
} from "../../light/rays/index.ts";
import { surfaceOf } from "../../light/solve/index.ts";
import type { Bare } from "./families.ts";
import type { Layout, Merits, Wish } from "./layout.ts";

/** What does not depend on the hole's size: angle across and the four rays to the picture's corners. */
export interface Geometry {
  readonly surface: Surface;
  readonly view: number;
  readonly hole: { readonly x: number; readonly y: number; readonly z: number };
  readonly corners: readonly ReturnType<typeof rayTo>[];
  /** Width and height of one picture, mm. */
  readonly width: number;
  readonly height: number;
}

/** The geometry of a layout; where two holes share the sheet, of the left half. */
export function geometryOf(bare: Bare): Geometry {
  const surface = surfaceOf(bare.film);
  const pair = bare.holes.length === 2;
  const [first] = bare.holes;
  const hole = { x: first?.x ?? 0, y: first?.y ?? 0, z: 0 };
  const { width, height } = bare.film;
  const [left, right] = pair ? [-width / 2, 0] : [-width / 2, width / 2];
  const middle = (s: number) => subtract(surfacePoint(surface, s, 0).place, hole);
  return {
    surface,
    hole,
    view: angleBetween(middle(left), middle(right)) * DEGREES,
    corners: [left, right].flatMap((s) => [-height / 2, height / 2].map((t) => rayTo(hole, surface, s, t))),
    width: right - left,
    height,
  };
}

/** What a layout with its hole would do. `resolution` is in cycles/mm. */
export function meritsOf(layout: Layout, geometry: Geometry, resolution: number, iso: number, paper: number): Merits {
  const { distance } = layout.film;
  const aperture = {
    diameter: layout.diameter,
    plateThickness: layout.plateThickness,
    openingDiameter: null,
    wall: 0,
  };
  let corner: number | null = Number.NEGATIVE_INFINITY;
  for (const ray of geometry.corners) {
    const lost = stopsLost(illumination(aperture, distance, ray));
    corner = lost === null || corner === null ? null : Math.max(corner, lost);
  }
  const fNumber = distance / layout.diameter;
  return {
    view: geometry.view,
    fNumber,
    seconds: timeFromLight(FULL_SUN_EV, fNumber, iso),
    corner,
    pairs: resolution * Math.min(geometry.width, geometry.height),
    paper,
  };
}

/** How well a layout answers a wish, 0 to 1: each merit on a scale of its own, weighed. */
export function scoreOf(merits: Merits, used: number, wish: Wish): number {
  const between = (value: number, worst: number, best: number): number =>
    Math.min(1, Math.max(0, (value - worst) / (best - worst)));
  const wide = between(merits.view, 15, 150);
  const weighed = [
    [Math.abs(wish.wide), wish.wide >= 0 ? wide : 1 - wide],
    [wish.sharp, between(Math.log(merits.pairs), Math.log(60), Math.log(900))],
    [wish.fast, between(-Math.log(merits.seconds), -Math.log(300), -Math.log(2))],
    // A little evenness counts always: nobody wants a black corner.
    [wish.even + 0.15, merits.corner === null ? 0 : between(-merits.corner, -4, 0)],
    [wish.whole, used > 0.9999 ? 1 : 0.6 * used],
    [wish.cheap, between(-Math.log(merits.paper), -Math.log(60_000), -Math.log(1500))],
  ] as const;
  const weight = weighed.reduce((sum, [each]) => sum + each, 0);
  const dark = merits.corner === null ? 0.6 : 1;
  return (dark * weighed.reduce((sum, [each, value]) => sum + each * value, 0)) / weight;
}

/** The film's own area where it is wound, else the sheet's that is bought. */
export function paperOf(bare: Bare): number {
  return (bare.film.width * bare.film.height) / bare.used;
}
