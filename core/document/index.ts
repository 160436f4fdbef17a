export {
  ARCHIVE_FORMAT,
  type Archive,
  type ArchivePicture,
  parseArchive,
} from "./archive.ts";
export { type CameraChange, changesBetween, withChanges } from "./changes.ts";
export { KEPT_COLLECTIONS, type KeptCollection, type KeptRecord } from "./collections.ts";
export { type Exposure, parseExposure } from "./exposure.ts";
export { CAMERA_FORMAT, parseCamera } from "./parseCamera.ts";
export { parseExpose } from "./parseExpose.ts";
export { parseSolve } from "./parseSolve.ts";
export { readJson } from "./readJson.ts";
export { parseSettings } from "./settings.ts";
export { type Migration, migrate, type VersionedFormat } from "./version.ts";
