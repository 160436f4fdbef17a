import { DAY_MS } from "../../../core/basis/units/index.ts";
import type { Pack } from "../../../core/document/index.ts";

/** Fewer sheets than this are few. Common practice: one load of a tray or a drum. */
const FEW = 9;
/** Opened paper is trusted so long, years. Common practice. */
const OLD = 2;
const YEAR_MS = 365.25 * DAY_MS;

/** What to know of a pack; empty where there is nothing. */
export function packWarnings({ left, opened }: Pack, nowMs: number): readonly string[] {
  const age = opened ? (nowMs - Date.parse(opened)) / YEAR_MS : 0;
  return [
    ...(left === 0 ? ["It is empty."] : left < FEW ? [`Only ${left} left.`] : []),
    ...(age > OLD ? [`Open for ${Math.floor(age)} years: test a sheet for fog before you trust it.`] : []),
  ];
}
