export type { FinderFamily, Kind, MountName as SheetLies, PartName, ShapeName, StepName } from "./kind.ts";
export { type CameraKind, isCameraKind, type KindRecord, kindRecord, kinds } from "./registry.ts";
