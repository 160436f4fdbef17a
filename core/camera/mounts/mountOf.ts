import type { MountName } from "../kinds/kind.ts";
import { type CameraKind, kindRecord } from "../kinds/registry.ts";
import { bowed } from "./bowed.ts";
import { farWall } from "./farWall.ts";
import { leaning } from "./leaning.ts";
import type { SheetMount } from "./mount.ts";
import { onBack } from "./onBack.ts";
import { roundWall } from "./roundWall.ts";

const MOUNTS: Readonly<Record<MountName, SheetMount>> = {
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
 * @example mountOf("curled-can").onWall // true
 */
export function mountOf(kind: CameraKind): SheetMount {
  return MOUNTS[kindRecord(kind).mount];
}

/**
 * Whether the sheet of this kind runs along the inside of a round wall.
 *
 * @returns true for cans and canisters
 * @example sheetOnWall("flat-box") // false
 */
export function sheetOnWall(kind: CameraKind): boolean {
  return mountOf(kind).onWall;
}
