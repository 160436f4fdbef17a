import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { SunAim, SunRequest } from "../../../core/sun/index.ts";
import { useInk } from "../../../ui/drawing/useInk.ts";
import { pulledAim, turnedAim } from "../turnedAim.ts";
import { drawFan, type FanView, fanScale } from "./drawFan.ts";
import { fanLines } from "./fanLines.ts";
import { HoleHandle } from "./HoleHandle.tsx";
import type { Fan } from "./useFan.ts";

const KEYS: Readonly<Record<string, readonly [across: number, up: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/**
 * The sheet with the sun's fan: it is taken hold of, and the camera turns and leans with the hand. Arrow keys turn it by a
 * degree, with Shift by ten.
 */
export function FanCanvas({
  request,
  fan,
  view,
  hole,
  onAim,
}: {
  readonly request: SunRequest;
  readonly fan: Fan | null;
  readonly view: FanView;
  /** The hole's height, where this camera has one to move. */
  readonly hole: Pick<Parameters<typeof HoleHandle>[0], "above" | "words" | "onAbove" | "onHold"> | null;
  readonly onAim: (aim: SunAim, stroke: string) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const ink = useInk();
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const { current } = frame;
    if (current === null) return;
    const watch = new ResizeObserver(() => setSize({ width: current.clientWidth, height: current.clientHeight }));
    watch.observe(current);
    return () => watch.disconnect();
  }, []);
  const lines = useMemo(() => (fan === null ? [] : fanLines(fan, request)), [fan, request]);
  useEffect(() => {
    const element = canvas.current;
    const pen = element?.getContext("2d") ?? null;
    if (element === null || pen === null || size.width === 0) return;
    const dense = window.devicePixelRatio || 1;
    element.width = Math.round(size.width * dense);
    element.height = Math.round(size.height * dense);
    pen.setTransform(dense, 0, 0, dense, 0, 0);
    drawFan(pen, size, request, fan, lines, view, ink);
  }, [size, request, fan, lines, view, ink]);
  const { aim, film } = request;
  const bind = useDrag(
    ({ initial, movement: [x, y], first, memo, event }) => {
      const element = canvas.current;
      if (element === null) return memo;
      const held = (first ? { request, stroke: `aim ${event.timeStamp}` } : memo) as {
        request: SunRequest;
        stroke: string;
      };
      const { place } = fanScale(film, size.width, size.height, view);
      const { left, top } = element.getBoundingClientRect();
      const [fromX, fromY] = [initial[0] - left, initial[1] - top];
      onAim(pulledAim(held.request, place(fromX, fromY), place(fromX + x, fromY + y)), held.stroke);
      return held;
    },
    { pointer: { keys: false }, filterTaps: true },
  );
  const onKeyDown = (event: KeyboardEvent): void => {
    const way = KEYS[event.key];
    if (way === undefined) return;
    event.preventDefault();
    const reach = event.shiftKey ? 10 : 1;
    onAim(turnedAim(aim, way[0] * reach, way[1] * reach), `aim by ${event.key}`);
  };
  return (
    <div ref={frame} className="relative h-[24rem] w-full lg:h-[28rem]">
      <canvas
        ref={canvas}
        {...bind()}
        tabIndex={0}
        role="img"
        aria-label="The sheet with the sun’s fan. Arrow keys turn and lean the camera."
        data-fan={fan === null ? "none" : fan.request === request ? "fine" : "coarse"}
        className="block h-full w-full cursor-grab touch-none active:cursor-grabbing"
        onKeyDown={onKeyDown}
      />
      {hole !== null && size.width > 0 && (
        <HoleHandle request={request} lie={fanScale(film, size.width, size.height, view)} {...hole} />
      )}
    </div>
  );
}
