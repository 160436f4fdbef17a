import { kindRecord } from "../../kinds/registry.ts";
import type { Camera } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";
import { holeMount } from "./holeMount.ts";

/**
 * Whether the maker builds the camera; one that is bought whole is used as it is, unless its hole is made after all. For a
 * camera that is built a hole may be bought, too.
 *
 * @example isBuilt(box) // true
 */
export function isBuilt(camera: Camera): boolean {
  return kindRecord(cameraKind(camera)).comesReady !== true || holeMount(camera) !== "bought";
}
