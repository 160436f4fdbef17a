export { countable, SHORTEST_COUNT } from "./countable.ts";
export {
  curveSlope,
  type DensityRange,
  densityCurve,
  exposureFor,
  FLASH_SHARE,
  flashDose,
  MID_DENSITY,
  midExposure,
  turnedDensity,
} from "./densityCurve.ts";
export { FULL_SUN_EV, lightFromTime, type MeterReading, timeFromLight, timeFromMeter } from "./exposureTime.ts";
export { fNumber } from "./fNumber.ts";
export { evOnSheet, lampStops } from "./lampStops.ts";
export { type Medium, responseOf, type SheetResponse } from "./medium.ts";
export {
  coveredShare,
  imageSpeed,
  LEAST_SEEN,
  type MovementWord,
  movement,
  type Passer,
  USUAL_BRIGHTNESS,
  WALKER_WIDTH,
} from "./movement.ts";
export { isPaused, type OpenSpan, openTime } from "./openTime.ts";
export { type PhotographData, photographEv, spotEv } from "./photograph.ts";
export { invertedTones, PRINTED_MOST, printedColour, printedExposure, printedOut } from "./printingOut.ts";
export { correctedTime, meteredTime, type ReciprocityRule, type ReciprocityTime } from "./reciprocity.ts";
export { sheetTime } from "./sheetTime.ts";
export { type Signal, signals } from "./signals.ts";
export { type PaperTone, toneOf } from "./toneOf.ts";
