export type { DesignFault, LengthWords, Limit } from "../fields/designFault.ts";
export {
  type DesignField,
  type FieldRecord,
  type FieldValues,
  fieldRecord,
  isDesignField,
} from "../fields/designFields.ts";
export type { Body } from "../shapes/index.ts";
export { designFaults } from "./design/designFaults.ts";
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
} from "./design/edits.ts";
export type { Fix } from "./design/fix.ts";
export { type NewCamera, newCamera } from "./design/newCamera.ts";
export { refusal } from "./design/refusal.ts";
export { seated } from "./design/seated.ts";
export { settled, targetDiameter } from "./design/settled.ts";
export { atVersion, withoutVersion, withVersion } from "./design/versions.ts";
export { withMount } from "./design/withMount.ts";
export { withPurpose } from "./design/withPurpose.ts";
export { cameraBody } from "./facts/body.ts";
export { isBuilt } from "./facts/built.ts";
export { cameraFNumber } from "./facts/cameraFNumber.ts";
export { type Closing, closingOf, holeTooHigh, lidLeavesHole } from "./facts/closing.ts";
export { holeMount } from "./facts/holeMount.ts";
export { type LightProof, lightProof } from "./facts/lightProof.ts";
export { type LoadingLight, loadingLight, type Unloaded, unloadedAs } from "./facts/loadingLight.ts";
export { type LoadPlace, loadPlaces } from "./facts/loadPlaces.ts";
export { PUSHED_THROUGH, toBlacken, type WallMaterial, wallMaterial } from "./facts/material.ts";
export { nextInSet, readyInSet, withExposed } from "./facts/numberedSet.ts";
export { isTrail } from "./facts/purpose.ts";
export { cameraRoom, sheetRoom } from "./facts/room.ts";
export { scatteredShare, staysBare } from "./facts/scattered.ts";
export { type BoardPlace, boardOf, type SetBoard, setBoard, standingPlaces } from "./facts/setBoard.ts";
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
} from "./model/camera.ts";
export { cameraKind } from "./model/cameraKind.ts";
export { type Combined, combined } from "./model/combined.ts";
export type { Container, DrumContainer, FoldedContainer } from "./model/containers.ts";
export {
  holeAt,
  holeDiameter,
  measuredDiameter,
  measurementsOf,
  pictureRequest,
  solveRequest,
} from "./model/holesOf.ts";
export type { RollSpec } from "./model/rollSpec.ts";
export {
  DRILLED_FROM,
  EYES,
  HOLE_GAP,
  PLATE_SIZE,
  THINNEST_DRILL,
  TRAIL_HOLES,
  USUAL_OPENING,
  USUAL_PLATE,
} from "./model/usualSizes.ts";
