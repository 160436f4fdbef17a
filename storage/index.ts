export {
  type ArchiveFile,
  archiveConflicts,
  exportArchive,
  importArchive,
  type ReadArchive,
  readArchive,
} from "./archiveFile.ts";
export {
  addCamera,
  type CameraName,
  cameraNames,
  cameraOrFirst,
  camerasAlike,
  damagedRecord,
  isCameraThere,
  listCameras,
  type RemovedCamera,
  removeCamera,
  restoreCamera,
} from "./cameras.ts";
export { type ConnectionTrouble, connectionTrouble, onConnectionTrouble } from "./connection.ts";
export { type DarkSettings, readDarkSettings, writeDarkSetting } from "./darkSettings.ts";
export { type NoteRow, openStorage } from "./db.ts";
export { addDemo } from "./demo.ts";
export {
  type Finished,
  finishDevelopment,
  runningDevelopments,
  sheetAreas,
  shotsToDevelop,
  takeBackFinish,
} from "./developments.ts";
export type { Edited, EditedName } from "./edited.ts";
export {
  bringBack,
  cameraRef,
  type Edit,
  type EditedRef,
  editRecord,
  getEdited,
  type HistoryState,
  historyState,
  removeEdited,
  type Stepped,
  stepHistory,
} from "./edits.ts";
export { countExposures } from "./exposureCounts.ts";
export {
  countShots,
  editExposure,
  importShots,
  judgedShots,
  listExposures,
  logExposure,
  removeExposure,
  saveExposure,
  shotsBetween,
  shotsByIds,
  shotsOfLoad,
  siftShots,
} from "./exposures.ts";
export { type StorageFailure, storageFailure, whatFailed } from "./failure.ts";
export { type HangSettings, readHangSettings, writeHangSetting } from "./hangSettings.ts";
export { hasOwnMedia } from "./hasOwnMedia.ts";
export { type Loading, listLoads, loadCamera, presentLoad, takeBackLoading } from "./loads.ts";
export { loadsLeft } from "./loadsLeft.ts";
export { listNegatives, readPicture, saveNegatives } from "./negatives.ts";
export { noteActs, recoverActs } from "./notedActs.ts";
export { askToPersist, type Persistence } from "./persistence.ts";
export { savePicture } from "./pictures.ts";
export { type Act, changeRecord, doActs, listRecords, removeRecord, saveRecord, takeBackChanges } from "./records.ts";
export { type Recovery, recoverUnsaved } from "./recovery.ts";
export { type InField, readSettings, rememberCamera, type Settings, writeSetting } from "./settings.ts";
export { type StandsOpen, standsOpen } from "./standsOpen.ts";
export { countTrailsOut, standsOut } from "./trailsOut.ts";
export { hasUnsaved, isChange, noteAtOnce, noteUnsaved, strikeUnsaved } from "./unsaved.ts";
export { type Live, useLive } from "./useLive.ts";
