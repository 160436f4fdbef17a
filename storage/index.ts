export {
  type ArchiveFile,
  archiveConflicts,
  exportArchive,
  importArchive,
  type PictureToTake,
  type ReadArchive,
  type Taking,
} from "./archiveFile.ts";
export {
  addCamera,
  type CameraName,
  cameraNames,
  cameraOrFirst,
  camerasAlike,
  damagedRecord,
  deletedCameras,
  forgetCamera,
  isCameraThere,
  listCameras,
  type RemovedCamera,
  removeCamera,
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
export type { Edited, EditedName, HeldName } from "./edited.ts";
export { bringBack, changeAsStep, type Edit, editRecord, getEdited, removeEdited, type Step } from "./edits.ts";
export { countExposures } from "./exposureCounts.ts";
export {
  countShots,
  importShots,
  judgedShots,
  listExposures,
  logExposure,
  saveExposure,
  shotsBetween,
  shotsByIds,
  shotsOfLoad,
  siftShots,
} from "./exposures.ts";
export { type StorageFailure, storageFailure, whatFailed } from "./failure.ts";
export { type HangSettings, readHangSettings, writeHangSetting } from "./hangSettings.ts";
export { hasOwnMedia } from "./hasOwnMedia.ts";
export { type HistoryState, historyState, type Stepped, stepHistory, takeBack } from "./history.ts";
export { withTaken } from "./keeping.ts";
export { type Loading, listLoads, loadCamera, presentLoad } from "./loads.ts";
export { loadsLeft } from "./loadsLeft.ts";
export { listNegatives, saveNegatives } from "./negatives.ts";
export { noteActs, recoverActs } from "./notedActs.ts";
export { askToPersist, type Persistence, roomLeft, roomTaken } from "./persistence.ts";
export { pictureFile, readPicture, savePicture } from "./pictures.ts";
export { type Act, doActs, listRecords, saveRecord } from "./records.ts";
export { type Recovery, recoverUnsaved } from "./recovery.ts";
export { type InField, readSettings, rememberCamera, type Settings, writeSetting } from "./settings.ts";
export { type StandsOpen, standsOpen } from "./standsOpen.ts";
export { cameraRef, type EditedRef, type HeldRef, type StepsOf, there } from "./steps.ts";
export { countTrailsOut, standsOut } from "./trailsOut.ts";
export { hasUnsaved, isChange, noteAtOnce, noteUnsaved, strikeUnsaved } from "./unsaved.ts";
export { type Live, useLive } from "./useLive.ts";
