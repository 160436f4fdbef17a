import { focalLengthFromExif, USUAL_FOCAL_35, USUAL_FOCAL_ERROR } from "../../../../core/basis/plane/index.ts";
import type { LookData } from "../lookData.ts";

/** A phone's focal length as a share of the picture's diagonal, how sure it is, and where it comes from. */
export interface FocalGuess {
  readonly focal: number;
  /** Share. */
  readonly error: number;
  readonly from: string;
}

/** A file's figure is rounded to a whole millimetre of some 26. */
const TOLD_ERROR = 0.05;

/** Focal length as a share of the diagonal, from the figure that is told in 35 mm terms. */
export function focalShare(in35mm: number): number {
  return focalLengthFromExif(in35mm, 3, 4) / 5;
}

/** The phone's focal length: as the photograph says, as it was calibrated, or as is usual. */
export function focalOf(told: number | null, finder: LookData["finder"]): FocalGuess {
  if (told !== null)
    return { focal: focalShare(told), error: TOLD_ERROR, from: `The photograph says ${told} mm, in 35 mm terms.` };
  if (finder !== null)
    return { ...finder, from: "Calibrated on this phone. Do it again where the phone has another camera." };
  return {
    focal: focalShare(USUAL_FOCAL_35),
    error: USUAL_FOCAL_ERROR,
    from: "As phones usually are. Calibrate it once: then the frame is good to half a degree at its edge.",
  };
}
