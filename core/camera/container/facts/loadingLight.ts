import { kindRecord } from "../../kinds/registry.ts";
import type { Camera } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";
import { loadPlaces } from "./loadPlaces.ts";
import { isTrail } from "./purpose.ts";

/** The light in which a camera is loaded and unloaded: none but its medium's own lamp, a dim room, or daylight. */
export type LoadingLight = "dark" | "dim" | "daylight";

/** What comes out of a camera in the end: one sheet, several in their order, or film in its cartridges. */
export type Unloaded = "one" | "several" | "cartridges";

/**
 * What comes out of a camera when it is unloaded.
 *
 * @example unloadedAs(box) // "one"
 */
export function unloadedAs(camera: Camera): Unloaded {
  if (loadingLight(camera) === "daylight") return "cartridges";
  return loadPlaces(camera).length > 1 ? "several" : "one";
}

/**
 * In which light a camera is loaded and unloaded.
 *
 * @returns `daylight` where film stays in its cartridges, `dim` where the sun itself makes the picture
 * @source TRADE sections 3, 4 and 9, common practice
 * @example loadingLight(box) // "dark"
 */
export function loadingLight(camera: Camera): LoadingLight {
  if (camera.chambers[0].roll != null && kindRecord(cameraKind(camera)).cartridges) return "daylight";
  return isTrail(camera) ? "dim" : "dark";
}
