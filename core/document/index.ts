export {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  KEPT_COLLECTIONS,
  type KeptCollection,
  type KeptRecord,
  parseArchive,
} from "./archive.ts";
export { type CameraChange, changesBetween, withChanges } from "./changes.ts";
export { type Exposure, parseExposure } from "./exposure.ts";
export { CAMERA_FORMAT, parseCamera } from "./parseCamera.ts";
export { parseSolve } from "./parseSolve.ts";
export { parseSettings } from "./settings.ts";
export { type Migration, migrate, type VersionedFormat } from "./version.ts";
