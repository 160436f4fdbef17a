import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, type RefObject, useMemo, useRef } from "react";
import { INK } from "../../../core/basis/drawing/index.ts";
import { toSrgb } from "../../../core/basis/pictureValues/index.ts";
import { formatStops } from "../../../core/basis/units/index.ts";
import { densityCurve, midExposure } from "../../../core/light/exposure/index.ts";
import { type NegativeMedium, type StepWedge, stepWedge, type Tone } from "../../../core/negative/index.ts";
import { Button } from "../../../ui/controls/Button.tsx";
import { Panel } from "../../../ui/controls/Panel.tsx";
import type { DrawReport } from "../../../workers/jobs/proof/proofJob.ts";
import { movedTone, type ToneEnd } from "./movedTone.ts";

/** What each peg says: the exposure that comes out so on the positive. */
const PEGS: Readonly<Record<ToneEnd, { readonly name: string; readonly words: string }>> = {
  low: { name: "Black", words: "as black as it prints" },
  middle: { name: "Middle", words: "middle" },
  high: { name: "White", words: "paper white" },
};
const ENDS = ["low", "middle", "high"] as const;
/** A third of a stop, log₁₀ H: what a hand moves by; a key moves by a tenth of it, with Shift by all of it. */
const THIRD = 0.1;
/** Air beyond the outermost peg, log₁₀ H. */
const AIR = 0.08;
/** On greys lighter than this dark figures can be read, on those deeper than that pale ones; between there are none. */
const LIGHT = 150;
const DEEP = 95;
/** Height of the bars over the wedge, pixels. */
const BARS = 46;
/** Of the greys, of the pegs' feet under them, and of a line of words, pixels. */
const GREYS = 34;
const FEET = 28;
const LINE = 16;
/** Pegs whose words would run into each other, as a share of the strip. */
const TOO_NEAR = 0.3;

/** The line that each peg's words stand in: of pegs that are too near to each other each has its own. */
function wordRows(
  places: Readonly<Record<ToneEnd, number>>,
  share: (log: number) => number,
): Readonly<Record<ToneEnd, number>> {
  const rows = { low: 0, middle: 0, high: 0 };
  for (const [index, end] of ENDS.entries()) {
    const near = ENDS.slice(0, index).filter((other) => Math.abs(share(places[end]) - share(places[other])) < TOO_NEAR);
    const taken = near.map((other) => rows[other]);
    rows[end] = [0, 1, 2].find((row) => !taken.includes(row)) ?? 0;
  }
  return rows;
}

/** The positive's tones on a step wedge of this very paper: where black, middle and white fall is pegged there. */
export function TonePanel({
  drawn,
  medium,
  tone,
  onTone,
  onFound,
}: {
  readonly drawn: DrawReport;
  readonly medium: NegativeMedium;
  readonly tone: Tone;
  readonly onTone: (tone: Tone, stroke: string) => void;
  readonly onFound: () => void;
}) {
  const [histogram] = drawn.histograms;
  const wedge = useMemo(() => (histogram === undefined ? null : stepWedge(medium, histogram)), [histogram, medium]);
  const strip = useRef<HTMLDivElement>(null);
  const middle = tone.low + (tone.high - tone.low) * 0.5 ** (1 / tone.gamma);
  const places: Readonly<Record<ToneEnd, number>> = { low: tone.low, middle, high: tone.high };
  if (wedge === null) return null;
  const from = Math.min(wedge.from, tone.low) - AIR;
  const to = Math.max(wedge.to, tone.high) + AIR;
  const share = (log: number): number => (log - from) / (to - from);
  const rows = wordRows(places, share);
  const lines = 1 + Math.max(...Object.values(rows));
  return (
    <Panel
      title="Tones"
      aside={
        <Button look="quiet" onClick={onFound}>
          As found
        </Button>
      }
    >
      <div ref={strip} className="relative" style={{ height: BARS + GREYS + FEET + LINE * lines }} data-wedge>
        <Wedge wedge={wedge} medium={medium} share={share} />
        {ENDS.map((end) => (
          <Peg
            key={end}
            end={end}
            at={places[end]}
            medium={medium}
            share={share}
            span={to - from}
            strip={strip}
            line={rows[end]}
            lines={lines}
            onMove={(log, stroke) => onTone(movedTone(tone, end, log), stroke)}
          />
        ))}
      </div>
      <p className="text-[0.83rem] text-quiet">
        Eleven densities of this paper, and over each how much of the sheet has it. Pegs move by thirds of a stop, by
        arrow keys ten times finer.
      </p>
    </Panel>
  );
}

