export { type GlassOrder, scannedSheet } from "./scannedSheet.ts";
