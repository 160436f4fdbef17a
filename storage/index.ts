export { archiveConflicts, exportArchive, importArchive, type ReadArchive, readArchive } from "./archiveFile.ts";
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
export { countExposures, listExposures, removeExposure, saveExposure } from "./exposures.ts";
export type { StorageFailure, StorageReason } from "./failure.ts";
export { subscribe } from "./live.ts";
export { askToPersist, type Persistence } from "./persistence.ts";
export { type RunningExposure, readSettings, rememberCamera, type Settings, writeSetting } from "./settings.ts";
export { noteUnsaved, recoverUnsaved, strikeUnsaved } from "./unsaved.ts";
