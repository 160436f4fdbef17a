import { type HoleWay, holeWays } from "../../../catalogue/holeWays.ts";
import { type Camera, type HoleMount, holeMount } from "../../../core/camera/container/index.ts";

/** Ways to a hole in a plate, or through the wall. */
export function waysTo(mount: HoleMount): readonly HoleWay[] {
  return holeWays.filter(({ inWall = false }) => inWall === (mount === "wall"));
}

/** The way a maker chose to the hole, else the usual one. */
export function wayOf(camera: Camera): HoleWay | undefined {
  const offered = waysTo(holeMount(camera));
  return offered.find(({ id }) => id === camera.making?.way) ?? offered[0];
}
