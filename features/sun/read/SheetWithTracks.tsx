import { type PointerEvent, useMemo } from "react";
import type { ScanView, SheetInScan } from "../../../core/negative/index.ts";
import { type FitPoint, horizonLine, type SunRequest, sheetSky } from "../../../core/sun/index.ts";
import { ScanCanvas } from "../../../ui/ScanCanvas.tsx";
import { fanLines } from "../plan/fanLines.ts";
import type { Fan } from "../plan/useFan.ts";

/** What a press on the sheet sets, or asks. */
export type SheetMark = "first" | "last" | "horizon" | "when";

/** A finished sheet with some computed tracks, the horizon and the points set on it. */
export function SheetWithTracks({
  view,
  lie,
  fan,
  request,
  points,
  onPlace,
  onDrop,
}: {
  readonly view: ScanView;
  readonly lie: SheetInScan;
  readonly fan: Fan | null;
  readonly request: SunRequest;
  readonly points: readonly FitPoint[];
  readonly onPlace: (s: number, t: number) => void;
  readonly onDrop: (index: number) => void;
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
    const day = (wanted: (date: string, i: number) => boolean): string =>
      fanLines(fan, fan.request)
        .filter((line) => wanted(dates[line.day] ?? "", line.day))
        .flatMap(({ runs }) => runs)
        .map(({ places }) => pathOf(pairs(places)))
        .join("");
    return {
      land,
      ends: day((_, i) => i === 0 || i === dates.length - 1),
      months: day((date) => date.endsWith("-01")),
    };
  }, [fan, lie, request]);
  const outline = lie.corners.map(({ x, y }) => `${x},${y}`).join(" ");
  const press = (event: PointerEvent<SVGSVGElement>): void => {
    const at = placeIn(event.currentTarget, event.clientX, event.clientY);
    if (at === null) return;
    const { s, t } = lie.toSheet(at.x, at.y);
    onPlace(Math.round(s * 100) / 100, Math.round(t * 100) / 100);
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
        className="absolute inset-0 h-full w-full cursor-crosshair touch-none"
        role="group"
        aria-label="The computed tracks; a press sets a point"
        data-tracks={paths.ends === "" ? "none" : "drawn"}
        onPointerDown={press}
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
                onDrop(index);
              }}
              onKeyDown={(event) => {
                if (event.key === "Delete" || event.key === "Enter") onDrop(index);
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

/** A point of the screen in a drawing's own units. */
function placeIn(svg: SVGSVGElement, x: number, y: number): DOMPoint | null {
  const matrix = svg.getScreenCTM();
  return matrix === null ? null : new DOMPoint(x, y).matrixTransform(matrix.inverse());
}
