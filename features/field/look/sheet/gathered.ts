import { median } from "../../../../core/basis/numeric/index.ts";
import type { ScenePicture } from "../../../../core/bench/preview/index.ts";
import type { SweptView } from "../../../../core/viewfinder/index.ts";

/** What is taken for black, linear. */
const DARKEST = 1e-3;

/**
 * What was gathered as a scene before the camera; what nobody has seen is as bright as the middle of the rest.
 *
 * @returns the scene, and the light over its own that makes its middle tone mid-grey on the sheet, stops
 */
export function sceneOf({ width, height, across, luminance, seen }: SweptView): {
  readonly scene: ScenePicture;
  readonly stops: number;
} {
  const middle = Math.max(DARKEST, median(luminance.filter((_, i) => seen[i] === 1)) || 0);
  const filled = luminance.map((value, i) => (seen[i] === 0 ? middle : value));
  // A scene of one's own is lit so that its mean is mid-grey: a bright sky would leave the ground in the dark.
  const mean = filled.reduce((sum, value) => sum + value, 0) / Math.max(1, filled.length);
  return {
    scene: { width, height, luminance: filled, across, angles: "even", distance: Number.POSITIVE_INFINITY },
    stops: Math.log2(Math.max(DARKEST, mean) / middle),
  };
}
