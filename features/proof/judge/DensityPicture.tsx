import { useEffect, useRef } from "react";
import { toSrgb } from "../../../core/basis/pictureValues/index.ts";
import { densityCurve } from "../../../core/light/exposure/index.ts";
import { type FoundFault, MISSING, type NegativeMedium, negativeCurve } from "../../../core/negative/index.ts";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";

/** The negative's densities, upright; what is blank is hatched one way, what is black beyond use the other. */
export function DensityPicture({
  drawn,
  medium,
  counted,
  shows,
  faults,
  label,
}: {
  readonly drawn: DrawReport;
  readonly medium: NegativeMedium;
  /** Which places count, mm from the sheet's middle; `null`: all. */
  readonly counted: ((s: number, t: number) => boolean) | null;
  readonly shows: { readonly blank: boolean; readonly burnt: boolean; readonly faults: boolean };
  readonly faults: readonly FoundFault[];
  readonly label: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height } = drawn;
  useEffect(() => {
    const [log] = drawn.planes;
    if (log === undefined) return;
    const image = densityBytes(log, drawn, medium, counted, shows);
    canvas.current?.getContext("2d")?.putImageData(image, 0, 0);
  }, [drawn, medium, counted, shows]);
  return (
    <figure
      className="relative mx-auto w-full border border-ink"
      aria-label={label}
      style={{ maxWidth: `calc(50vh * ${width / height})` }}
    >
      <canvas ref={canvas} width={width} height={height} className="block h-auto w-full" data-densities />
      {shows.faults && (
        <svg
          viewBox="0 0 100 100"
          preserveAspectRatio="none"
          className="absolute inset-0 h-full w-full"
          aria-hidden="true"
        >
          {faults.map(({ at }, index) => (
            <rect
              // Faults have no identity of their own; their order is stable.
              // biome-ignore lint/suspicious/noArrayIndexKey: see above
              key={index}
              x={100 * at.left}
              y={100 * at.top}
              width={100 * (at.right - at.left)}
              height={100 * (at.bottom - at.top)}
              fill="none"
              stroke="var(--sb-action)"
              strokeWidth={2}
              strokeDasharray="6 4"
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
      )}
      {shows.faults &&
        faults.map(({ at }, index) => (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: as above
            key={index}
            aria-hidden="true"
            className="absolute bg-action px-1.5 font-semibold text-[0.8rem] text-on-action"
            style={{ left: `${Math.min(94, 100 * at.left)}%`, top: `${Math.min(92, 100 * at.top)}%` }}
          >
            {index + 1}
          </span>
        ))}
    </figure>
  );
}

/** Hatching: lines so far apart, px. */
const HATCH = 7;
/** Blank is shown in the blue of light, black in the red of action. */
const BLUE = [38, 109, 168] as const;
const RED = [196, 40, 32] as const;
const SHADE = [150, 146, 138] as const;
/** Whether a place counts is looked up once for so many pixels each way. */
const BLOCK = 4;

/** Which pixels of an upright picture lie where enough light fell. */
function litRows(
  width: number,
  height: number,
  scale: number,
  counted: ((s: number, t: number) => boolean) | null,
): (x: number, y: number) => boolean {
  if (counted === null) return () => true;
  const columns = Math.ceil(width / BLOCK);
  const lit = Array.from({ length: columns * Math.ceil(height / BLOCK) }, (_, i) => {
    const [x, y] = [((i % columns) + 0.5) * BLOCK, (Math.floor(i / columns) + 0.5) * BLOCK];
    // Upright, X = −s and Y = −t; pixels go down.
    return counted((width / 2 - x) / scale, (y - height / 2) / scale);
  });
  return (x, y) => lit[Math.floor(y / BLOCK) * columns + Math.floor(x / BLOCK)] ?? true;
}

function densityBytes(
  log: Float32Array,
  { width, height, scale }: DrawReport,
  medium: NegativeMedium,
  counted: ((s: number, t: number) => boolean) | null,
  shows: { readonly blank: boolean; readonly burnt: boolean },
): ImageData {
  const image = new ImageData(width, height);
  const curve = densityCurve(medium, medium.iso);
  const ends = negativeCurve(medium, 1);
  const [blank, burnt] = [
    Math.fround(ends.least),
    ends.logOfDensity(medium.least + 0.95 * (medium.most - medium.least)),
  ];
  const lit = litRows(width, height, scale, counted);
  for (let i = 0; i < log.length; i++) {
    const value = log[i] as number;
    if (value === MISSING) continue;
    const grey = 255 * toSrgb(10 ** -(curve(10 ** value) - medium.least));
    const [x, y] = [i % width, Math.floor(i / width)];
    let colour: readonly [number, number, number] = [grey, grey, grey];
    if (!lit(x, y)) colour = (x + y) % HATCH < 3 ? SHADE : colour;
    else if (shows.blank && value <= blank && (x + y) % HATCH < 2) colour = BLUE;
    else if (shows.burnt && value > burnt && (x - y + height) % HATCH < 2) colour = RED;
    image.data.set([...colour, 255], 4 * i);
  }
  return image;
}
