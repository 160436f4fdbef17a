import type { KindOf } from "./kind.ts";
import { BOX_PARTS, BOX_SIZES, BOX_STEPS } from "./partsAndSteps.ts";

/** The sheet leans from wall to wall. */
export const slantedBox: KindOf<"slanted-box"> = {
  id: "slanted-box",
  name: "Box, sheet leaning",
  sentence: "The sheet leans from wall to wall and stretches the picture, on purpose.",
  family: "a box",
  source: "common practice",
  shape: "box",
  mount: "leaning",
  noun: "box",
  asked: [...BOX_SIZES, "film.tiltY", "film.tiltX"],
  usual: {
    "container.width": 165,
    "container.height": 118,
    "container.depth": 150,
    "container.wall": 1,
    "film.tiltY": 20,
    "film.tiltX": 0,
  },
  material: "card",
  format: "in-4x5",
  loads: "paper",
  measures: [...BOX_SIZES, "film.tiltY", "film.tiltX"],
  holePlace: ["hole.above", "hole.x"],
  moves: null,
  tiedOutside: false,
  parts: BOX_PARTS,
  steps: BOX_STEPS,
  finder: null,
  silhouette: { lid: 0 },
  known: ({ holes, rolled, bent, leaning }) => holes === 1 && !rolled && !bent && leaning,
};
