import { useDrag } from "@use-gesture/react";
import { type PointerEvent, useMemo, useRef, useState } from "react";
import type { Negative } from "../../../core/document/index.ts";
import { type Crop, type FilledSpot, MISSING, type PictureFrame, type Tone } from "../../../core/negative/index.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { plainTones } from "../plainTones.ts";
import { ToneCanvas } from "../ToneCanvas.tsx";
import { CropEdges } from "./CropEdges.tsx";
import { WHOLE } from "./croppedTo.ts";
import { Loupes } from "./Loupes.tsx";
import type { Tool } from "./tool.ts";

/** Radius of the brush, mm of the sheet. */
const BRUSH = 0.9;
/** Lines of the grid each way. */
const GRID = 8;

type Towards = { readonly azimuth: number; readonly elevation: number };

/** The positive on the screen: what is done with it by hand happens here. */
export function PositivePicture({
  drawn,
  before,
  tones,
  negative,
  frame,
  tool,
  compare,
  grid,
  loupe,
  onTowards,
  onSpot,
  onBalance,
  onCrop,
}: {
  readonly drawn: DrawReport;
  /** The same unsharpened, where it is compared. */
  readonly before: DrawReport | null;
  readonly tones: readonly Tone[];
  readonly negative: Negative;
  readonly frame: PictureFrame | null;
  readonly tool: Tool;
  readonly compare: boolean;
  readonly grid: boolean;
  readonly loupe: boolean;
  readonly onTowards: (towards: Towards, stroke: string) => void;
  readonly onSpot: (spot: FilledSpot) => void;
  readonly onBalance: (balance: readonly [number, number, number]) => void;
  readonly onCrop: (crop: Crop, stroke: string) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [at, setAt] = useState<{ readonly x: number; readonly y: number } | null>(null);
  const { settings, finish = {} } = negative;
  const { width, height } = drawn;
  const plain = useMemo(() => plainTones(drawn, settings.medium), [drawn, settings.medium]);
  const looks = tool === "look" && settings.projection !== undefined && settings.projection !== "lay";
  const stroke = useRef(0);
  const bind = useDrag(
    ({ first, movement: [mx, my], memo }) => {
      const { azimuth = 0, elevation = 0 } = settings.towards ?? {};
      const start = (memo as Towards | undefined) ?? { azimuth, elevation };
      if (first) stroke.current++;
      const shown = box.current?.clientWidth ?? width;
      // Degrees for one pixel of the screen, in the middle of the picture.
      const degrees = (width / shown / drawn.scale) * (180 / Math.PI);
      onTowards(
        {
          azimuth: Math.max(-90, Math.min(90, start.azimuth - (finish.mirrored ? -mx : mx) * degrees)),
          elevation: Math.max(-60, Math.min(60, start.elevation + my * degrees)),
        },
        `look ${stroke.current}`,
      );
      return start;
    },
    { enabled: looks, pointer: { keys: false } },
  );
  const placeOf = (event: PointerEvent): { x: number; y: number } => {
    const rect = event.currentTarget.getBoundingClientRect();
    return {
      x: (finish.mirrored ? rect.right - event.clientX : event.clientX - rect.left) * (width / rect.width),
      y: ((event.clientY - rect.top) / rect.height) * height,
    };
  };
  const press = (event: PointerEvent): void => {
    const { x, y } = placeOf(event);
    if (tool === "brush") {
      const place = frame?.toSheet(x, y) ?? null;
      if (place !== null) onSpot({ ...place, radius: BRUSH });
    }
    if (tool === "balance") {
      const pixel = Math.min(height - 1, Math.floor(y)) * width + Math.min(width - 1, Math.floor(x));
      const balance = balanceAt(drawn.planes, tones, pixel);
      if (balance !== null) onBalance(balance);
    }
  };
  const crop = finish.crop ?? WHOLE;
  return (
    <div
      ref={box}
      {...bind()}
      className={`relative mx-auto w-full overflow-hidden border border-ink bg-board ${looks ? "cursor-grab touch-none" : tool === "brush" || tool === "balance" ? "cursor-crosshair" : ""}`}
      style={{ maxWidth: `calc(66vh * ${width / height})`, aspectRatio: `${width} / ${height}` }}
      onPointerDown={press}
      onPointerMove={(event) => loupe && setAt(placeOf(event))}
      onPointerLeave={() => setAt(null)}
      data-compare={compare ? "plain" : "own"}
    >
      <div
        className="absolute inset-0"
        style={{ rotate: `${finish.turn ?? 0}deg`, scale: finish.mirrored ? "-1 1" : "none" }}
      >
        {compare ? (
          <ToneCanvas
            drawn={plain}
            tones={PLAIN}
            tint="neutral"
            label="The plain inversion"
            className="block h-full w-full"
          />
        ) : (
          <ToneCanvas
            drawn={drawn}
            tones={tones}
            tint={finish.tint ?? "neutral"}
            label="The positive, upright"
            className="block h-full w-full"
          />
        )}
      </div>
      <svg
        viewBox="0 0 100 100"
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 h-full w-full"
        aria-hidden="true"
      >
        {grid &&
          Array.from({ length: GRID - 1 }, (_, i) => (100 * (i + 1)) / GRID).map((line) => (
            <path
              key={line}
              d={`M${line} 0V100M0 ${line}H100`}
              stroke="var(--sb-action)"
              strokeWidth={1}
              fill="none"
              vectorEffect="non-scaling-stroke"
            />
          ))}
        <path
          d={`M0 0H100V100H0Z M${100 * crop.left} ${100 * crop.top}V${100 * (1 - crop.bottom)}H${100 * (1 - crop.right)}V${100 * crop.top}Z`}
          fill="var(--sb-board)"
          fillOpacity={0.8}
          fillRule="evenodd"
        />
      </svg>
      {tool === "crop" && <CropEdges crop={crop} box={box} onCrop={onCrop} />}
      {loupe && at !== null && <Loupes at={at} drawn={drawn} before={before} tones={tones} />}
    </div>
  );
}

/** A plane of shares of white, shown as they are. */
const PLAIN: readonly Tone[] = [{ low: 0, high: 1, gamma: 1 }];

/** Stops by which each colour must move so that a place is neutral; `null` where nothing is known. */
function balanceAt(
  planes: readonly Float32Array[],
  tones: readonly Tone[],
  pixel: number,
): readonly [number, number, number] | null {
  if (planes.length < 3) return null;
  const shares = planes.map((plane, i) => {
    const tone = tones[i] as Tone;
    return ((plane[pixel] as number) - tone.low) / (tone.high - tone.low);
  });
  if ((planes[0] as Float32Array)[pixel] === MISSING) return null;
  const mean = shares.reduce((sum, share) => sum + share, 0) / 3;
  return shares.map((share, i) => {
    const { high, low } = tones[i] as Tone;
    return Math.max(-10, Math.min(10, ((mean - share) * (high - low)) / Math.log10(2)));
  }) as unknown as [number, number, number];
}
