import type { KindOf } from "./kind.ts";
import { BEGIN, END, ROUND_SIZES } from "./partsAndSteps.ts";

/** A film canister: one shot each, so a numbered set of them. */
export const canister: KindOf<"canister"> = {
  id: "canister",
  name: "Film canister",
  sentence: "A small square sheet curled inside, hole a little below the middle. One shot each, so make nine.",
  family: "something small",
  source: "common practice",
  shape: "cylinder",
  mount: "round the wall",
  noun: "canister",
  asked: ROUND_SIZES,
  usual: {
    "container.diameter": 30,
    "container.height": 47,
    "container.wall": 1.2,
    "hole.above": (7 / 8) * 25.4,
  },
  material: "plastic",
  format: "trim-1.75-square",
  loads: "paper",
  measures: ROUND_SIZES,
  holePlace: ["hole.above"],
  set: 9,
  moves: null,
  tiedOutside: true,
  parts: ["wall", "plate", "sheet", "divider", "shutter", "tabs", "cards"],
  steps: [...BEGIN, "divider", "tabs", "holder", "shutter", "cap", "lid", "tray", ...END],
  finder: "round wall",
  silhouette: { lid: 0.16 },
  known: null,
};
