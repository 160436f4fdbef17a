export { FLATBED_WHITE } from "./flatbedWhite.ts";
export { type PlateSample, type ScanSettings, sampleArea, scanPlate } from "./scanPlate.ts";
export { type SheetSample, type SheetScanSettings, scanSheet } from "./scanSheet.ts";
