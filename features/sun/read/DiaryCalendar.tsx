import { HeatmapChart } from "echarts/charts";
import { CalendarComponent, VisualMapComponent } from "echarts/components";
import { use } from "echarts/core";
import { useMemo } from "react";
import { Chart } from "../../../ui/drawing/Chart.tsx";
import { useInk } from "../../../ui/drawing/useInk.ts";

use([HeatmapChart, CalendarComponent, VisualMapComponent]);

/** Hours of sun of each day, on a calendar. */
export default function DiaryCalendar({
  days,
}: {
  readonly days: readonly { readonly date: string; readonly sun: number; readonly known: number }[];
}) {
  const ink = useInk();
  const option = useMemo(() => {
    const [first, last] = [days[0]?.date ?? "", days.at(-1)?.date ?? ""];
    const most = Math.max(1, ...days.map(({ sun }) => sun));
    return {
      tooltip: {
        formatter: ({ value }: { readonly value: readonly [string, number] }) =>
          `${value[0]}: ${value[1].toFixed(1)} h`,
      },
      visualMap: { show: false, min: 0, max: most, inRange: { color: [ink.kraftPale, ink.ray] } },
      calendar: {
        range: [first, last],
        top: 24,
        left: 44,
        right: 8,
        bottom: 6,
        cellSize: ["auto", "auto"],
        splitLine: { lineStyle: { color: ink.ink, width: 1 } },
        itemStyle: { color: ink.card, borderColor: ink.line, borderWidth: 0.5 },
        dayLabel: { firstDay: 1, color: ink.quiet, fontSize: 11 },
        monthLabel: { color: ink.quiet, fontSize: 12 },
        yearLabel: { show: false },
      },
      series: [
        {
          type: "heatmap",
          coordinateSystem: "calendar",
          data: days.filter(({ known }) => known > 0).map(({ date, sun }) => [date, sun]),
        },
      ],
    };
  }, [days, ink]);
  return <Chart option={option} label="Hours of sun of each day" className="h-44 w-full" />;
}
