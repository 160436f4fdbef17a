export { type Coverage, coverage, type SheetFit, sheetFit } from "./coverage.ts";
export type { SheetFormat } from "./format.ts";
