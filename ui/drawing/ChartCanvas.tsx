import { LineChart, ScatterChart } from "echarts/charts";
import { GridComponent, MarkAreaComponent, TooltipComponent } from "echarts/components";
import { type EChartsCoreOption, type EChartsType, init, use } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { TYPE } from "../../core/basis/drawing/index.ts";

use([LineChart, ScatterChart, GridComponent, MarkAreaComponent, TooltipComponent, SVGRenderer]);

/** Turns values into places of a chart and back, in pixels of the chart's own box. */
export interface ChartScale {
  readonly toPixel: (x: number, y: number) => readonly [number, number];
  readonly fromPixel: (x: number, y: number) => readonly [number, number];
}

/** What a chart shows, and under which name. */
export interface ChartRules {
  readonly option: EChartsCoreOption;
  readonly label: string;
  /** Its size, kept free until the chart is there. */
  readonly className?: string;
  readonly children?: (scale: ChartScale) => ReactNode;
}

/** A chart in our own hand: hairlines, tabular figures, no animation. What lies over it is told its scale. */
export default function ChartCanvas({ option, label, className, children }: ChartRules) {
  const frame = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | null>(null);
  const [scale, setScale] = useState<ChartScale | null>(null);
  const latest = useRef(option);
  latest.current = option;
  useEffect(() => {
    const element = frame.current;
    if (element === null) return;
    const made = init(element, undefined, { renderer: "svg" });
    chart.current = made;
    const follow = (): void => {
      const at = { gridIndex: 0 };
      setScale({
        toPixel: (x, y) => made.convertToPixel(at, [x, y]) as [number, number],
        fromPixel: (x, y) => made.convertFromPixel(at, [x, y]) as [number, number],
      });
    };
    made.setOption(dressed(latest.current));
    follow();
    const watch = new ResizeObserver(() => {
      made.resize();
      follow();
    });
    watch.observe(element);
    return () => {
      watch.disconnect();
      made.dispose();
      chart.current = null;
    };
  }, []);
  useEffect(() => {
    const made = chart.current;
    if (made === null) return;
    made.setOption(dressed(option), { notMerge: true });
    setScale((before) => (before === null ? null : { ...before }));
  }, [option]);
  return (
    <div className="relative">
      <div ref={frame} role="img" aria-label={label} className={className} />
      {scale && children?.(scale)}
    </div>
  );
}

function dressed(option: EChartsCoreOption): EChartsCoreOption {
  return { animation: false, textStyle: { fontFamily: TYPE.plain }, ...option };
}
