import { RADIANS } from "../../basis/units/index.ts";
import type { ChamberFilm } from "../container/model/camera.ts";
import type { SheetMount } from "./mount.ts";

/** Flat, leaning from wall to wall; its farthest corner touches the back. */
export const leaning: SheetMount = {
  words: "leaning",
  hint: "The sheet leans so that its far corner touches the back.",
  onWall: false,
  bent: false,
  aside: true,
  fades: false,
  meetsHole: false,
  loading: "lean",
  room: ({ across, high, depth }, _, { tiltX = 0, tiltY = 0 }) => ({
    width: longest(across, depth, tiltY * RADIANS),
    height: longest(high, depth, tiltX * RADIANS),
  }),
  seat: ({ depth }, _, film, away) => ({ distance: depth + away - leanReach(film) }),
  widthLimit: "leaning-width",
};

/** The longest side that leans by `tilt` between two walls `across` apart and within `depth`. */
function longest(across: number, depth: number, tilt: number): number {
  return Math.min(across / Math.cos(tilt), depth / Math.max(1e-9, Math.abs(Math.sin(tilt))));
}

/** How far behind its middle a leaning sheet's farthest corner stands. */
function leanReach({ width, height, tiltX = 0, tiltY = 0 }: ChamberFilm): number {
  const [x, y] = [tiltX * RADIANS, tiltY * RADIANS];
  return (width / 2) * Math.abs(Math.sin(y)) + (height / 2) * Math.abs(Math.sin(x) * Math.cos(y));
}
