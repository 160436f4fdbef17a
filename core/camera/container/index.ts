export type { DesignFault, LengthWords } from "../fields/designFault.ts";
export {
  type DesignField,
  type FieldRecord,
  type FieldValues,
  fieldRecord,
  isDesignField,
} from "../fields/designFields.ts";
export type { Body } from "../shapes/index.ts";
export { cameraBody } from "./body.ts";
export { isBuilt } from "./built.ts";
export type {
  Aim,
  Camera,
  CameraSet,
  CameraVersion,
  DesignLight,
  HoleMount,
  HoleRule,
  LightTest,
  Making,
  Measurement,
  Purpose,
} from "./camera.ts";
export { cameraFNumber } from "./cameraFNumber.ts";
export { cameraKind } from "./cameraKind.ts";
export { type Closing, closingOf, holeTooHigh, lidLeavesHole } from "./closing.ts";
export { type Combined, combined } from "./combined.ts";
export type { Container, DrumContainer, FoldedContainer } from "./containers.ts";
export { DRILLED_FROM, EYES, HOLE_GAP, PLATE_SIZE, USUAL_OPENING, USUAL_PLATE } from "./customs.ts";
export { designFaults } from "./designFaults.ts";
export {
  DEFAULT_CONTRAST,
  fieldValue,
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
export type { Fix } from "./fix.ts";
export { holeAt, holeDiameter, measuredDiameter, measurementsOf, pictureRequest, solveRequest } from "./holesOf.ts";
export { type LightProof, lightProof } from "./lightProof.ts";
export { type LoadingLight, loadingLight, type Unloaded, unloadedAs } from "./loadingLight.ts";
export { type LoadPlace, loadPlaces } from "./loadPlaces.ts";
export { isMetal, toBlacken, type WallMaterial, wallMaterial } from "./material.ts";
export { holeMount, withMount } from "./mount.ts";
export { type NewCamera, newCamera } from "./newCamera.ts";
export { isTrail } from "./purpose.ts";
export { refusal } from "./refusal.ts";
export type { RollSpec } from "./rollSpec.ts";
export { cameraRoom, sheetRoom } from "./room.ts";
export { seated } from "./seated.ts";
export { settled, targetDiameter } from "./settled.ts";
export { nextInSet, readyInSet, withExposed } from "./tray.ts";
export { atVersion, withoutVersion, withVersion } from "./versions.ts";
