/** Where light comes in, how that looks, and what mends it. Common practice. */
export interface LeakFault {
  readonly id: string;
  readonly name: string;
  /** What the lamp, or the developed sheet, shows. */
  readonly lamp: string;
  readonly sheet: string;
  readonly cause: string;
  readonly repair: string;
}

export const leakFaults: readonly LeakFault[] = [
  {
    id: "lid-corners",
    name: "Lid or its corners",
    lamp: "a bright line or points at lid and corners",
    sheet: "streaks from the corners or one side",
    cause: "The lid overlaps too little, or its corners gape.",
    repair: "A collar of two layers of tape round the lid, each corner folded over; or a deeper lid.",
  },
  {
    id: "single-tape",
    name: "Tape in one layer",
    lamp: "tape glows dull grey",
    sheet: "an even grey veil behind the tape",
    cause: "One layer of cloth tape lets light through.",
    repair: "A second layer across the first, or electrical tape.",
  },
  {
    id: "translucent",
    name: "Translucent lid or wall",
    lamp: "the lid or a whole wall glows",
    sheet: "the whole sheet is grey",
    cause: "Grey lids and thin plastic are not opaque.",
    repair:
      "Black tape in two layers over all of it, or flat black paint on both sides; white plastic: take another container.",
  },
  {
    id: "plate-edge",
    name: "Edge of the plate",
    lamp: "light beside the hole, round the plate",
    sheet: "a soft dark fan from the middle of the hole’s side",
    cause: "A side of the plate is not taped, or the tape has lifted on the curve.",
    repair: "Tape all four sides again, inside and out; press the edges down with a nail.",
  },
  {
    id: "shutter",
    name: "Shutter",
    lamp: "light through the closed hole",
    sheet: "a faint picture, or a dark spot opposite the hole",
    cause: "The flap does not lie flat, or its tape is thin.",
    repair: "A new flap with black backing paper behind it.",
  },
  {
    id: "seam",
    name: "Seam or scratch in the wall",
    lamp: "a point or a line in the wall",
    sheet: "one sharp dark spot or line",
    cause: "A seam, a pinprick or scratched paint.",
    repair: "Tape over it outside, paint it inside.",
  },
];
