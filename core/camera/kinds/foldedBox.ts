import type { KindOf } from "./kind.ts";
import { END, ROLL_PARTS } from "./partsAndSteps.ts";

/** Two open boxes folded from black card, one slid into the other. */
export const foldedBox: KindOf<"folded-box"> = {
  id: "folded-box",
  name: "Two folded boxes",
  sentence: "Folded from two squares of black card, one slid into the other: the distance can be set.",
  family: "folded from card",
  source: "common practice",
  shape: "folded",
  mount: "on the back",
  noun: "box",
  asked: ["folded.sheet", "film.distance"],
  usual: { "folded.sheet": 330, "film.distance": 80, "container.wall": 0.5 },
  material: "card",
  format: "film-6x9-strips",
  loads: "film",
  measures: ["folded.sheet", "film.distance", "folded.paper", "folded.clearance", "folded.overlap"],
  holePlace: ["hole.above", "hole.x"],
  moves: "film.distance",
  tiedOutside: false,
  parts: ["folded", ...ROLL_PARTS],
  // Black card needs no paint.
  steps: [
    "fold",
    "opaque",
    "trace",
    "opening",
    "hole",
    "plate",
    "divider",
    "mask",
    "holder",
    "shutter",
    "lid",
    "tripod",
    ...END,
  ],
  finder: "slid",
  silhouette: { lid: 0 },
  known: () => true,
};
