export {
  type Aim,
  type Camera,
  type CameraKind,
  type Container,
  cameraKind,
  type DesignLight,
  type HoleRule,
  type Measurement,
  measuredDiameter,
  solveRequest,
} from "./camera.ts";
export { type DesignFault, type DesignField, designFaults, type LengthWords } from "./designFaults.ts";
export {
  DEFAULT_CONTRAST,
  fieldValue,
  settled,
  targetDiameter,
  withAim,
  withContainer,
  withField,
  withFilm,
  withHole,
  withHoleOpposite,
  withSheet,
} from "./edits.ts";
export { type NewCamera, newCamera } from "./newCamera.ts";
export { refusal } from "./refusal.ts";
export { PLATE_SIZE, type Room, sheetRoom } from "./room.ts";
