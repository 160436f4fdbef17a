import { useMemo } from "react";
import { densityCurve, midExposure } from "../../../core/light/exposure/index.ts";
import type { NegativeMedium } from "../../../core/negative/index.ts";
import { Chart } from "../../../ui/drawing/Chart.tsx";
import { axis, GRID, lineOf } from "../../../ui/drawing/chartStyle.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";
import { Term } from "../../../ui/words/Term.tsx";
import type { JudgeReport } from "../../../workers/jobs/proof/proofJob.ts";

/** How much of the sheet had how much light, in stops from mid-grey, on the curve of its paper. */
export function StopsChart({ report, medium }: { readonly report: JudgeReport; readonly medium: NegativeMedium }) {
  const inks = useInk();
  const option = useMemo(() => {
    const { least, most, shares } = report.histogram;
    const step = (most - least) / shares.length;
    const greatest = Math.max(...shares, 1e-6);
    const curve = densityCurve(medium, medium.iso);
    const middle = midExposure(medium.iso);
    const bars = shares.map((share, i) => [least + (i + 0.5) * step, (medium.most * share) / greatest] as const);
    const line = Array.from({ length: 80 }, (_, i) => {
      const stops = least - 1 + ((most - least + 2) * i) / 79;
      return [stops, curve(middle * 2 ** stops)] as const;
    });
    const marks = [report.answer.p05, report.answer.p95].map((at) =>
      lineOf(
        "a twentieth",
        [
          [at, 0],
          [at, medium.most],
        ],
        inks.ink,
        { lineStyle: { color: inks.ink, width: 1, type: "dashed" } },
      ),
    );
    return {
      grid: GRID,
      xAxis: axis(inks, "stops from mid-grey", { min: Math.floor(least - 1), max: Math.ceil(most + 1) }),
      yAxis: axis(inks, "density", { min: 0, max: Math.ceil(medium.most * 2) / 2 }),
      series: [
        lineOf("how much of the sheet", bars, inks.quiet, { step: "middle", areaStyle: { color: inks.line } }),
        lineOf("the paper’s curve", line, inks.action, { lineStyle: { color: inks.action, width: 2 } }),
        ...marks,
      ],
    };
  }, [report, medium, inks]);
  return (
    <figure>
      <Chart
        option={option}
        label="Exposures of the sheet in stops, on the curve of its paper"
        className="h-48 w-full"
      />
      <figcaption className="text-[0.83rem] text-quiet">
        Grey: how much of the sheet had that much light. Red: what <Term id="density">density</Term> this paper makes of
        it. Dashed: a twentieth of the sheet lies beyond each.
      </figcaption>
    </figure>
  );
}
