import { type Crop, largestKnown, MISSING } from "../../../core/negative/index.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";

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

/** The crop to the largest rectangle in which a picture has no gap; `null` where it has none anyway, or is nothing but gaps. */
export function croppedFull({ width, height, planes: [log] }: DrawReport): Crop | null {
  if (log?.includes(MISSING) !== true) return null;
  const full = largestKnown({ width, height, log });
  if (full === null) return null;
  const shares = {
    left: full.left / width,
    top: full.top / height,
    right: 1 - (full.left + full.width) / width,
    bottom: 1 - (full.top + full.height) / height,
  };
  return Object.values(shares).every((share) => share <= 1 - LEAST_LEFT) ? shares : null;
}
