import type { KindOf } from "./kind.ts";
import { BOX_PARTS, BOX_SIZES, BOX_STEPS } from "./partsAndSteps.ts";

/** Two holes side by side before one sheet. */
export const stereoBox: KindOf<"stereo-box"> = {
  id: "stereo-box",
  name: "Box with two holes",
  sentence: "Two holes side by side, two pictures on one sheet, for both eyes.",
  source: "common practice",
  shape: "box",
  lies: "on the back",
  noun: "box",
  asked: [...BOX_SIZES, "hole.base"],
  usual: {
    "container.width": 260,
    "container.height": 210,
    "container.depth": 90,
    "container.wall": 2,
    "hole.base": 120,
  },
  material: "card",
  format: "in-8x10",
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
