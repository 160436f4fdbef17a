import type { KindOf } from "./kind.ts";
import { BOX_PARTS, BOX_SIZES, BOX_STEPS } from "./partsAndSteps.ts";

/** The sheet is bowed towards the hole. */
export const curvedBox: KindOf<"curved-box"> = {
  id: "curved-box",
  name: "Box, sheet bowed",
  sentence: "The sheet is bowed towards the hole: even light to the ends, lines that bend.",
  family: "a box",
  source: "common practice",
  shape: "box",
  mount: "bowed",
  noun: "box",
  asked: [...BOX_SIZES, "film.radius"],
  usual: {
    "container.width": 165,
    "container.height": 118,
    "container.depth": 95,
    "container.wall": 1,
    "film.radius": 110,
  },
  material: "card",
  format: "in-4x5",
  loads: "paper",
  measures: [...BOX_SIZES, "film.radius"],
  holePlace: ["hole.above", "hole.x"],
  moves: null,
  tiedOutside: false,
  parts: BOX_PARTS,
  steps: BOX_STEPS,
  finder: "bowed",
  silhouette: { lid: 0 },
  known: ({ holes, rolled, bent }) => holes === 1 && !rolled && bent,
};
