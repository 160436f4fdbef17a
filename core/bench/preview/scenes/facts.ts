import { lit, type SceneFacts } from "../scene.ts";
import { STAND } from "./stand.ts";

/** What is told of each scene that comes with the app; how it looks stands in its own file, for whoever draws it. */
export const sceneFacts: readonly [SceneFacts, SceneFacts, SceneFacts, SceneFacts] = [
  {
    id: "allotment",
    name: "Bean rows and scarecrow",
    sentence: "A far hedge, a shed, canes, and a scarecrow at 1.5 m. Someone walks the path.",
    ev: 15,
    walker: { ahead: 5500, ground: -STAND, height: 1700, speed: 1200, middle: 900, luminance: lit(0.06) },
  },
  {
    id: "sheds",
    name: "Street of sheds",
    sentence: "Straight eaves, boards and posts down both sides of a lane: what bends, bends here.",
    ev: 15,
    walker: { ahead: 7000, ground: -STAND, height: 1700, speed: 1200, middle: 0, luminance: lit(0.07) },
  },
  {
    id: "target",
    name: "Grid and detail chart",
    sentence: "A flat chart at 1.5 m: lines 200 mm apart, bars from coarse to fine, a star, twelve steps of grey.",
    ev: 15,
  },
  {
    id: "still-life",
    name: "Still life at 30 cm",
    sentence: "Tin, pot, cup and candle on the potting bench by a window: near enough to blur more.",
    ev: 11,
  },
];
