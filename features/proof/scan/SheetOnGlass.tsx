import { useEffect, useEffectEvent, useRef, useState } from "react";
import { isConvex, type Quad } from "../../../core/basis/plane/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import type { ScanView } from "../../../core/negative/index.ts";
import { CornerHandle } from "../../../ui/drawing/CornerHandle.tsx";
import { ScanCanvas } from "../../../ui/drawing/ScanCanvas.tsx";
import type { OpenReport } from "../../../workers/jobs/proof/proofJob.ts";
import { askProof } from "../askProof.ts";
import type { Corner, Corners } from "../corners.ts";

/** Names of the corners, as the sheet stood. */
const NAMES = ["top left", "top right", "bottom right", "bottom left"] as const;
/** Twice the area that three corners in a row must span at least, px²: less is no sheet. */
const LEAST_CORNER = 64;
/** Side of the loupe, px of the scan and on the screen. */
const LOUPE = { scan: 56, screen: 224 } as const;

/** The scan with the sheet's edges; corners can be taken hold of, and a loupe shows where they are. */
export function SheetOnGlass({
  negative,
  report,
  corners,
  onCorners,
  onWhite,
}: {
  readonly negative: Negative;
  readonly report: OpenReport;
  readonly corners: Corners;
  readonly onCorners: (corners: Corners, stroke: string) => void;
  /** Called with a place of the scan that had no light, where one is to be marked. */
  readonly onWhite: ((at: Corner) => void) | null;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const { view } = report;
  const across = view.width * view.step;
  const perPixel = (): number => across / Math.max(1, frame.current?.clientWidth ?? 1);
  const move = (index: number, [x, y]: Corner, stroke: string): void => {
    const kept: Corner = [Math.min(report.width, Math.max(0, x)), Math.min(report.height, Math.max(0, y))];
    const next = corners.map((corner, i) => (i === index ? kept : corner)) as unknown as Corners;
    if (isSound(next)) onCorners(next, stroke);
  };
  const line = corners.map(([x, y]) => `${x},${y}`).join(" ");
  const size = Math.max(report.width, report.height);
  return (
    <div className="grid gap-2">
      <div
        ref={frame}
        className="relative mx-auto w-full border border-ink"
        style={{ maxWidth: `calc(76vh * ${report.width / report.height})` }}
      >
        <ScanCanvas view={view} label="The scan, with the edges of the sheet">
          <polygon points={line} fill="none" stroke="var(--sb-action)" strokeWidth={size / 400} />
          {corners.map((corner, index) => (
            <CornerHandle
              key={NAMES[index]}
              name={NAMES[index] ?? ""}
              corner={corner}
              radius={size / 70}
              perPixel={perPixel}
              onMove={(to, stroke) => move(index, to, stroke)}
              onHold={(is) => setHeld(is ? index : null)}
            />
          ))}
          <text
            x={(corners[0][0] + corners[1][0]) / 2}
            y={(corners[0][1] + corners[1][1]) / 2}
            fontSize={size / 40}
            fill="var(--sb-action)"
            textAnchor="middle"
          >
            top, as it stood
          </text>
          {onWhite !== null && (
            // biome-ignore lint/a11y/useSemanticElements: a place of a drawing is pressed, not a button
            <rect
              x={view.left}
              y={view.top}
              width={across}
              height={view.height * view.step}
              fill="transparent"
              className="cursor-crosshair"
              role="button"
              tabIndex={-1}
              aria-label="Mark a place that had no light"
              onClick={(event) => {
                const box = event.currentTarget.getBoundingClientRect();
                onWhite([
                  view.left + ((event.clientX - box.left) / box.width) * across,
                  view.top + ((event.clientY - box.top) / box.height) * view.height * view.step,
                ]);
              }}
            />
          )}
        </ScanCanvas>
        {held !== null && (
          <Loupe
            negative={negative}
            at={corners[held] as Corner}
            corners={corners}
            side={(corners[held]?.[0] ?? 0) > report.width / 2 ? "left-2" : "right-2"}
          />
        )}
      </div>
    </div>
  );
}

/** Whether corners are those of a sheet. */
function isSound(corners: Corners): boolean {
  return isConvex(corners.map(([x, y]) => ({ x, y })) as unknown as Quad, LEAST_CORNER);
}

/** What lies under a corner, many times as large. */
function Loupe({
  negative,
  at: [x, y],
  corners,
  side,
}: {
  readonly negative: Negative;
  readonly at: Corner;
  readonly corners: Corners;
  /** It stands where the corner is not. */
  readonly side: "left-2" | "right-2";
}) {
  const [view, setView] = useState<ScanView | null>(null);
  const [px, py] = [Math.round(x), Math.round(y)];
  const { picture, settings } = negative;
  // Other settings alone show no other part of it.
  const ask = useEffectEvent((signal: AbortSignal) =>
    askProof({ picture, settings }, { kind: "part", x: px, y: py, side: LOUPE.scan }, { signal }),
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: another scan, or another place of it
  useEffect(() => {
    const stop = new AbortController();
    void ask(stop.signal).then((part) => {
      if (part.ok && !stop.signal.aborted) setView(part.value.view);
    });
    return () => stop.abort();
  }, [picture, px, py]);
  if (view === null) return null;
  return (
    <div
      data-loupe
      className={`pointer-events-none absolute top-2 overflow-hidden border-2 border-ink ${side}`}
      style={{ width: LOUPE.screen, height: LOUPE.screen * (view.height / view.width), imageRendering: "pixelated" }}
    >
      <ScanCanvas view={view} label="Loupe">
        <polygon
          points={corners.map((corner) => corner.join(",")).join(" ")}
          fill="none"
          stroke="var(--sb-action)"
          strokeWidth={0.4}
        />
      </ScanCanvas>
    </div>
  );
}
