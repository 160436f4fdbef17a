export { archiveConflicts, exportArchive, importArchive, type ReadArchive, readArchive } from "./archiveFile.ts";
export {
  addCamera,
  type CameraEdit,
  type CameraName,
  cameraNames,
  editCamera,
  getCamera,
  type HistoryState,
  historyState,
  isCameraThere,
  listCameras,
  type RemovedCamera,
  removeCamera,
  restoreCamera,
  stepHistory,
} from "./cameras.ts";
export { type ConnectionTrouble, onConnectionTrouble } from "./connection.ts";
export { addDemo } from "./demo.ts";
export {
  countExposures,
  exposureIds,
  getExposures,
  listExposures,
  removeExposure,
  saveExposure,
} from "./exposures.ts";
export { type StorageFailure, storageFailure } from "./failure.ts";
export { askToPersist, type Persistence } from "./persistence.ts";
export { type RunningExposure, readSettings, rememberCamera, type Settings, writeSetting } from "./settings.ts";
export { isChange, noteUnsaved, recoverUnsaved, strikeUnsaved } from "./unsaved.ts";
export { type Live, useLive } from "./useLive.ts";
