import type { SheetMount } from "./mount.ts";

/** Flat on the side opposite the hole; on a round bottom its corners must fit. */
export const onBack: SheetMount = {
  words: "flat",
  hint: "Heights count from the inside bottom.",
  onWall: false,
  bent: false,
  aside: true,
  fades: false,
  meetsHole: false,
  loading: "back",
  room: ({ across, high, face }) =>
    face === "disc" ? { width: across, height: high, diagonal: across } : { width: across, height: high },
  seat: ({ depth }, { slides }, _, away) => (slides ? {} : { distance: depth + away }),
  widthLimit: "back-width",
};
