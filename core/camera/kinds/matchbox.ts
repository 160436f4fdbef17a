import type { KindOf } from "./kind.ts";
import { BEGIN, BOX_SIZES, END, ROLL_PARTS, ROLL_SIZES } from "./partsAndSteps.ts";
import { USUAL_ROLL } from "./usualRoll.ts";

/**
 * The tray of a long matchbox with a window cut in its bottom; film runs behind it, between tray and sleeve, from one
 * cartridge to another at its two ends. So shallow that the picture is wide and quick.
 */
export const matchbox: KindOf<"matchbox"> = {
  id: "matchbox",
  name: "Matchbox with roll film",
  sentence:
    "Film runs from cartridge to cartridge through a matchbox, behind a window in its tray. Small, wide and quick.",
  family: "film on a roll",
  source: "common practice",
  shape: "box",
  mount: "on the back",
  noun: "tray",
  asked: BOX_SIZES,
  usual: { "container.width": 62, "container.height": 36, "container.depth": 20, "container.wall": 0.5 },
  material: "card",
  format: "film-18x24",
  loads: "film",
  measures: [...BOX_SIZES, ...ROLL_SIZES],
  holePlace: ["hole.above", "hole.x"],
  // A short cartridge: what is left of 24 pictures.
  roll: { ...USUAL_ROLL, length: 1100 },
  cartridges: true,
  moves: null,
  tiedOutside: false,
  parts: ROLL_PARTS,
  steps: [...BEGIN, "divider", "mask", "cartridges", "shutter", "lid", ...END],
  finder: null,
  silhouette: { lid: 0 },
  // A carton's file looks the same.
  known: null,
};
