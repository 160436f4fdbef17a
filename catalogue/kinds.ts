import type { CameraKind } from "../core/container/index.ts";

/** One of the four cameras to choose from, with the measures of a usual one to start from. */
export interface KindRow {
  readonly id: CameraKind;
  readonly name: string;
  readonly sentence: string;
  readonly shape: "box" | "cylinder";
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
];
