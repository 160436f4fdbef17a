export {
  type ArchiveFile,
  archiveConflicts,
  exportArchive,
  importArchive,
  type PictureToTake,
  type ReadArchive,
  type Taking,
} from "./archive/archiveFile.ts";
export { addDemo, addDemoScans, type Demo, demoState, putDemoAway, takeDemoBack } from "./archive/demo.ts";
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
} from "./cameras/cameras.ts";
export {
  type Finished,
  finishDevelopment,
  runningDevelopments,
  sheetAreas,
  shotsToDevelop,
  takeBackFinish,
} from "./dark/developments.ts";
export { type StandsOpen, standsOpen } from "./dark/standsOpen.ts";
export { type ConnectionTrouble, connectionTrouble, onConnectionTrouble } from "./engine/connection.ts";
export { type NoteRow, openStorage } from "./engine/db.ts";
export type { Edited, EditedName, HeldName } from "./engine/edited.ts";
export {
  bringBack,
  changeAsStep,
  type Edit,
  editRecord,
  getEdited,
  removeEdited,
  type Step,
} from "./engine/editRecord.ts";
export { type StorageFailure, type StorageReason, storageFailure, whatFailed } from "./engine/failure.ts";
export { type HistoryState, historyState, type Stepped, stepHistory, takeBack } from "./engine/history.ts";
export { withTaken } from "./engine/keeping.ts";
export { noteActs, recoverActs } from "./engine/notedActs.ts";
export { askToPersist, type Persistence, roomLeft, roomTaken } from "./engine/persistence.ts";
export { type Act, doActs, listRecords, saveRecord } from "./engine/records.ts";
export { type Recovery, recoverUnsaved } from "./engine/recovery.ts";
export { cameraRef, type EditedRef, type HeldRef, type StepsOf, there } from "./engine/steps.ts";
export { hasUnsaved, isChange, noteAtOnce, noteUnsaved, strikeUnsaved } from "./engine/unsaved.ts";
export { type Live, useLive } from "./engine/useLive.ts";
export { countExposures } from "./exposures/exposureCounts.ts";
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
} from "./exposures/exposures.ts";
export { hasOwnMedia } from "./loads/hasOwnMedia.ts";
export { loadedCameras } from "./loads/loadedCameras.ts";
export { type Loading, listLoads, loadCamera, presentLoad } from "./loads/loads.ts";
export { listNegatives, noteSaved, saveNegatives } from "./negatives/negatives.ts";
export { pictureFile, readPicture, savePicture } from "./negatives/pictures.ts";
export { type PracticeTab, practiceTab, setPracticeTab } from "./practice/drawer.ts";
export {
  begunPractices,
  forgetPractice,
  layOutPractice,
  practiceRecords,
} from "./practice/practice.ts";
export { type Choices, fieldChoices, printerChoices } from "./settings/choices.ts";
export { type DarkSettings, darkChoices } from "./settings/darkSettings.ts";
export { type HangSettings, hangChoices } from "./settings/hangSettings.ts";
export {
  type FinderSetting,
  type InField,
  type KeptViewSetting,
  readSettings,
  rememberCamera,
  type Settings,
  writeSetting,
} from "./settings/settings.ts";
export { readThreadOf, readThreads } from "./thread/threads.ts";
export { countTrailsOut, trailsOf } from "./trails/trails.ts";
