import { type Camera, cameraFNumber } from "../../camera/container/index.ts";
import { sheetTime } from "../../light/exposure/index.ts";
import type { PreviewRequest } from "./previewRequest.ts";
import type { SceneFacts } from "./scene.ts";
import { sceneFacts } from "./scenes/facts.ts";

/** The scene that is there at first. */
export const FIRST_SCENE: SceneFacts = sceneFacts[0];

/** Pixels of a request's whole sheet: so many on its longer side as are asked for. */
export function pixelsOf({ camera, pixels }: Pick<PreviewRequest, "camera" | "pixels">): {
  readonly width: number;
  readonly height: number;
} {
  const { width, height } = camera.chambers[0].film;
  const scale = pixels / Math.max(width, height);
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/**
 * The request for a camera's picture as nobody has asked for anything else: the first scene, in its own light for the time
 * of the sum, with nobody in it.
 *
 * @example sunlit(box, { wavelengthNm: 440, iso: 6, sensitivity: [], density: { least: 0, most: 2, range: 110 }, longTime: { kind: "none" } }, 320).walking // false
 */
export function sunlit(camera: Camera, medium: PreviewRequest["medium"], pixels: number): PreviewRequest {
  const seconds = sheetTime(FIRST_SCENE.ev, cameraFNumber(camera, medium), medium);
  return { camera, medium, scene: FIRST_SCENE.id, seconds, stops: 0, walking: false, flashes: 0, pixels };
}
