export { type PlateSample, type ScanSettings, sampleArea, scanPlate } from "./scanPlate.ts";
