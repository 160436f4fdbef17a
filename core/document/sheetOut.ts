import type { SheetOut } from "../darkroom/lamp/index.ts";
import type { Run } from "../darkroom/run/index.ts";
import type { Development } from "./records.ts";

/**
 * A development as a run through its baths.
 *
 * @returns `null` where the sheet has not gone in yet
 * @example runOf({ …, steps, startedMs: 0 })?.movesMs // []
 */
export function runOf({ steps, startedMs, movesMs = [], backsMs = [], byClock = false }: Development): Run | null {
  return startedMs === undefined ? null : { plan: steps, startedMs, movesMs, backsMs, byClock };
}

/**
 * A development as a sheet that is out of its box.
 *
 * @returns what the lamp is judged by; without a medium in the record, that of its first bath's lamp
 * @example sheetOut({ …, sheet: "No. 9", medium: "film" }).medium // "film"
 */
export function sheetOut(development: Development): SheetOut {
  const { sheet, medium, steps } = development;
  return {
    name: sheet || "a sheet",
    medium: medium ?? (steps[0]?.lamp === "none" ? "film" : "paper"),
    run: runOf(development),
  };
}
