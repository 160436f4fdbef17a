import type { KindOf } from "./kind.ts";
import { BOX_PARTS, BOX_SIZES, BOX_STEPS } from "./partsAndSteps.ts";

/** Two holes side by side before one sheet. */
export const stereoBox: KindOf<"stereo-box"> = {
  id: "stereo-box",
  name: "Box with two holes",
  sentence: "Two holes side by side, two pictures on one sheet, for both eyes.",
  family: "a box",
  source: "common practice",
  shape: "box",
  mount: "on the back",
  noun: "box",
  asked: [...BOX_SIZES, "hole.base"],
  usual: {
    "container.width": 190,
    "container.height": 140,
    "container.depth": 95,
    "container.wall": 2,
    "hole.base": 88,
  },
  material: "card",
  format: "in-5x7",
  loads: "paper",
  measures: [...BOX_SIZES, "chamber.divider"],
  holePlace: ["hole.above", "hole.x"],
  pair: true,
  moves: "container.depth",
  tiedOutside: false,
  parts: BOX_PARTS,
  steps: BOX_STEPS,
  finder: "pair",
  silhouette: { lid: 0 },
  known: ({ holes, rolled }) => holes > 1 && !rolled,
};
