import type { KindOf } from "./kind.ts";
import { BEGIN, END, ROUND_SIZES } from "./partsAndSteps.ts";

/** A drum of chambers turned before one hole in each tier. */
export const drum: KindOf<"drum"> = {
  id: "drum",
  name: "Drum with chambers",
  sentence: "Tiers of chambers turned before one hole each: eight sheets carried without holders.",
  family: "several at once",
  source: "common practice",
  shape: "drum",
  mount: "bowed",
  noun: "drum",
  asked: [...ROUND_SIZES, "film.distance", "film.radius"],
  usual: {
    "container.diameter": 320,
    "container.height": 240,
    "film.radius": 100,
    "film.distance": 100,
    "container.wall": 0.5,
  },
  material: "tin metal",
  format: "in-4x5",
  loads: "paper",
  measures: [...ROUND_SIZES, "film.distance", "film.radius", "drum.tiers", "drum.sectors", "drum.gap"],
  // Its holes stand level with the middles of the tiers.
  holePlace: [],
  moves: null,
  tiedOutside: false,
  parts: ["wall", "plate", "sheet", "divider", "drum", "shutter", "tripod", "cards"],
  steps: [...BEGIN, "divider", "vanes", "baffles", "holder", "shutter", "lid", "tripod", ...END],
  finder: "between the vanes",
  silhouette: { lid: 0.06 },
  known: () => true,
};
