import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useEffect, useRef } from "react";
import { cx } from "../../../../ui/controls/cx.ts";
import type { ChartScale } from "../../../../ui/drawing/Chart.tsx";

/** A press that does not move is none. */
const DRAG = { filterTaps: true } as const;

/** A mark on a chart that can be taken hold of: a hole's diameter, moved along the axis by hand or by arrow keys. */
export function ChartMark({
  name,
  value,
  at,
  words,
  step,
  scale,
  filled,
  onMove,
}: {
  readonly name: string;
  readonly value: number;
  /** Height on the chart, in its units. */
  readonly at: number;
  readonly words: string;
  readonly step: number;
  readonly scale: ChartScale;
  readonly filled: boolean;
  readonly onMove: (value: number) => void;
}) {
  const mark = useRef<HTMLDivElement>(null);
  // The chart follows in an idle moment: the next key counts from where the last one led.
  const now = useRef(value);
  useEffect(() => {
    now.current = value;
  }, [value]);
  const [x, y] = scale.toPixel(value, at);
  const bind = useDrag(({ xy: [pageX, pageY], tap }) => {
    const box = mark.current?.parentElement?.getBoundingClientRect();
    if (tap || box === undefined) return;
    const [moved] = scale.fromPixel(pageX - box.left, pageY - box.top);
    if (moved > 0) onMove(Math.round(moved * 1000) / 1000);
  }, DRAG);
  const key = (event: KeyboardEvent): void => {
    const way = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (way === undefined) return;
    event.preventDefault();
    const moved = Math.round((now.current + way * step * (event.shiftKey ? 10 : 1)) * 1000) / 1000;
    if (moved <= 0) return;
    now.current = moved;
    onMove(moved);
  };
  return (
    <div
      ref={mark}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuenow={value}
      aria-valuetext={words}
      data-chart-mark={filled ? "measured" : "drawn"}
      className="absolute size-8 -translate-x-1/2 -translate-y-1/2 cursor-ew-resize touch-none rounded-full"
      style={{ left: x, top: y }}
      {...bind()}
      onKeyDown={key}
    >
      <span className={cx("absolute inset-2 rounded-full border-2 border-action", filled ? "bg-action" : "bg-card")} />
    </div>
  );
}
