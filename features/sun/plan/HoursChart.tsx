import { memo, useMemo } from "react";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Chart } from "../../../ui/drawing/Chart.tsx";
import { axis, GRID, lineOf } from "../../../ui/drawing/chartStyle.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";
import type { FanReport } from "../../../workers/jobs/sun/sun.ts";

/** Hours of each day: over the horizon, recorded, and what a made-up sky would leave of them. */
export const HoursChart = memo(function HoursChart({
  report,
  onOtherSky,
}: {
  readonly report: FanReport | null;
  readonly onOtherSky: () => void;
}) {
  const ink = useInk();
  const hours = useMemo(() => (report === null ? null : hoursOf(report)), [report]);
  const option = useMemo(() => {
    const line = (name: string, values: readonly number[], color: string, more = {}) =>
      lineOf(
        name,
        values.map((value, day) => [report?.dayStarts[day] ?? 0, value] as const),
        color,
        more,
      );
    return {
      grid: { ...GRID, top: 12, bottom: 40 },
      tooltip: { trigger: "axis", valueFormatter: (value: unknown) => `${Number(value).toFixed(1)} h` },
      xAxis: { ...axis(ink, "", { type: "time", splitNumber: 6 }), splitLine: { show: false } },
      yAxis: axis(ink, "hours a day", { min: 0, nameGap: 34 }),
      series: [
        line("over the horizon", hours?.over ?? [], ink.quiet, {
          lineStyle: { color: ink.quiet, width: 1, type: "dashed" },
        }),
        line("recorded", hours?.recorded ?? [], ink.ray, { areaStyle: { color: ink.rayPale, opacity: 0.6 } }),
        line("under a made-up sky", hours?.clouded ?? [], ink.kraft, { lineStyle: { color: ink.kraft, width: 1 } }),
      ],
    };
  }, [hours, report, ink]);
  return (
    <Panel
      title="Hours of sun a day"
      aside={
        <Button look="quiet" className="min-h-7 py-0" onClick={onOtherSky}>
          Another sky
        </Button>
      }
    >
      <Chart
        option={option}
        label="Hours of sun a day: over the horizon, recorded, under a made-up sky"
        className="h-48 w-full"
      />
      <p className="text-[0.87rem] text-quiet" data-clouded>
        {hours === null
          ? "Working out the sun …"
          : `Dashed: over the horizon. Blue: what the sheet records, ${Math.round(hours.sum)} h in all. Brown: what a made-up cloudy sky would leave, ${Math.round(hours.left)} h.`}
      </p>
    </Panel>
  );
});

function hoursOf({ starts, isOver, isRecorded, shines, step, dates }: FanReport) {
  const sums = (counts: (i: number) => number): number[] =>
    dates.map((_, day) => {
      let sum = 0;
      for (let i = starts[day] as number; i < (starts[day + 1] as number); i++) sum += counts(i);
      return (sum * step) / 60;
    });
  const recorded = sums((i) => isRecorded[i] as number);
  const clouded = sums((i) => (isRecorded[i] as number) * (shines[i] as number));
  const total = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);
  return { over: sums((i) => isOver[i] as number), recorded, clouded, sum: total(recorded), left: total(clouded) };
}
