export { type Body, cameraBody } from "./body.ts";
export {
  type Aim,
  type BoxContainer,
  type Camera,
  type CameraKind,
  type CameraSet,
  type CameraVersion,
  type Container,
  type CylinderContainer,
  cameraKind,
  type DesignLight,
  type DrumContainer,
  type FoldedContainer,
  type HoleRule,
  holeAt,
  type LightTest,
  type Making,
  type Measurement,
  measuredDiameter,
  measurementsOf,
  pictureRequest,
  type RollSpec,
  solveRequest,
} from "./camera.ts";
export { type Combined, combined } from "./combined.ts";
export type { DesignFault, LengthWords } from "./designFault.ts";
export { designFaults } from "./designFaults.ts";
export { type DesignField, fieldQuantity } from "./designField.ts";
export {
  chamberLabels,
  DEFAULT_CONTRAST,
  fieldValue,
  settled,
  targetDiameter,
  withAim,
  withChamber,
  withContainer,
  withField,
  withFilm,
  withHole,
  withHoleAdded,
  withHoleOpposite,
  withoutHole,
  withSheet,
} from "./edits.ts";
export { type FoldedSizes, foldedBase, foldedSizes } from "./folded.ts";
export { type NewCamera, newCamera } from "./newCamera.ts";
export { refusal } from "./refusal.ts";
export { cameraRoom, HOLE_GAP, PLATE_SIZE, type Room, sheetRoom } from "./room.ts";
export { seated } from "./seated.ts";
export { type SheetLies, sheetOnWall, type Traits, traitsOf } from "./traits.ts";
export { nextInSet, readyInSet, withExposed } from "./tray.ts";
export { atVersion, withoutVersion, withVersion } from "./versions.ts";