/** The paper's eleven densities side by side, each with its bar: how much of the sheet has it. */
function Wedge({
  wedge,
  medium,
  share,
}: {
  readonly wedge: StepWedge;
  readonly medium: NegativeMedium;
  readonly share: (log: number) => number;
}) {
  const { from, to, steps } = wedge;
  const wide = (share(to) - share(from)) / steps.length;
  const greatest = Math.max(...steps.map((step) => step.share), 1e-6);
  return steps.map(({ log, density, share: part }) => {
    const grey = Math.round(255 * toSrgb(10 ** (medium.least - density)));
    const left = `${100 * (share(log) - wide / 2)}%`;
    return (
      <div key={log} aria-hidden="true">
        <span
          className="absolute bg-kraft"
          style={{
            left: `calc(${left} + 2px)`,
            width: `calc(${100 * wide}% - 4px)`,
            top: BARS - Math.round(BARS * Math.sqrt(part / greatest)),
            height: Math.round(BARS * Math.sqrt(part / greatest)),
          }}
        />
        <span
          className="absolute overflow-hidden border-ink border-y text-center text-[0.75rem] leading-8 tabular-nums"
          style={{
            left,
            width: `${100 * wide}%`,
            top: BARS,
            height: GREYS,
            background: `rgb(${grey} ${grey} ${grey})`,
            color: grey > LIGHT ? INK.light.ink : INK.light.card,
          }}
        >
          {(grey > LIGHT || grey < DEEP) && density.toFixed(1)}
        </span>
      </div>
    );
  });
}

/** One peg under the wedge; it reaches up through the bars. */
function Peg({
  end,
  at,
  medium,
  share,
  span,
  strip,
  line,
  lines,
  onMove,
}: {
  readonly end: ToneEnd;
  readonly at: number;
  readonly medium: NegativeMedium;
  readonly share: (log: number) => number;
  /** All of the strip, log₁₀ H. */
  readonly span: number;
  readonly strip: RefObject<HTMLDivElement | null>;
  /** Which line its words stand in, and of how many. */
  readonly line: number;
  readonly lines: number;
  readonly onMove: (log: number, stroke: string) => void;
}) {
  const stroke = useRef(0);
  // Keys may come quicker than the page is drawn.
  const latest = useRef(at);
  latest.current = at;
  const bind = useDrag(
    ({ first, movement: [mx], memo }) => {
      const start = (memo as number | undefined) ?? at;
      if (first) stroke.current++;
      const moved = (mx / Math.max(1, strip.current?.clientWidth ?? 1)) * span;
      onMove(start + THIRD * Math.round(moved / THIRD), `${end} ${stroke.current}`);
      return start;
    },
    { pointer: { keys: false } },
  );
  const nudge = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    latest.current += by * THIRD * (event.shiftKey ? 1 : 0.1);
    onMove(latest.current, `${end} keys`);
  };
  const { name, words } = PEGS[end];
  const density = densityCurve(medium, medium.iso)(10 ** at);
  const stops = (at - Math.log10(midExposure(medium.iso))) * Math.log2(10);
  const side = end === "low" ? "items-start" : end === "high" ? "items-end" : "items-center";
  return (
    <div
      {...bind()}
      role="slider"
      tabIndex={0}
      aria-label={`${name}, log exposure`}
      aria-valuenow={Math.round(1000 * at) / 1000}
      aria-valuetext={`density ${density.toFixed(2)}, ${formatStops(stops)} ${stops < 0 ? "under" : "over"} mid-grey`}
      data-tone={end}
      className="absolute flex w-8 -translate-x-1/2 cursor-ew-resize touch-none flex-col items-center"
      style={{ left: `${100 * share(at)}%`, top: 0, bottom: LINE * lines }}
      onKeyDown={nudge}
    >
      <span className="w-px grow bg-action" />
      <svg viewBox="0 0 14 16" width="14" height="16" aria-hidden="true" className="shrink-0">
        <path
          d="M1 15V6L7 0L13 6V15Z"
          fill={end === "low" ? "var(--sb-ink)" : end === "high" ? "var(--sb-card)" : "var(--sb-kraft)"}
          stroke="var(--sb-action)"
          strokeWidth="1.5"
        />
      </svg>
      <span
        className={`absolute flex w-0 flex-col whitespace-nowrap text-[0.75rem] leading-4 ${side}`}
        style={{ top: `calc(100% + ${LINE * line}px)` }}
      >
        <span>{words}</span>
      </span>
    </div>
  );
}
