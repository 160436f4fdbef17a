import { useDrag } from "@use-gesture/react";
import type { KeyboardEvent } from "react";
import { type SunRequest, sheetSky } from "../../../core/sun/index.ts";
import type { FanScale } from "./drawFan.ts";

/** What an arrow key moves, mm; with Shift ten times as much. */
const STEP = 1;

/** The hole's height beside the sheet, where what lies straight ahead lands: pulled up or down, or moved by arrow keys. */
export function HoleHandle({
  request,
  lie,
  above,
  words,
  onAbove,
  onHold,
}: {
  readonly request: SunRequest;
  readonly lie: FanScale;
  /** mm above the bottom. */
  readonly above: number;
  readonly words: (mm: number) => string;
  readonly onAbove: (mm: number) => void;
  readonly onHold: (holding: boolean) => void;
}) {
  const sky = sheetSky(request);
  const ahead = sky.land(sky.toSky({ azimuth: 0, elevation: 0 }));
  const bind = useDrag(
    ({ movement: [, down], first, last, memo }) => {
      const from = (first ? above : memo) as number;
      if (first) onHold(true);
      const up = lie.place(0, down).t - lie.place(0, 0).t;
      onAbove(Math.round(2 * (from + up)) / 2);
      if (last) onHold(false);
      return from;
    },
    { pointer: { keys: false }, filterTaps: true },
  );
  if (ahead === null) return null;
  const onKeyDown = (event: KeyboardEvent): void => {
    const way = event.key === "ArrowUp" ? 1 : event.key === "ArrowDown" ? -1 : 0;
    if (way === 0) return;
    event.preventDefault();
    // The ring goes with the key; with the sheet upside down, up is lower.
    const side = lie.place(0, -1).t > lie.place(0, 0).t ? 1 : -1;
    onAbove(above + way * side * STEP * (event.shiftKey ? 10 : 1));
  };
  const edges = [lie.x(-request.film.width / 2), lie.x(request.film.width / 2)];
  return (
    <div
      {...bind()}
      role="slider"
      tabIndex={0}
      aria-label="Hole above the bottom, beside the sheet"
      aria-orientation="vertical"
      aria-valuenow={Math.round(10 * above) / 10}
      aria-valuetext={words(above)}
      data-hole-handle
      className="absolute flex size-8 -translate-x-full -translate-y-1/2 cursor-ns-resize touch-none items-center justify-end"
      style={{ left: Math.min(...edges), top: lie.y(ahead.t) }}
      title={`The hole, ${words(above)} above the bottom`}
      onKeyDown={onKeyDown}
    >
      <span className="size-4 rounded-full border-2 border-action bg-card" />
    </div>
  );
}
