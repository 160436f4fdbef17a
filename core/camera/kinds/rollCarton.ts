import type { KindOf } from "./kind.ts";
import { BEGIN, BOX_SIZES, END, ROLL_PARTS, ROLL_SIZES } from "./partsAndSteps.ts";
import { USUAL_ROLL } from "./usualRoll.ts";

/** A small carton with film pulled across a mask. */
export const rollCarton: KindOf<"roll-carton"> = {
  id: "roll-carton",
  name: "Roll-film carton",
  sentence: "A small carton; film is pulled across a mask from one spool to another, a counted number of turns.",
  family: "film on a roll",
  source: "common practice",
  shape: "box",
  mount: "on the back",
  noun: "carton",
  asked: BOX_SIZES,
  usual: { "container.width": 100, "container.height": 60, "container.depth": 35, "container.wall": 0.5 },
  material: "card",
  format: "film-24x36",
  loads: "film",
  measures: [...BOX_SIZES, ...ROLL_SIZES],
  holePlace: ["hole.above", "hole.x"],
  roll: USUAL_ROLL,
  cartridges: true,
  comesOpen: true,
  moves: null,
  tiedOutside: false,
  parts: ROLL_PARTS,
  steps: [...BEGIN, "divider", "mask", "cartridges", "shutter", "lid", "tripod", ...END],
  finder: null,
  silhouette: { lid: 0 },
  known: ({ rolled }) => rolled,
};
