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

/** Steps that begin and end the building of nearly every camera. */
export const BEGIN: readonly StepName[] = ["opaque", "trace", "opening", "hole", "plate"];
export const END: readonly StepName[] = ["shutter", "lid", "label", "light-test"];
export const BOX_STEPS: readonly StepName[] = [...BEGIN, "divider", "black", ...END];
