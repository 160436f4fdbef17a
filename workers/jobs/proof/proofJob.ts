import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import type { BandLine } from "../../../core/light/hole/index.ts";
import type { Fault } from "../../../core/light/solve/index.ts";
import {
  densityHistogram,
  type FilledSpot,
  type FoundFault,
  type Histogram,
  histogramOf,
  isSquare,
  type JudgeAnswer,
  judgeScan,
  lightOfCells,
  type NegativeScan,
  negativeFaults,
  type PartOfSheet,
  type ProofSettings,
  type ProofTrouble,
  partOfSheet,
  placeSheet,
  proofExposure,
  type ScanView,
  type SideOfSheet,
  scanView,
  skySide,
  stripDensities,
  type Tone,
  toneFor,
  troubleFault,
} from "../../../core/negative/index.ts";
import { transformOf } from "../../codecs/fourier.ts";
import type { Decoders } from "../../codecs/read/readScan.ts";
import { type KeptScan, type OfScan, type SendScan, scanKeeper } from "../../codecs/read/scanKeeper.ts";
import { type FileOrder, finishedFile } from "../../codecs/write/finishedFile.ts";
import type { Job, JobControl, JobOutput } from "../../transport/protocol.ts";
import { runStepwise } from "../../transport/runStepwise.ts";

/** What may be asked about a negative. */
export type ProofOrder = OfScan & { readonly settings: ProofSettings } & (
    | { readonly kind: "open" }
    | { readonly kind: "part"; readonly x: number; readonly y: number; readonly side: number }
    | { readonly kind: "judge" }
    | { readonly kind: "strip"; readonly count: number; readonly along: "across" | "down" }
    | { readonly kind: "draw"; readonly spots: readonly FilledSpot[]; readonly lines: readonly BandLine[] | null }
    | ({
        readonly kind: "save";
        readonly spots: readonly FilledSpot[];
        readonly lines: readonly BandLine[] | null;
      } & FileOrder)
  );

/** A scan as it was opened. */
export interface OpenReport {
  readonly width: number;
  readonly height: number;
  readonly channels: 1 | 3;
  readonly bits: 8 | 16;
  readonly dpi: number | null;
  readonly corners: readonly (readonly [x: number, y: number])[];
  readonly found: boolean;
  /** That only a part of the sheet may have been found, and where the rest may be; `null`: nothing speaks for it. */
  readonly part: PartOfSheet | null;
  /** The side that the sky fell on, where the sheet is square and it can be told. */
  readonly sky: SideOfSheet | null;
  readonly white: number;
  readonly view: ScanView;
}

/** A negative judged. */
export interface JudgeReport {
  readonly answer: JudgeAnswer;
  readonly histogram: Histogram;
  readonly faults: readonly FoundFault[];
}

/** Exposures of an upright picture at the size asked for, and the tones they would get. */
export interface DrawReport {
  readonly width: number;
  readonly height: number;
  readonly scale: number;
  readonly planes: readonly Float32Array<ArrayBuffer>[];
  readonly tones: readonly Tone[];
  /** How often each exposure comes inside the margin, over all that is told apart. */
  readonly histograms: readonly Histogram[];
}

export type ProofReport =
  | { readonly kind: "open"; readonly report: OpenReport }
  | { readonly kind: "part"; readonly view: ScanView }
  | { readonly kind: "judge"; readonly report: JudgeReport }
  | { readonly kind: "strip"; readonly densities: readonly number[] }
  | { readonly kind: "draw"; readonly report: DrawReport }
  | { readonly kind: "save"; readonly file: Uint8Array<ArrayBuffer> }
  | SendScan;

/** Steps of a tone’s histogram. */
const HISTOGRAM_STEPS = 120;
/** Longer side of what is shown of a scan, px. */
const VIEW = 1100;

/** Everything the interface asks about negatives, in one worker that keeps the scan it unpacked last. */
export function proofJob(decoders?: Decoders): Job<ProofOrder, Result<ProofReport, Fault>> {
  const keep = scanKeeper(decoders);
  return async (order, control): Promise<JobOutput<Result<ProofReport, Fault>>> => {
    const kept = await keep({ ...order, page: order.settings.page });
    if (!kept.ok) return { output: failure({ path: "/scan", message: kept.error }), transfer: [] };
    if (kept.value === null) return { output: success({ kind: "send" }), transfer: [] };
    return answered(order, kept.value, control);
  };
}

