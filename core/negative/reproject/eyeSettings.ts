import type { Quad } from "../../basis/plane/index.ts";
import type { FilmSpec, HoleSpec } from "../../light/solve/index.ts";
import type { ProofSettings } from "../model/proofSettings.ts";
import { sheetInScan } from "../scan/sheetInScan.ts";

/**
 * The settings of one eye's half of a sheet with two pictures: the half its hole exposed is a sheet of its own.
 *
 * @param settings of the whole sheet, with its corners
 * @param eye the hole and its half of the film, as `pictureRequest` gives them
 * @returns settings for that half; `null` where the sheet's corners are not known
 * @source PHYSICS section 16; FORMAT, “Axes”
 * @example eyeSettings({ medium, sheet }, { hole, film }) // null …
 */
export function eyeSettings(
  settings: ProofSettings,
  eye: { readonly hole: HoleSpec; readonly film: FilmSpec },
): ProofSettings | null {
  const { sheet } = settings;
  const whole = settings.camera?.film;
  if (!sheet.corners || !whole) return null;
  const corners = sheet.corners.map(([x, y]) => ({ x, y })) as unknown as Quad;
  const placed = sheetInScan({ width: sheet.width, height: sheet.height, seen: sheet.seen ?? "emulsion", corners });
  // Where the half's edges lie on the sheet, mm from its middle.
  const middle = (eye.film.x ?? 0) - (whole.x ?? 0);
  const [near, far] = [middle - eye.film.width / 2, middle + eye.film.width / 2];
  const [t, b] = [sheet.height / 2, -sheet.height / 2];
  // From the sheet's own top left on: seen from the emulsion that is at the greatest s.
  const [left, right] = placed.seen === "emulsion" ? [far, near] : [near, far];
  const quad = [placed.toScan(left, t), placed.toScan(right, t), placed.toScan(right, b), placed.toScan(left, b)];
  return {
    ...settings,
    sheet: { ...sheet, width: eye.film.width, corners: quad.map(({ x, y }) => [x, y] as const) },
    camera: eye,
  };
}
