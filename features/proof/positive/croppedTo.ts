import type { Crop } from "../../../core/negative/index.ts";

export type CropSide = keyof Crop;

/** Nothing cut off. */
export const WHOLE: Crop = { left: 0, top: 0, right: 0, bottom: 0 };
/** At least this share of a picture's width and height is left. */
const LEAST_LEFT = 0.1;
const OPPOSITE: Readonly<Record<CropSide, CropSide>> = { left: "right", right: "left", top: "bottom", bottom: "top" };

/** A crop with another share cut off at one side: none below 0, and a tenth of the picture is left. */
export function croppedTo(crop: Crop, side: CropSide, share: number): Crop {
  const most = 1 - LEAST_LEFT - crop[OPPOSITE[side]];
  return { ...crop, [side]: Math.max(0, Math.min(most, share)) };
}
