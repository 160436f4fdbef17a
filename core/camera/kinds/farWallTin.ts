import type { KindOf } from "./kind.ts";
import { CAN_PARTS, ROUND_SIZES, ROUND_STEPS } from "./partsAndSteps.ts";

/** The sheet lies on the far half of a round wall only. */
export const farWallTin: KindOf<"far-wall-tin"> = {
  id: "far-wall-tin",
  name: "Round tin, sheet across the back",
  sentence: "The sheet lies on the far half of the wall only. A calmer view, lines bend a little.",
  family: "a can or tin",
  source: "common practice",
  shape: "cylinder",
  mount: "on the far wall",
  noun: "tin",
  asked: ROUND_SIZES,
  usual: { "container.diameter": 150, "container.height": 120, "container.wall": 0.3 },
  material: "tin metal",
  format: "trim-4x7",
  loads: "paper",
  measures: ROUND_SIZES,
  holePlace: ["hole.above"],
  moves: null,
  tiedOutside: false,
  parts: CAN_PARTS,
  steps: ROUND_STEPS,
  finder: "far wall",
  silhouette: { lid: 0.22 },
  known: ({ bent, pastHalf }) => bent && !pastHalf,
};
