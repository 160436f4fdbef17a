import { HOLE_GAP } from "../container/model/usualSizes.ts";
import type { SheetMount } from "./mount.ts";

/** Curled round the wall, with a gap left free at the hole. */
export const roundWall: SheetMount = {
  words: "curled round",
  hint: "The sheet stands on the bottom; heights count from there.",
  onWall: true,
  bent: true,
  aside: false,
  fades: true,
  meetsHole: true,
  loading: "gap",
  room: ({ across, high }) => ({ width: Math.PI * across - HOLE_GAP, height: high }),
  seat: ({ depth }, _, __, away) => ({ distance: depth + away, radius: depth / 2 }),
  widthLimit: "round-length",
};
