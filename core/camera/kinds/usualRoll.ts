import type { RollSpec } from "../container/model/rollSpec.ts";

/** 135 film between two cartridges: core of the spool, thickness, length of a long roll, what is lost; common practice, from memory. */
export const USUAL_ROLL: RollSpec = {
  film: "135",
  gap: 2,
  core: 11.5,
  thickness: 0.14,
  length: 1600,
  clicks: 1,
  leader: 120,
  tail: 60,
};
