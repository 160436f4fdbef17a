import type { KindOf } from "./kind.ts";
import { CAN_PARTS, END, ROUND_SIZES, ROUND_STEPS } from "./partsAndSteps.ts";

/** The sheet runs round the wall of a can. */
export const curledCan: KindOf<"curled-can"> = {
  id: "curled-can",
  name: "Can, sheet curled round",
  sentence: "The sheet runs round the wall and leaves a gap for the hole. A very wide view with bent lines.",
  family: "a can or tin",
  source: "common practice",
  shape: "cylinder",
  mount: "round the wall",
  noun: "can",
  asked: ROUND_SIZES,
  usual: { "container.diameter": 66, "container.height": 168, "container.wall": 0.1 },
  material: "aluminium metal",
  format: "in-5x7",
  loads: "paper",
  measures: ROUND_SIZES,
  holePlace: ["hole.above"],
  closedBy: "cap",
  moves: null,
  tiedOutside: true,
  parts: CAN_PARTS,
  steps: ["rinse", ...ROUND_STEPS.slice(0, -END.length), "rest", ...END],
  finder: "round wall",
  silhouette: { lid: 0.07, foot: true },
  known: ({ bent, pastHalf }) => bent && pastHalf,
};
