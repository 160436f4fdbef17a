export {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  parseArchive,
} from "./archive.ts";
export { type Change, changesBetween, withChanges } from "./changes.ts";
export { KEPT_COLLECTIONS, type KeptCollection, type KeptRecord } from "./collections.ts";
export { closedAt, coveredFrom, uncoveredAt, withTyped } from "./countActs.ts";
export { parseDarkSettings } from "./darkSettings.ts";
export { type Developed, type Exposure, type Judgement, parseExposure, type Spoilt, type Spot } from "./exposure.ts";
export { parseHangSettings } from "./hangSettings.ts";
export { lessonOf } from "./lessons.ts";
export { type Negative, type OtherOfPair, parseNegative } from "./negative.ts";
export { type FileInArchive, type OpenedArchive, openArchive } from "./openArchive.ts";
export { CAMERA_FORMAT, parseCamera } from "./parseCamera.ts";
export { parseExpose } from "./parseExpose.ts";
export { parseFrame } from "./parseFrame.ts";
export { parseProof } from "./parseProof.ts";
export { parseSolve } from "./parseSolve.ts";
export { parseSun } from "./parseSun.ts";
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
export { parseSettings } from "./settings.ts";
export { runOf, sheetOut } from "./sheetOut.ts";
export type { Trail } from "./trail.ts";
export { type Migration, migrate, type VersionedFormat } from "./version.ts";
