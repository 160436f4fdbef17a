import type { KindOf } from "./kind.ts";
import { BOX_PARTS, BOX_STEPS, END, ROUND_SIZES } from "./partsAndSteps.ts";

/** The sheet lies on the bottom of a can and looks at the lid. */
export const lidCan: KindOf<"lid-can"> = {
  id: "lid-can",
  name: "Can, hole in the lid",
  sentence: "The sheet lies flat on the bottom and looks at the lid. A long, calm view from a tall can or map tube.",
  family: "a can or tin",
  source: "common practice",
  shape: "cylinder",
  mount: "on the back",
  noun: "can",
  asked: ROUND_SIZES,
  usual: { "container.diameter": 125, "container.height": 160, "container.wall": 0.3 },
  material: "tin metal",
  format: "in-4x5-half",
  loads: "paper",
  measures: ROUND_SIZES,
  holePlace: ["hole.above", "hole.x"],
  moves: "container.height",
  tiedOutside: false,
  parts: BOX_PARTS,
  steps: [...BOX_STEPS.slice(0, -END.length), "rest", ...END],
  finder: "under the lid",
  silhouette: { lid: 0 },
  known: ({ bent }) => !bent,
};
