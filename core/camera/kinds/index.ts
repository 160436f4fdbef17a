export type { FinderFamily, Kind, MountName, PartName, ShapeName, StepName } from "./kind.ts";
export { KIND_FAMILIES } from "./kind.ts";
export { type CameraKind, isCameraKind, type KindRecord, kindRecord, kinds } from "./registry.ts";
