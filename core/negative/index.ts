export { contactPrint, processFilm } from "./density/contactPrint.ts";
export { curveFromStrip, type MeasuredCurve, type StripStep, type StripTrouble } from "./density/curveFromStrip.ts";
export { densityHistogram, type Histogram, histogramOf } from "./density/histogram.ts";
export { printedExposures } from "./density/printedExposures.ts";
export { type StepWedge, stepWedge, type WedgeStep } from "./density/stepWedge.ts";
export { type Tone, toneFor, toneTable } from "./density/tone.ts";
export { type FaultCode, type FaultPlace, type FoundFault, negativeFaults } from "./judge/faults/index.ts";
export { BOUND_SHARE } from "./judge/judgeLight.ts";
export { judgementSpread } from "./judge/judgementSpread.ts";
export { type JudgeAnswer, judgeScan } from "./judge/judgeScan.ts";
export { isWithin, lightOfCells } from "./judge/lightOfCells.ts";
export { type SideOfSheet, skySide } from "./judge/skySide.ts";
export { stripDensities } from "./judge/stripDensities.ts";
export { type Crop, type FilledSpot, type Finish, TINTS, type TintId, tinted } from "./model/finish.ts";
export { type NegativeMedium, negativeCurve } from "./model/negativeCurve.ts";
export type { NegativeScan } from "./model/negativeScan.ts";
export type { ProofSettings } from "./model/proofSettings.ts";
export { type FinishedPicture, finishPicture } from "./output/finishPicture.ts";
export { type HangKind, type HangPlace, hangLayout } from "./output/hang.ts";
export { type AnaglyphWay, anaglyph, CARD_APART, type EyePicture, parallaxPixels } from "./output/pair.ts";
export { pointwise } from "./pointwise.ts";
export {
  chosenTones,
  frameOfSettings,
  MOST_OF_PICTURE,
  type ProofExposure,
  type ProofPicture,
  type ProofTools,
  proofExposure,
  proofPicture,
} from "./proof.ts";
export { eyeSettings } from "./reproject/eyeSettings.ts";
export { largestKnown } from "./reproject/largestKnown.ts";
export { type PictureFrame, pictureFrame } from "./reproject/pictureFrame.ts";
export { MISSING } from "./reproject/resample.ts";
export type { Transform } from "./restore/tileTransform.ts";
export { type PartOfSheet, partOfSheet, type SheetBeyond } from "./scan/partOfSheet.ts";
export { type PlacedSheet, type ProofTrouble, placeSheet } from "./scan/placeSheet.ts";
export { scanDpi } from "./scan/scanDpi.ts";
export { type ScanView, scanView } from "./scan/scanView.ts";
export { isSquare, type SheetInScan, sheetInScan } from "./scan/sheetInScan.ts";
export { isOfSize, type SheetSize, sizeOnGlass } from "./scan/sheetOnGlass.ts";
export { troubleFault } from "./troubleFault.ts";
