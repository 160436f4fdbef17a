import type { DesignFault, LengthWords } from "../../fields/designFault.ts";
import { counted, LARGEST, notNegative, positive } from "../../fields/limits.ts";
import type { RollSpec } from "../model/rollSpec.ts";

/** Sizes of wound film that are wrong in themselves. */
export function rollFaults(roll: RollSpec, words: LengthWords): readonly DesignFault[] {
  return [
    ...notNegative("roll.gap", roll.gap, 100, words),
    ...positive("roll.core", roll.core, 100, words),
    ...positive("roll.thickness", roll.thickness, 2, words),
    ...positive("roll.length", roll.length, LARGEST, words),
    ...counted("roll.clicks", roll.clicks, 1, 100),
    ...notNegative("roll.leader", roll.leader, LARGEST, words),
    ...notNegative("roll.tail", roll.tail, LARGEST, words),
  ];
}
