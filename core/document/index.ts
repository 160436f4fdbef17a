export {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  parseArchive,
} from "./archive.ts";
export { type Change, changesBetween, withChanges } from "./changes.ts";
export { KEPT_COLLECTIONS, type KeptCollection, type KeptRecord } from "./collections.ts";
export { closedAt, coveredFrom, uncoveredAt, withTyped } from "./countActs.ts";
export {
  type Developed,
  type Exposure,
  type Judgement,
  type KeptView,
  parseExposure,
  type Spoilt,
  type Spot,
} from "./exposure.ts";
export { lessonOf } from "./lessons.ts";
export { type Negative, type OtherOfPair, parseNegative } from "./negative.ts";
export { type FileInArchive, type OpenedArchive, openArchive } from "./openArchive.ts";
export { placesHeld, withOpen } from "./placesHeld.ts";
export { readJson } from "./readJson.ts";
export {
  type Bottle,
  borneBy,
  type Count,
  type DevelopedStep,
  type Development,
  type Load,
  type LoadedPlace,
  type Meter,
  mediumFrom,
  type OwnMedium,
  type Pack,
  type Pause,
  type Processing,
  parseRecord,
  RECORDS,
  type RecordName,
  type Records,
  type ShotWords,
  settledPack,
} from "./records.ts";
export { CAMERA_FORMAT, parseCamera } from "./requests/parseCamera.ts";
export { parseExpose } from "./requests/parseExpose.ts";
export { parseFrame } from "./requests/parseFrame.ts";
export { type PracticeFile, type PracticeResult, parsePractice } from "./requests/parsePractice.ts";
export { parseProof } from "./requests/parseProof.ts";
export { parseSolve } from "./requests/parseSolve.ts";
export { parseSun } from "./requests/parseSun.ts";
export { parseDarkSettings } from "./settings/darkSettings.ts";
export { parseHangSettings } from "./settings/hangSettings.ts";
export { parseSettings } from "./settings/settings.ts";
export { runOf, sheetOut } from "./sheetOut.ts";
export { hangsOut, type Trail, trailAtHand } from "./trail.ts";
export { type Migration, migrate, type VersionedFormat } from "./version.ts";