async function answered(
  order: ProofOrder,
  { scan, dpi }: KeptScan,
  control: JobControl,
): Promise<JobOutput<Result<ProofReport, Fault>>> {
  switch (order.kind) {
    case "open": {
      const report = opened(scan, dpi, order.settings);
      return { output: success({ kind: "open", report }), transfer: [report.view.rgba.buffer] };
    }
    case "part": {
      const { x, y, side } = order;
      const part = { left: x - side / 2, top: y - side / 2, width: side, height: side };
      const view = scanView(scan, order.settings.encoding ?? "file", part, side);
      return { output: success({ kind: "part", view }), transfer: [view.rgba.buffer] };
    }
    case "judge": {
      const judged = await runStepwise(judging(scan, order.settings), control);
      return { output: judged?.value ?? failure(troubleFault(GIVEN_UP)), transfer: [] };
    }
    case "strip": {
      const densities = stripDensities(scan, order.settings, order.count, order.along);
      return { output: success({ kind: "strip", densities }), transfer: [] };
    }
    case "draw":
      return drawn(order, scan, control);
    case "save":
      return saved(order, scan, control);
    default:
      return order satisfies never;
  }
}

function opened(scan: NegativeScan, dpi: number | null, settings: ProofSettings): OpenReport {
  const { width, height, channels, most } = scan;
  const placed = placeSheet(scan, settings);
  return {
    width,
    height,
    channels,
    bits: most === 255 ? 8 : 16,
    dpi,
    corners: placed.sheet.corners.map(({ x, y }) => [x, y] as const),
    found: placed.corners === "found",
    part: placed.found === null ? null : partOfSheet(placed.found, settings.sheet, scan),
    sky: isSquare(settings.sheet) ? skySide(scan, settings, placed) : null,
    white: placed.white,
    view: scanView(scan, settings.encoding ?? "file", { left: 0, top: 0, width, height }, VIEW),
  };
}

/** Shares of the way by which the sheet is found, its light counted, its time judged: by a scan of 24 Mpx. */
const JUDGED_BY = [0.3, 0.5, 0.6] as const;

function* judging(scan: NegativeScan, settings: ProofSettings): Generator<number, Result<ProofReport, Fault>, void> {
  const placed = placeSheet(scan, settings);
  yield JUDGED_BY[0];
  const counted = lightOfCells(scan, settings, placed);
  yield JUDGED_BY[1];
  const answer = judgeScan(scan, settings, placed, counted);
  if (!answer.ok) return failure(troubleFault(answer.error));
  const histogram = densityHistogram(settings, counted.light, placed.white);
  yield JUDGED_BY[2];
  const faults = negativeFaults(scan, settings, placed);
  return success({ kind: "judge", report: { answer: answer.value, histogram, faults } });
}

type Exposing = Extract<ProofOrder, { readonly kind: "draw" | "save" }>;

async function exposed(
  { settings, spots, lines }: Exposing,
  scan: NegativeScan,
  control: JobControl,
): Promise<ReturnType<typeof proofExposure> extends Generator<number, infer R, void> ? R | null : never> {
  const tools = { transformOf, spots, ...(lines === null ? {} : { lines }) };
  return (await runStepwise(proofExposure(scan, settings, tools), control))?.value ?? null;
}

const GIVEN_UP: ProofTrouble = "nothing-there";

async function drawn(
  order: Extract<ProofOrder, { readonly kind: "draw" }>,
  scan: NegativeScan,
  control: JobControl,
): Promise<JobOutput<Result<ProofReport, Fault>>> {
  const made = await exposed(order, scan, control);
  if (made === null || !made.ok) return { output: failure(troubleFault(made?.error ?? GIVEN_UP)), transfer: [] };
  const { frame, planes } = made.value;
  const report: DrawReport = {
    width: frame.width,
    height: frame.height,
    scale: frame.scale,
    planes: planes.map(({ log }) => log),
    tones: planes.map(({ spread }) => toneFor(spread, { low: null, high: null, gamma: null })),
    histograms: planes.map(({ spread }) =>
      histogramOf(spread, spread.values[0] ?? 0, spread.values.at(-1) ?? 1, HISTOGRAM_STEPS),
    ),
  };
  return { output: success({ kind: "draw", report }), transfer: report.planes.map(({ buffer }) => buffer) };
}

async function saved(
  order: Extract<ProofOrder, { readonly kind: "save" }>,
  scan: NegativeScan,
  control: JobControl,
): Promise<JobOutput<Result<ProofReport, Fault>>> {
  const made = await exposed(order, scan, control);
  if (made === null || !made.ok) return { output: failure(troubleFault(made?.error ?? GIVEN_UP)), transfer: [] };
  const file = await finishedFile(made.value, order.settings, order);
  return { output: success({ kind: "save", file }), transfer: [file.buffer] };
}
