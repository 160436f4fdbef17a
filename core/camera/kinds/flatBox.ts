import type { KindOf } from "./kind.ts";
import { BOX_PARTS, BOX_SIZES, BOX_STEPS } from "./partsAndSteps.ts";

/** Hole in one side, sheet flat on the side opposite. */
export const flatBox: KindOf<"flat-box"> = {
  id: "flat-box",
  name: "Flat box",
  sentence: "Hole in the middle of one side, sheet flat on the side opposite. Straight lines stay straight.",
  family: "a box",
  source: "common practice",
  shape: "box",
  mount: "on the back",
  noun: "box",
  asked: BOX_SIZES,
  usual: { "container.width": 165, "container.height": 118, "container.depth": 95, "container.wall": 1 },
  material: "card",
  format: "in-4x5",
  loads: "paper",
  measures: BOX_SIZES,
  holePlace: ["hole.above", "hole.x"],
  moves: "container.depth",
  tiedOutside: false,
  parts: BOX_PARTS,
  steps: BOX_STEPS,
  finder: "flat",
  silhouette: { lid: 0 },
  known: ({ holes, rolled, bent, leaning }) => holes === 1 && !rolled && !bent && !leaning,
};
