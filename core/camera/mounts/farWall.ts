import type { SheetMount } from "./mount.ts";
import { roundWall } from "./roundWall.ts";

/** On the far half of the wall only. */
export const farWall: SheetMount = {
  ...roundWall,
  words: "across the far wall",
  fades: true,
  meetsHole: false,
  loading: "mark",
  room: ({ across, high }) => ({ width: (Math.PI * across) / 2, height: high }),
  widthLimit: "far-wall",
};
