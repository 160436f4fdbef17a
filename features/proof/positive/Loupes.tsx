import { useEffect, useRef } from "react";
import type { Tone } from "../../../core/negative/index.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { type Drawn, drawnBytes } from "../paintDrawn.ts";

/** Side of a loupe, px of the picture, and how many times as large it is shown. */
const SIDE = 60;
const TIMES = 3;

/** What lies under the pointer, larger: before and after sharpening, side by side. */
export function Loupes({
  at,
  drawn,
  before,
  tones,
}: {
  readonly at: { readonly x: number; readonly y: number };
  readonly drawn: DrawReport;
  readonly before: DrawReport | null;
  readonly tones: readonly Tone[];
}) {
  const left = at.x > drawn.width / 2;
  return (
    <div className={`pointer-events-none absolute top-2 flex gap-1 ${left ? "left-2" : "right-2"}`} data-loupes>
      {before !== null && <Loupe name="before" at={at} drawn={before} tones={tones} />}
      <Loupe name={before === null ? "" : "after"} at={at} drawn={drawn} tones={tones} />
    </div>
  );
}

function Loupe({
  name,
  at,
  drawn,
  tones,
}: {
  readonly name: string;
  readonly at: { readonly x: number; readonly y: number };
  readonly drawn: DrawReport;
  readonly tones: readonly Tone[];
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const part = partOf(drawn, at.x, at.y);
    canvas.current?.getContext("2d")?.putImageData(drawnBytes(part, tones), 0, 0);
  }, [drawn, at.x, at.y, tones]);
  return (
    <figure className="border border-ink bg-card">
      <canvas ref={canvas} width={SIDE} height={SIDE} style={{ width: SIDE * TIMES, imageRendering: "pixelated" }} />
      {name !== "" && <figcaption className="px-1 text-[0.78rem]">{name}</figcaption>}
    </figure>
  );
}

function partOf({ width, height, planes }: DrawReport, x: number, y: number): Drawn {
  const left = Math.max(0, Math.min(width - SIDE, Math.round(x - SIDE / 2)));
  const top = Math.max(0, Math.min(height - SIDE, Math.round(y - SIDE / 2)));
  const parts = planes.map((plane) => {
    const part = new Float32Array(SIDE * SIDE);
    for (let row = 0; row < SIDE; row++) {
      const from = (top + row) * width + left;
      part.set(plane.subarray(from, from + SIDE), row * SIDE);
    }
    return part;
  });
  return { width: SIDE, height: SIDE, planes: parts };
}
