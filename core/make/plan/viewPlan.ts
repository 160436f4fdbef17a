import { type Camera, type DesignLight, solveRequest } from "../../camera/container/index.ts";
import { sheetToScene } from "../../light/rays/index.ts";
import { opticalModel } from "../../light/solve/index.ts";

/** Where the edges of the sheet look, seen from behind the camera, radians from straight ahead; positive right and up. */
export interface ViewPlan {
  readonly left: number;
  readonly right: number;
  readonly up: number;
  readonly down: number;
}

/**
 * The directions of the sheet's edges, for sight lines.
 *
 * @returns `null` where an edge can't see through the hole
 * @source the same rays as the picture's: `light/rays`; FORMAT, “Axes” (the picture stands upside down)
 * @example viewPlan(box, paper).right // 0.7367…
 */
export function viewPlan(camera: Camera, light: DesignLight): ViewPlan | null {
  const { place, surface, width, height } = opticalModel(solveRequest(camera, light));
  const edges = [
    [1, 0],
    [-1, 0],
    [0, -1],
    [0, 1],
  ].map(([s = 0, t = 0]) => sheetToScene(place, surface, { s: (s * width) / 2, t: (t * height) / 2 }));
  const [one, other, high, low] = edges;
  if (!one || !other || !high || !low) return null;
  const [left, right] = [Math.min(one.azimuth, other.azimuth), Math.max(one.azimuth, other.azimuth)];
  return { left, right, up: high.elevation, down: low.elevation };
}
