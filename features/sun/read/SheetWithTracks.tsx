import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, type PointerEvent, useMemo, useRef } from "react";
import type { ScanView, SheetInScan } from "../../../core/negative/index.ts";
import { type FitPoint, horizonLine, type SunAim, type SunRequest, sheetSky } from "../../../core/sun/index.ts";
import { cx } from "../../../ui/controls/cx.ts";
import { placeIn } from "../../../ui/drawing/placeIn.ts";
import { ScanCanvas } from "../../../ui/drawing/ScanCanvas.tsx";
import { fanLines } from "../plan/fanLines.ts";
import type { Fan } from "../plan/useFan.ts";
import { pulledAim, turnedAim } from "../turnedAim.ts";

/** What a press on the sheet sets, or asks. */
export type SheetMark = "first" | "last" | "horizon" | "move" | "when";

/** What each arrow key moves the tracks by: those of the sheet go with the key, as the scan lies mirrored. */
const ARROWS: Readonly<Record<string, readonly [across: number, up: number]>> = {
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** A finished sheet with some computed tracks, the horizon and the points set on it. */
export function SheetWithTracks({
  view,
  lie,
  fan,
  request,
  points,
  onPlace,
  onDrop,
  onAim,
}: {
  readonly view: ScanView;
  readonly lie: SheetInScan;
  readonly fan: Fan | null;
  readonly request: SunRequest;
  readonly points: readonly FitPoint[];
  /** `null`: the tracks are moved by hand instead. */
  readonly onPlace: ((s: number, t: number) => void) | null;
  readonly onDrop: (point: FitPoint) => void;
  readonly onAim: (aim: SunAim, stroke: string) => void;
}) {
  const size = Math.max(view.width, view.height) * view.step;
  const paths = useMemo(() => {
    const pathOf = (places: readonly { readonly s: number; readonly t: number }[]): string =>
      places
        .map(({ s, t }) => lie.toScan(s, t))
        .map(({ x, y }, i) => `${i === 0 ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`)
        .join("");
    const land = horizonLine(request.horizon ?? [], sheetSky(request), 1)
      .map(pathOf)
      .join("");
    if (fan === null) return { land, ends: "", months: "" };
    const { dates } = fan.report;
    const drawn = (days: readonly number[]): string =>
      fanLines(fan, request, days)
        .flatMap(({ runs }) => runs)
        .map(({ places }) => pathOf(pairs(places)))
        .join("");
    return {
      land,
      ends: drawn([0, dates.length - 1]),
      months: drawn([...dates.keys()].filter((day) => dates[day]?.endsWith("-01"))),
    };
  }, [fan, lie, request]);
  const outline = lie.corners.map(({ x, y }) => `${x},${y}`).join(" ");
  const { aim } = request;
  const sheetAt = (svg: SVGSVGElement, [x, y]: readonly [number, number]) => {
    const at = placeIn(svg, x, y);
    return at === null ? null : lie.toSheet(at.x, at.y);
  };
  const svg = useRef<SVGSVGElement>(null);
  const bind = useDrag(
    ({ xy, initial, first, tap, memo, event }) => {
      const drawing = svg.current;
      if (drawing === null) return memo;
      const held = (first ? { request, stroke: `tracks ${event.timeStamp}` } : memo) as {
        request: SunRequest;
        stroke: string;
      };
      const [from, to] = [sheetAt(drawing, initial), sheetAt(drawing, xy)];
      if (from === null || to === null || tap) return held;
      onAim(pulledAim(held.request, from, to), held.stroke);
      return held;
    },
    { enabled: onPlace === null, filterTaps: true, pointer: { keys: false } },
  );
  const press = (event: PointerEvent<SVGSVGElement>): void => {
    const at = sheetAt(event.currentTarget, [event.clientX, event.clientY]);
    if (at !== null) onPlace?.(Math.round(at.s * 100) / 100, Math.round(at.t * 100) / 100);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const way = ARROWS[event.key];
    if (way === undefined || onPlace !== null) return;
    event.preventDefault();
    const reach = event.shiftKey ? 1 : 0.1;
    onAim(turnedAim(aim, way[0] * reach, way[1] * reach), `tracks by ${event.key}`);
  };
  return (
    <div
      className="relative mx-auto w-full border border-ink"
      style={{ maxWidth: `calc(72vh * ${view.width / view.height})` }}
    >
      {/* A printed-out sheet is pale: shown with more contrast, read as it is. */}
      <ScanCanvas view={view} label="The finished sheet" className="relative brightness-[0.62] contrast-[3.4]" />
      {/* biome-ignore lint/a11y/useSemanticElements: no HTML element groups the parts of an SVG drawing */}
      <svg
        viewBox={`${view.left} ${view.top} ${view.width * view.step} ${view.height * view.step}`}
        ref={svg}
        className={cx(
          "absolute inset-0 h-full w-full touch-none",
          onPlace === null ? "cursor-grab active:cursor-grabbing" : "cursor-crosshair",
        )}
        role="group"
        aria-label={
          onPlace === null
            ? "The computed tracks: dragged, or moved by arrow keys"
            : "The computed tracks; a press sets a point"
        }
        data-tracks={paths.ends === "" ? "none" : fan?.request === request ? "drawn" : "coarse"}
        {...(onPlace === null ? { ...bind(), tabIndex: 0, onKeyDown } : { onPointerDown: press })}
      >
        <g fill="none" pointerEvents="none">
          <polygon points={outline} stroke="var(--sb-ink)" strokeWidth={size / 900} />
          <path d={paths.months} stroke="var(--sb-ray)" strokeWidth={size / 1400} opacity="0.8" />
          <path d={paths.ends} stroke="var(--sb-action)" strokeWidth={size / 700} />
          <path d={paths.land} stroke="var(--sb-tape)" strokeWidth={size / 900} strokeDasharray={`${size / 120}`} />
        </g>
        {points.map((point, index) => {
          const { x, y } = lie.toScan(point.s, point.t);
          const name = point.kind === "horizon" ? "on the horizon" : `on the track of ${point.date}`;
          return (
            // biome-ignore lint/a11y/useSemanticElements: a point of a drawing
            <circle
              // Points have no identity of their own.
              // biome-ignore lint/suspicious/noArrayIndexKey: see above
              key={index}
              cx={x}
              cy={y}
              r={size / 110}
              fill="var(--sb-card)"
              stroke="var(--sb-action)"
              strokeWidth={size / 500}
              role="button"
              tabIndex={0}
              aria-label={`Take out the point ${name}`}
              className="cursor-pointer"
              onPointerDown={(event) => {
                event.stopPropagation();
                onDrop(point);
              }}
              onKeyDown={(event) => {
                if (event.key === "Delete" || event.key === "Enter") onDrop(point);
              }}
            />
          );
        })}
      </svg>
    </div>
  );
}

function pairs(places: readonly number[]): readonly { readonly s: number; readonly t: number }[] {
  const out: { s: number; t: number }[] = [];
  for (let i = 0; i < places.length; i += 2) out.push({ s: places[i] as number, t: places[i + 1] as number });
  return out;
}
