import type { Inks } from "../../core/basis/drawing/index.ts";

/** An axis as a workshop drawing has it. */
export function axis(
  ink: Inks,
  name: string,
  more: Readonly<Record<string, unknown>> = {},
): Readonly<Record<string, unknown>> {
  return {
    type: "value",
    name,
    nameLocation: "middle",
    nameGap: 26,
    nameTextStyle: { color: ink.quiet, fontSize: 12 },
    axisLine: { show: true, lineStyle: { color: ink.ink, width: 1 } },
    axisTick: { show: true, lineStyle: { color: ink.ink } },
    axisLabel: { color: ink.quiet, fontSize: 12 },
    splitLine: { lineStyle: { color: ink.line, width: 0.5 } },
    ...more,
  };
}

export const GRID: Readonly<Record<string, unknown>> = { left: 52, right: 18, top: 22, bottom: 44 };

/** A plain line through points. */
export function lineOf(
  name: string,
  data: readonly (readonly [number, number | null])[],
  color: string,
  more: Readonly<Record<string, unknown>> = {},
): Readonly<Record<string, unknown>> {
  return { type: "line", name, data, showSymbol: false, symbol: "none", lineStyle: { color, width: 1.5 }, ...more };
}
