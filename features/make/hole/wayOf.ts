import { type HoleWay, holeWays } from "../../../catalogue/holeWays.ts";
import { type Camera, type HoleMount, holeMount } from "../../../core/camera/container/index.ts";

/** Ways to a hole in what it is in. */
export function waysTo(mount: HoleMount): readonly HoleWay[] {
  return holeWays.filter((way) => (way.mount ?? "plate") === mount);
}

/** The way a maker chose to the hole, else the usual one. */
export function wayOf(camera: Camera): HoleWay | undefined {
  const offered = waysTo(holeMount(camera));
  return offered.find(({ id }) => id === camera.making?.way) ?? offered[0];
}
