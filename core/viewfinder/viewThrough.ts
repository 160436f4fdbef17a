import type { OpticalModel } from "../light/solve/index.ts";
import type { PictureFrame } from "../negative/index.ts";
import { sceneDirectionAt } from "./frame.ts";
import { type PhonePicture, type SweptView, sampled } from "./sweep.ts";

/** What was seen, in the raster of a sheet's upright picture; linear light, 0 to 1; −1 where nothing was seen. */
export type ViewInFrame = PhonePicture;

/** Where nothing was seen. */
export const UNSEEN = -1;

/**
 * What was seen before the hole opened, drawn as a sheet's upright picture is: each place of it shows what lies in the
 * direction that the sheet looks to there. Both may be laid on each other.
 *
 * @param view what was seen, round the camera's axis
 * @param frame the raster of the upright picture
 * @param model the camera as the sheet was in it
 * @source PHYSICS sections 11 and 17: frame to sheet, sheet to scene, scene to view
 * @example viewThrough(emptyView(36, 90, 90), { width: 1, height: 1, scale: 1, toSheet: () => null, toPicture: () => null }, opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: 120, height: 90 } })).luminance[0] // -1
 */
export function viewThrough(view: SweptView, frame: PictureFrame, model: OpticalModel): ViewInFrame {
  const { width, height } = frame;
  const luminance = new Float32Array(width * height).fill(UNSEEN);
  const perRadian = (view.width * 180) / Math.PI / view.across;
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i++) {
      const place = frame.toSheet(x + 0.5, y + 0.5);
      const towards = place === null ? null : sceneDirectionAt(model, place);
      if (towards === null) continue;
      const column = view.width / 2 + perRadian * Math.atan2(towards.x, -towards.z);
      const row = view.height / 2 - perRadian * Math.asin(towards.y);
      if (!(column >= 0 && row >= 0 && column < view.width && row < view.height)) continue;
      if (view.seen[Math.floor(row) * view.width + Math.floor(column)] === 1)
        luminance[i] = sampled(view, column - 0.5, row - 0.5);
    }
  }
  return { width, height, luminance };
}
