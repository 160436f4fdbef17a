import { shapeOf } from "../../shapes/index.ts";
import type { Camera } from "../model/camera.ts";
import { toBlacken, type WallMaterial, wallMaterial } from "./material.ts";

/** Share of light that a bare inside gives back: a stand-in, from memory of tables of reflectances; lacquers differ. */
const BARE: Readonly<Record<WallMaterial, number>> = {
  card: 0.35,
  steel: 0.6,
  aluminium: 0.7,
  plastic: 0.06,
  wood: 0.4,
};
/** The same of flat black paint or paper, and of a sheet that is not developed yet; from memory. */
const BLACK = 0.05;
const SHEET = 0.6;
/** How much of the walls' surface a sheet has where nobody knows theirs: as in a box that it fills. */
const USUAL_PART = 0.25;

/**
 * Whether the inside is left bare on purpose.
 *
 * @example staysBare(box) // false
 */
export function staysBare(camera: Camera): boolean {
  return toBlacken(camera) && camera.making?.choices?.black === "leave";
}

/**
 * Light that the sheet throws on the walls and gets back from them, evenly, over the light that it has of the picture.
 * What falls beside the sheet is not counted.
 *
 * @returns share of the sheet's mean exposure, 0 to below 1
 * @source the balance of a hollow body of two surfaces, both matt (an integrating sphere's, with the sheet for its port);
 *   reflectances are a stand-in
 * @example scatteredShare(box).toFixed(3) // "0.006"
 */
export function scatteredShare(camera: Camera): number {
  const { paintedInside, chambers } = shapeOf(camera.container);
  const { width, height } = camera.chambers[0].film;
  const sheet = width * height;
  const walls = paintedInside / chambers().length - sheet;
  const part = walls > 0 ? Math.min(1, sheet / walls) : USUAL_PART;
  const wall = staysBare(camera) ? BARE[wallMaterial(camera)] : BLACK;
  return (wall * part * SHEET) / (1 - wall * (1 - part * (1 - SHEET)));
}
