import { type Camera, solveRequest } from "../../camera/container/index.ts";
import { type DensityRange, meteredTime, type ReciprocityRule } from "../../light/exposure/index.ts";
import { DAYLIGHT, fewLines, lightBand } from "../../light/hole/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import type { PreviewOrder } from "./render.ts";
import type { PreviewScene } from "./scene.ts";
import { scenes } from "./scenes/index.ts";
import { pictureScene, type ScenePicture } from "./scenes/picture.ts";

/** What a preview depends on, in a form that can be sent to a worker. */
export interface PreviewRequest {
  readonly camera: Camera;
  readonly medium: {
    readonly wavelengthNm: number;
    readonly iso: number;
    readonly sensitivity: readonly (readonly [number, number])[];
    readonly density: DensityRange;
    readonly longTime: ReciprocityRule;
  };
  /** Id of a scene that ships, or a photograph. */
  readonly scene: string | ScenePicture;
  readonly seconds: number;
  /** Light over the scene's own, stops. */
  readonly stops: number;
  readonly walking: boolean;
  /** How fast whoever walks goes, mm/s; missing: as the scene has it. */
  readonly walkerSpeed?: number | undefined;
  /** Flashes, each just under the first grey: none, one before or after the exposure, or both. */
  readonly flashes: number;
  /** Pixels on the longer side. */
  readonly pixels: number;
}

/** Lines a band is drawn with: enough for its rings to run into each other. */
const LINES = 3;
/** Effective wavelengths between which a sheet goes from seeing blue only to seeing as the eye does, nm. */
const BLUE_ONLY = 440;
const LIKE_THE_EYE = 550;

/**
 * The order for {@link renderExposure} that a request stands for.
 *
 * @returns what the renderer needs, in mm and radians
 * @example orderOf({ camera: box, scene: "allotment", … }).models.length // 1, one for each hole
 */
export function orderOf({
  camera,
  medium,
  scene,
  seconds,
  stops,
  walking,
  walkerSpeed,
  pixels,
}: PreviewRequest): PreviewOrder {
  const { holes, divider = null } = camera.chambers[0];
  const models = holes.map((_, hole) => opticalModel(solveRequest(camera, medium, hole)));
  const known = typeof scene === "string" ? scenes.find(({ id }) => id === scene) : pictureScene(scene);
  const [first] = scenes;
  if (first === undefined) throw new Error("no scenes");
  return {
    models,
    divider: divider ?? 0,
    scene: withWalker(known ?? first, walkerSpeed),
    // Film that tires in long exposures answers as to a shorter one.
    seconds: meteredTime(seconds, medium.longTime),
    walking,
    blueness: Math.min(1, Math.max(0, (LIKE_THE_EYE - medium.wavelengthNm) / (LIKE_THE_EYE - BLUE_ONLY))),
    lines: fewLines(lightBand(medium.sensitivity, DAYLIGHT), LINES),
    brightness: 2 ** stops,
    pixels,
  };
}

function withWalker(scene: PreviewScene, speed: number | undefined): PreviewScene {
  return scene.walker === undefined || speed === undefined ? scene : { ...scene, walker: { ...scene.walker, speed } };
}
