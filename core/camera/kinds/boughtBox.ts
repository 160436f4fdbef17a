import type { KindOf } from "./kind.ts";
import { BOX_PARTS, BOX_SIZES, BOX_STEPS } from "./partsAndSteps.ts";

/** A plain box bought with its hole: used as it is. */
export const boughtBox: KindOf<"bought-box"> = {
  id: "bought-box",
  name: "Bought box, hole in place",
  sentence: "A plain box with a ready hole and a magnet shutter: type what its maker or your loupe says.",
  family: "a box",
  source: "common practice",
  shape: "box",
  mount: "on the back",
  noun: "box",
  asked: [...BOX_SIZES, "hole.diameter"],
  usual: {
    "container.width": 130,
    "container.height": 105,
    "container.depth": 95,
    "container.wall": 3,
    "hole.diameter": 0.3,
  },
  material: "wood",
  format: "in-4x5",
  loads: "paper",
  measures: BOX_SIZES,
  holePlace: ["hole.above", "hole.x"],
  holeMount: "bought",
  comesReady: true,
  moves: null,
  tiedOutside: false,
  parts: BOX_PARTS,
  steps: BOX_STEPS,
  finder: null,
  silhouette: { lid: 0 },
  known: null,
};
