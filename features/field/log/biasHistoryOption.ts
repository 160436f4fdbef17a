import type { Inks } from "../../../core/basis/drawing/index.ts";
import type { BiasPoint } from "../../../core/learning/index.ts";
import { axis, GRID, lineOf } from "../../../ui/drawing/chartStyle.ts";

/** The chart of how a bias became known: what each shot wanted, and the belief after it with its band. */
export function biasHistoryOption(
  chapters: readonly BiasPoint[],
  days: readonly string[],
  ink: Inks,
): Readonly<Record<string, unknown>> {
  const at = (value: (chapter: BiasPoint) => number): [number, number][] =>
    chapters.map((chapter, index) => [index + 1, value(chapter)]);
  const band = { stack: "band", stackStrategy: "all", lineStyle: { width: 0 }, silent: true };
  return {
    grid: GRID,
    tooltip: {
      trigger: "axis",
      formatter: (rows: readonly { readonly value: readonly [number, number] }[]) =>
        days[(rows[0]?.value[0] ?? 1) - 1] ?? "",
    },
    xAxis: axis(ink, "judged shots, oldest first", {
      min: 0.5,
      max: Math.max(1.5, chapters.length + 0.5),
      minInterval: 1,
    }),
    yAxis: axis(ink, "stops over the sums", { nameGap: 34 }),
    series: [
      lineOf(
        "from",
        at(({ stops, sd }) => stops - sd),
        ink.rayPale,
        band,
      ),
      lineOf(
        "to",
        at(({ sd }) => 2 * sd),
        ink.rayPale,
        { ...band, areaStyle: { color: ink.rayPale, opacity: 0.8 } },
      ),
      lineOf(
        "believed",
        at(({ stops }) => stops),
        ink.ray,
        { showSymbol: chapters.length < 3, symbol: "circle", itemStyle: { color: ink.ray } },
      ),
      {
        type: "scatter",
        name: "wanted",
        data: at(({ wanted }) => wanted),
        symbolSize: 8,
        itemStyle: { color: ink.card, borderColor: ink.action, borderWidth: 1.5 },
      },
    ],
  };
}
