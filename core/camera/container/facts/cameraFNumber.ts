import { fNumber } from "../../../light/exposure/index.ts";
import { opticalModel } from "../../../light/solve/index.ts";
import type { Camera, DesignLight } from "../model/camera.ts";
import { solveRequest } from "../model/holesOf.ts";

/**
 * The f-number a camera really has: by its hole as measured, where it was.
 *
 * @param light of the medium in it
 * @returns N > 0
 * @example cameraFNumber(box, paper) // 261.8…
 */
export function cameraFNumber(camera: Camera, light: DesignLight): number {
  const { aperture, distance } = opticalModel(solveRequest(camera, light));
  return fNumber(distance, aperture.diameter);
}
