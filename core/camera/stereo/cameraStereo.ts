import { steepestSlope } from "../../light/rays/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { type Camera, type DesignLight, solveRequest } from "../container/index.ts";
import { type Stereo, stereo } from "./stereo.ts";

/**
 * What a camera's two holes do on their one sheet.
 *
 * @returns lengths in mm; `null` where it has not two holes, or both in one place
 * @example cameraStereo(pair, paper)?.base // 110
 */
export function cameraStereo(camera: Camera, light: DesignLight): Stereo | null {
  const { holes, film } = camera.chambers[0];
  const [first, second] = holes;
  if (second === undefined || holes.length > 2) return null;
  const aside = (hole: typeof first): number => (hole.x ?? 0) - (film.x ?? 0);
  const { aperture, distance } = opticalModel(solveRequest(camera, light));
  const pair = stereo({
    holes: [aside(first), aside(second)],
    distance,
    sheetWidth: film.width,
    steepest: steepestSlope(aperture),
  });
  return pair.base === 0 ? null : pair;
}
