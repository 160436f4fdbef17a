export { contactPrint, processFilm } from "./contactPrint.ts";
export { curveFromStrip, type MeasuredCurve, type StripStep, type StripTrouble } from "./curveFromStrip.ts";
export { eyeSettings } from "./eyeSettings.ts";
export { type FaultCode, type FaultPlace, type FoundFault, negativeFaults } from "./faults/index.ts";
export { type Crop, type FilledSpot, type Finish, TINTS, type TintId, tinted } from "./finish.ts";
export { type FinishedPicture, finishPicture } from "./finishPicture.ts";
export { type HangKind, type HangPlace, hangLayout } from "./hang.ts";
export { densityHistogram, type Histogram, histogramOf } from "./histogram.ts";
export type { PlanePoint, Quad } from "./homography.ts";
export { BOUND_SHARE } from "./judge.ts";
export { judgementSpread } from "./judgementSpread.ts";
export { type JudgeAnswer, judgeScan } from "./judgeScan.ts";
export { largestKnown } from "./largestKnown.ts";
export { isWithin, lightOfCells } from "./lightOfCells.ts";
export { type NegativeMedium, negativeCurve } from "./negativeCurve.ts";
export { type AnaglyphWay, anaglyph, CARD_APART, type EyePicture, parallaxPixels } from "./pair.ts";
export { type PartOfSheet, partOfSheet, type SheetBeyond } from "./partOfSheet.ts";
export { type PictureFrame, pictureFrame } from "./pictureFrame.ts";
export { type PlacedSheet, type ProofTrouble, placeSheet } from "./placeSheet.ts";
export { pointwise } from "./pointwise.ts";
export { printedExposures } from "./printedExposures.ts";
export {
  chosenTones,
  MOST_OF_PICTURE,
  type ProofExposure,
  type ProofPicture,
  type ProofTools,
  proofExposure,
  proofPicture,
} from "./proof.ts";
export type { ProofSettings } from "./request.ts";
export { MISSING } from "./resample.ts";
export type { NegativeScan } from "./scan.ts";
export { scanDpi } from "./scanDpi.ts";
export { type ScanView, scanView } from "./scanView.ts";
export { isSquare, type SheetInScan, sheetInScan } from "./sheetInScan.ts";
export { isOfSize, type SheetSize, sizeOnGlass } from "./sheetOnGlass.ts";
export { type SideOfSheet, skySide } from "./skySide.ts";
export { stripDensities } from "./stripDensities.ts";
export type { Transform } from "./tileTransform.ts";
export { type Tone, toneFor, toneTable } from "./tone.ts";
export { troubleFault } from "./troubleFault.ts";
