import type { DesignField } from "../fields/designFields.ts";
import type { PartName, StepName } from "./kind.ts";

/** What most boxes share; a kind that differs says so in its own file. */
export const BOX_SIZES: readonly DesignField[] = ["container.width", "container.height", "container.depth"];
export const ROUND_SIZES: readonly DesignField[] = ["container.diameter", "container.height"];
export const ROLL_SIZES: readonly DesignField[] = [
  "roll.gap",
  "roll.core",
  "roll.thickness",
  "roll.length",
  "roll.leader",
  "roll.tail",
  "roll.clicks",
];

export const BOX_PARTS: readonly PartName[] = ["face", "plate", "sheet", "divider", "shutter", "tripod", "cards"];
export const ROLL_PARTS: readonly PartName[] = [
  "face",
  "plate",
  "sheet",
  "divider",
  "mask",
  "shutter",
  "tripod",
  "cards",
];
export const CAN_PARTS: readonly PartName[] = [
  "wall",
  "plate",
  "sheet",
  "divider",
  "shutter",
  "tripod",
  "tabs",
  "cap",
  "cards",
];

/** Steps that begin and end the building of nearly every camera; paint dries before the plate goes in. */
export const BEGIN: readonly StepName[] = ["opaque", "trace", "opening", "black", "hole", "plate"];
export const END: readonly StepName[] = ["cutter", "label", "light-test", "put-up"];
export const BOX_STEPS: readonly StepName[] = [...BEGIN, "divider", "holder", "shutter", "lid", "tripod", ...END];
/** Of a sheet that stands in a round container. */
export const ROUND_STEPS: readonly StepName[] = [
  ...BEGIN,
  "divider",
  "tabs",
  "holder",
  "shutter",
  "cap",
  "lid",
  "tripod",
  ...END,
];
