import type { SheetMount } from "./mount.ts";

/** Bowed towards the hole; its middle touches the back, or stands between the vanes of a drum. */
export const bowed: SheetMount = {
  words: "bowed",
  hint: "The sheet’s middle touches the back; its ends come forward.",
  onWall: false,
  bent: true,
  aside: false,
  fades: false,
  meetsHole: false,
  loading: "bow",
  room: ({ high }, { longestArc }, stand) => ({ width: longestArc(stand), height: high }),
  seat: ({ depth }, { slides }, _, away) => (slides ? {} : { distance: depth + away }),
  widthLimit: "bowed-length",
};
