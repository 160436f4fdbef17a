import { useMemo } from "react";
import { formatTime } from "../../../core/basis/units/index.ts";
import { mediumFrom, type OwnMedium } from "../../../core/document/index.ts";
import { correctedTime, densityCurve, type Medium, midExposure } from "../../../core/light/exposure/index.ts";
import { Chart } from "../../../ui/drawing/Chart.tsx";
import { axis, GRID, lineOf } from "../../../ui/drawing/chartStyle.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";

/** Stops each side of mid-grey that the curve is drawn over, and metered times that the rule is. */
const [STOPS, STEPS] = [7, 60];
const [SHORTEST, LONGEST] = [0.25, 7200];

/** The picture of a medium: density over light, and what metered times become, each beside the class it is like. */
export default function MediumChart({ medium, like }: { readonly medium: OwnMedium; readonly like: Medium }) {
  const ink = useInk();
  const own = useMemo(() => mediumFrom(medium, like), [medium, like]);
  const curve = useMemo(
    () => ({
      grid: GRID,
      xAxis: axis(ink, "stops over mid-grey", { min: -STOPS, max: STOPS }),
      yAxis: axis(ink, "density", { nameGap: 34, min: 0 }),
      series: [lineOf(like.name, curvePoints(like), ink.line), lineOf(own.name, curvePoints(own), ink.action)],
    }),
    [own, like, ink],
  );
  const times = useMemo(
    () => ({
      grid: { ...GRID, left: 62 },
      xAxis: axis(ink, "metered", { type: "log", min: SHORTEST, max: LONGEST, axisLabel: timeLabel(ink.quiet) }),
      yAxis: axis(ink, "given", { type: "log", nameGap: 46, axisLabel: timeLabel(ink.quiet) }),
      series: [lineOf(like.name, timePoints(like), ink.line), lineOf(own.name, timePoints(own), ink.action)],
    }),
    [own, like, ink],
  );
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <Chart option={curve} label={`Density over light of ${own.name}, beside ${like.name}`} className="h-56 w-full" />
      <Chart option={times} label={`What metered times become on ${own.name}`} className="h-56 w-full" />
    </div>
  );
}

function timeLabel(color: string): Readonly<Record<string, unknown>> {
  return { color, fontSize: 12, formatter: (seconds: number) => formatTime(seconds) };
}

function curvePoints({ density, iso }: Medium): readonly (readonly [number, number])[] {
  const at = densityCurve(density, iso);
  const middle = midExposure(iso);
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const stops = STOPS * ((2 * i) / STEPS - 1);
    return [stops, at(middle * 2 ** stops)] as const;
  });
}

function timePoints({ longTime }: Medium): readonly (readonly [number, number])[] {
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const metered = SHORTEST * (LONGEST / SHORTEST) ** (i / STEPS);
    return [metered, correctedTime(metered, longTime).seconds] as const;
  });
}
