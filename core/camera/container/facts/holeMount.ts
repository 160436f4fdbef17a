import { kindRecord } from "../../kinds/registry.ts";
import type { Camera, HoleMount } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";

/**
 * What the hole is in: a plate before an opening, the container's own wall, or the plate or box that it was bought in.
 *
 * @returns as chosen, else what is usual for the kind
 * @example holeMount(box) // "plate"
 */
export function holeMount(camera: Camera): HoleMount {
  const mount = camera.chambers[0].mount ?? kindRecord(cameraKind(camera)).holeMount ?? "plate";
  // Earlier designs said so by their way.
  return mount === "plate" && camera.making?.way === "bought" ? "bought" : mount;
}
