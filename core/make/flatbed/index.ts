export { openArea, type PlateSample, type ScanSettings, scanPlate } from "./scanPlate.ts";
