import { type Camera, solveRequest } from "../../core/camera/container/index.ts";
import { fNumber, type Medium } from "../../core/light/exposure/index.ts";
import { opticalModel } from "../../core/light/solve/index.ts";

/** The f-number a camera really has: by its hole as measured, where it was. */
export function fNumberOf(camera: Camera, medium: Medium): number {
  const { aperture, distance } = opticalModel(solveRequest(camera, medium));
  return fNumber(distance, aperture.diameter);
}
