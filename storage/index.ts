export { exportArchive, importArchive, type ReadArchive, readArchive } from "./archiveFile.ts";
export {
  addCamera,
  editCamera,
  getCamera,
  type HistoryState,
  historyState,
  listCameras,
  type RemovedCamera,
  removeCamera,
  restoreCamera,
  stepHistory,
} from "./cameras.ts";
export { addDemo } from "./demo.ts";
export { countExposures, getExposure, listExposures, removeExposure, saveExposure } from "./exposures.ts";
export { attempt, type StorageFailure, type StorageReason } from "./failure.ts";
export { subscribe } from "./live.ts";
export { askToPersist, type Persistence } from "./persistence.ts";
export { type RunningExposure, readSettings, type Settings, writeSetting } from "./settings.ts";
export { noteUnsaved, recoverUnsaved, strikeUnsaved } from "./unsaved.ts";
