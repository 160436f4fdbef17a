import { formats } from "../../catalogue/formats.ts";
import { mediumById } from "../../catalogue/media.ts";
import type { Camera } from "../../core/camera/container/index.ts";
import { contrastOf, idealAt } from "../../core/camera/holeToMake/index.ts";
import { type BuildPlan, buildPlan } from "../../core/make/plan/index.ts";

/** How this camera is made and used, with the catalogue's sheets and what its medium sees: the same on every page. */
export function planOf(camera: Camera): BuildPlan {
  const light = mediumById(camera.chambers[0].film.medium);
  return buildPlan(camera, { formats, light, ideal: idealAt(contrastOf(camera)) });
}
