export {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  parseArchive,
} from "./archive.ts";
export { type CameraChange, changesBetween, withChanges } from "./changes.ts";
export { KEPT_COLLECTIONS, type KeptCollection, type KeptRecord } from "./collections.ts";
export { type Exposure, type Judgement, parseExposure, type Spoilt, type Spot } from "./exposure.ts";
export { lessonOf } from "./lessons.ts";
export { CAMERA_FORMAT, parseCamera } from "./parseCamera.ts";
export { parseExpose } from "./parseExpose.ts";
export { parseSolve } from "./parseSolve.ts";
export { readJson } from "./readJson.ts";
export {
  type Count,
  type Load,
  type LoadedPlace,
  type Meter,
  mediumFrom,
  type OwnMedium,
  type Pack,
  type Pause,
  parseRecord,
  RECORDS,
  type RecordName,
  type Records,
  type ShotWords,
} from "./records.ts";
export { parseSettings } from "./settings.ts";
export { type Migration, migrate, type VersionedFormat } from "./version.ts";
