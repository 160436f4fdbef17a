import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useMemo, useRef } from "react";
import type { Tone } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import { Chart, type ChartScale } from "../../../ui/drawing/Chart.tsx";
import { axis, lineOf } from "../../../ui/drawing/chartStyle.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { movedTone, type ToneEnd } from "./movedTone.ts";

const NAMES: Readonly<Record<ToneEnd, string>> = { low: "Black", middle: "Middle", high: "White" };
/** One press of an arrow key, log₁₀ H; with Shift ten times as far. */
const STEP = 0.01;

/** Black, middle and white on the spread of the sheet's exposures: taken hold of, the picture follows. */
export function TonePanel({
  drawn,
  tone,
  onTone,
  onFound,
}: {
  readonly drawn: DrawReport;
  readonly tone: Tone;
  readonly onTone: (tone: Tone, stroke: string) => void;
  readonly onFound: () => void;
}) {
  const inks = useInk();
  const [histogram] = drawn.histograms;
  const option = useMemo(() => {
    if (histogram === undefined) return {};
    const { least, most, shares } = histogram;
    const step = (most - least) / shares.length;
    const greatest = Math.max(...shares, 1e-6);
    const bars = shares.map((share, i) => [least + (i + 0.5) * step, Math.sqrt(share / greatest)] as const);
    const room = Math.max(0.15, 0.08 * (most - least));
    return {
      grid: { left: 8, right: 8, top: 10, bottom: 34 },
      xAxis: axis(inks, "log exposure", { min: least - room, max: most + room, axisLabel: { show: false } }),
      yAxis: axis(inks, "", { min: 0, max: 1.05, show: false }),
      series: [lineOf("how much of the sheet", bars, inks.quiet, { step: "middle", areaStyle: { color: inks.line } })],
    };
  }, [histogram, inks]);
  const middle = tone.low + (tone.high - tone.low) * 0.5 ** (1 / tone.gamma);
  const places: Readonly<Record<ToneEnd, number>> = { low: tone.low, middle, high: tone.high };
  const move = (end: ToneEnd, to: number, stroke: string): void => onTone(movedTone(tone, end, to), stroke);
  return (
    <Panel
      title="Tones"
      aside={
        <Button look="quiet" onClick={onFound}>
          As found
        </Button>
      }
    >
      <Chart option={option} label="How much of the sheet had how much light" className="h-36 w-full">
        {(scale) =>
          (["low", "middle", "high"] as const).map((end) => (
            <ToneHandle
              key={end}
              end={end}
              at={places[end]}
              scale={scale}
              onMove={(to, stroke) => move(end, to, stroke)}
            />
          ))
        }
      </Chart>
    </Panel>
  );
}

function ToneHandle({
  end,
  at,
  scale,
  onMove,
}: {
  readonly end: ToneEnd;
  readonly at: number;
  readonly scale: ChartScale;
  readonly onMove: (to: number, stroke: string) => void;
}) {
  const stroke = useRef(0);
  // Keys may come quicker than the page is drawn.
  const latest = useRef(at);
  latest.current = at;
  const [x, bottom] = scale.toPixel(at, 0);
  const [, top] = scale.toPixel(at, 1);
  const bind = useDrag(
    ({ first, movement: [mx], memo }) => {
      const start = (memo as number | undefined) ?? x;
      if (first) stroke.current++;
      onMove(scale.fromPixel(start + mx, bottom)[0], `${end} ${stroke.current}`);
      return start;
    },
    { pointer: { keys: false } },
  );
  const nudge = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: -STEP, ArrowDown: -STEP, ArrowRight: STEP, ArrowUp: STEP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    latest.current += by * (event.shiftKey ? 10 : 1);
    onMove(latest.current, `${end} keys`);
  };
  return (
    <div
      {...bind()}
      role="slider"
      tabIndex={0}
      aria-label={`${NAMES[end]}, log exposure`}
      aria-valuenow={Math.round(1000 * at) / 1000}
      aria-valuetext={`${at.toFixed(2)}`}
      data-tone={end}
      className="absolute flex w-8 -translate-x-1/2 cursor-ew-resize touch-none flex-col items-center"
      style={{ left: x, top, height: bottom - top + 22 }}
      onKeyDown={nudge}
    >
      <span className="w-px grow bg-ink" />
      <span
        className={`size-4 rounded-full border-2 border-action ${end === "low" ? "bg-ink" : end === "high" ? "bg-card" : "bg-kraft"}`}
      />
    </div>
  );
}
