import type { CameraKind } from "../core/camera/container/index.ts";

/** One of the cameras to choose from, with the measures of a usual one to start from. */
export interface KindRow {
  readonly id: CameraKind;
  readonly name: string;
  readonly sentence: string;
  readonly shape: "box" | "cylinder" | "folded" | "drum";
  readonly format: string;
  readonly source: string;
}

const SOURCE = "common practice";

export const kinds: readonly KindRow[] = [
  {
    id: "flat-box",
    name: "Flat box",
    sentence: "Hole in the middle of one side, sheet flat on the side opposite. Straight lines stay straight.",
    shape: "box",
    format: "in-4x5",
    source: SOURCE,
  },
  {
    id: "bought-box",
    name: "Bought box, hole in place",
    sentence: "A plain box with a ready hole and a magnet shutter: type what its maker or your loupe says.",
    shape: "box",
    format: "in-4x5",
    source: SOURCE,
  },
  {
    id: "slanted-box",
    name: "Box, sheet leaning",
    sentence: "The sheet leans from wall to wall and stretches the picture, on purpose.",
    shape: "box",
    format: "in-4x5",
    source: SOURCE,
  },
  {
    id: "curved-box",
    name: "Box, sheet bowed",
    sentence: "The sheet is bowed towards the hole: even light to the ends, lines that bend.",
    shape: "box",
    format: "in-4x5",
    source: SOURCE,
  },
  {
    id: "stereo-box",
    name: "Box with two holes",
    sentence: "Two holes side by side, two pictures on one sheet, for both eyes.",
    shape: "box",
    format: "in-8x10",
    source: SOURCE,
  },
  {
    id: "roll-carton",
    name: "Roll-film carton",
    sentence: "A small carton; film is pulled across a mask from one spool to another, a counted number of turns.",
    shape: "box",
    format: "film-24x36",
    source: SOURCE,
  },
  {
    id: "folded-box",
    name: "Two folded boxes",
    sentence: "Folded from two squares of black card, one slid into the other: the distance can be set.",
    shape: "folded",
    format: "film-6x9",
    source: SOURCE,
  },
  {
    id: "curled-can",
    name: "Can, sheet curled round",
    sentence: "The sheet runs round the wall and leaves a gap for the hole. A very wide view with bent lines.",
    shape: "cylinder",
    format: "in-5x7",
    source: SOURCE,
  },
  {
    id: "far-wall-tin",
    name: "Round tin, sheet across the back",
    sentence: "The sheet lies on the far half of the wall only. A calmer view, lines bend a little.",
    shape: "cylinder",
    format: "trim-4x7",
    source: SOURCE,
  },
  {
    id: "canister",
    name: "Film canister",
    sentence: "A small square sheet curled inside, hole 7/8 in above the bottom. One shot each, so make nine.",
    shape: "cylinder",
    format: "trim-1.75-square",
    source: SOURCE,
  },
  {
    id: "lid-can",
    name: "Can, hole in the lid",
    sentence: "The sheet lies flat on the bottom and looks at the lid. A long, calm view from a tall can or map tube.",
    shape: "cylinder",
    format: "in-4x5-half",
    source: SOURCE,
  },
  {
    id: "drum",
    name: "Drum with chambers",
    sentence: "Tiers of chambers turned before one hole each: eight sheets carried without holders.",
    shape: "drum",
    format: "in-4x5",
    source: SOURCE,
  },
];
