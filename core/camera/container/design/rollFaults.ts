import type { DesignFault } from "../../fields/designFault.ts";
import { counted, LARGEST, notNegative, positive } from "../../fields/limits.ts";
import type { RollSpec } from "../model/rollSpec.ts";

/** Sizes of wound film that are wrong in themselves. */
export function rollFaults(roll: RollSpec): readonly DesignFault[] {
  return [
    ...notNegative("roll.gap", roll.gap, 100),
    ...positive("roll.core", roll.core, 100),
    ...positive("roll.thickness", roll.thickness, 2),
    ...positive("roll.length", roll.length, LARGEST),
    ...counted("roll.clicks", roll.clicks, 1, 100),
    ...notNegative("roll.leader", roll.leader, LARGEST),
    ...notNegative("roll.tail", roll.tail, LARGEST),
  ];
}
