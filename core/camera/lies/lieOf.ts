import type { SheetLies } from "../kinds/kind.ts";
import { type CameraKind, kindRecord } from "../kinds/registry.ts";
import { bowed } from "./bowed.ts";
import { farWall } from "./farWall.ts";
import { leaning } from "./leaning.ts";
import type { Lie } from "./lie.ts";
import { onBack } from "./onBack.ts";
import { roundWall } from "./roundWall.ts";

const LIES: Readonly<Record<SheetLies, Lie>> = {
  "on the back": onBack,
  leaning,
  bowed,
  "round the wall": roundWall,
  "on the far wall": farWall,
};

/**
 * How the sheet of a kind of camera lies.
 *
 * @returns all that is particular to it
 * @example lieOf("curled-can").onWall // true
 */
export function lieOf(kind: CameraKind): Lie {
  return LIES[kindRecord(kind).lies];
}

/**
 * Whether the sheet of this kind runs along the inside of a round wall.
 *
 * @returns true for cans and canisters
 * @example sheetOnWall("flat-box") // false
 */
export function sheetOnWall(kind: CameraKind): boolean {
  return lieOf(kind).onWall;
}
