export type { FinderFamily, Kind, PartName, ShapeName, SheetLies, StepName } from "./kind.ts";
export { type CameraKind, isCameraKind, type KindRecord, kindRecord, kinds } from "./registry.ts";
