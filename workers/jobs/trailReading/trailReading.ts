import { toSrgb } from "../../../core/basis/pictureValues/index.ts";
import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import { PRINTED_MOST } from "../../../core/light/exposure/index.ts";
import {
  type NegativeScan,
  placeSheet,
  printedExposures,
  type ScanView,
  scanView,
} from "../../../core/negative/index.ts";
import type { MadeUpCan, MadeUpDisturbance } from "../../../core/simulate/trail/index.ts";
import {
  type Diary,
  type Disturbance,
  findDisturbance,
  readDiary,
  type SkyPicture,
  type SunRequest,
  sheetSky,
  skyPicture,
  trackWidth,
} from "../../../core/sun/index.ts";
import type { Decoders } from "../../codecs/read/readScan.ts";
import { type OfScan, type SendScan, scanKeeper } from "../../codecs/read/scanKeeper.ts";
import type { Job, JobControl, JobOutput } from "../../transport/protocol.ts";
import { runStepwise } from "../../transport/runStepwise.ts";
import { skyTools } from "../sun/skyTools.ts";
import { madeUpTrailFile } from "./madeUpTrailFile.ts";

/** Corners of a sheet in its scan, px, as `/api/proof` has them. */
type Corners = readonly (readonly [x: number, y: number])[];

/** What may be asked about a finished sheet. */
export type TrailOrder =
  /** A made-up can that stood a little otherwise than planned, its sheet scanned. */
  | {
      readonly kind: "simulate";
      readonly request: SunRequest;
      readonly dpi: number;
      readonly seed: number;
      readonly disturbance: MadeUpDisturbance;
    }
  | TrailScanOrder;

/** What may be asked about a scan. */
export type TrailScanOrder = OfScan &
  (
    | { readonly kind: "open"; readonly width: number; readonly height: number }
    /** Laid out by the directions its sheet looked in. */
    | { readonly kind: "sky"; readonly corners: Corners; readonly request: SunRequest; readonly width: number }
    /** The weather, by the camera as it stood; of days on which it was shut nothing is told. */
    | {
        readonly kind: "diary";
        readonly corners: Corners;
        readonly request: SunRequest;
        readonly shut: ShutDays | null;
      }
    /** Whether the camera was moved or shut on the way. */
    | { readonly kind: "disturbance"; readonly corners: Corners; readonly request: SunRequest }
  );

/** Local days, YYYY-MM-DD, both shut. */
export interface ShutDays {
  readonly from: string;
  readonly to: string;
}

export type TrailReport =
  | { readonly kind: "simulate"; readonly file: Uint8Array<ArrayBuffer>; readonly can: MadeUpCan }
  | { readonly kind: "open"; readonly view: ScanView; readonly corners: Corners; readonly found: boolean }
  | { readonly kind: "sky"; readonly sky: SkyPicture; readonly rgba: Uint8ClampedArray<ArrayBuffer> }
  | { readonly kind: "diary"; readonly diary: Diary }
  | { readonly kind: "disturbance"; readonly disturbance: Disturbance | null }
  | SendScan;

const GIVEN_UP = failure("was given up");
/** Of a scan this share is darker than what is shown as white when it is inverted. */
const DARKEST = 0.002;
/** Longer side of what is shown of a scan, px. */
const VIEW = 1100;
/** What a sheet's place and light are found with; its curve is not that of a developed paper, and is not asked. */
const MEDIUM = { least: 0, most: PRINTED_MOST, range: 110, iso: 6 } as const;
/** Of a track's width, half the side of what is averaged. */
const REACH = 1 / 6;

/** Makes a can's sheet up, or reads one; keeps the scan it unpacked last. */
export function trailJob(decoders?: Decoders): Job<TrailOrder, Result<TrailReport, string>> {
  const keep = scanKeeper(decoders);
  return async (order, control): Promise<JobOutput<Result<TrailReport, string>>> => {
    if (order.kind === "simulate") {
      const { file, can } = madeUpTrailFile(order.request, order.dpi, order.seed, order.disturbance);
      return { output: success({ kind: "simulate", file, can }), transfer: [file.buffer] };
    }
    const kept = await keep(order);
    if (!kept.ok) return { output: failure(kept.error), transfer: [] };
    if (kept.value === null) return { output: success({ kind: "send" }), transfer: [] };
    const { scan } = kept.value;
    return order.kind === "open" ? opened(scan, order) : read(scan, order, control);
  };
}

function opened(
  scan: NegativeScan,
  sheet: { readonly width: number; readonly height: number },
): JobOutput<Result<TrailReport, string>> {
  const placed = placeSheet(scan, { medium: MEDIUM, sheet: { width: sheet.width, height: sheet.height } });
  const view = scanView(scan, "file", { left: 0, top: 0, width: scan.width, height: scan.height }, VIEW);
  const corners = placed.sheet.corners.map(({ x, y }) => [x, y] as const);
  const found = placed.corners === "found";
  return { output: success({ kind: "open", view, corners, found }), transfer: [view.rgba.buffer] };
}

async function read(
  scan: NegativeScan,
  order: Exclude<TrailScanOrder, { readonly kind: "open" }>,
  control: JobControl,
): Promise<JobOutput<Result<TrailReport, string>>> {
  const { request } = order;
  const sheet = { width: request.film.width, height: request.film.height, corners: order.corners };
  const placed = placeSheet(scan, { medium: MEDIUM, sheet });
  if (!(placed.white > 0)) return { output: failure("is black all over"), transfer: [] };
  if (order.kind === "sky") {
    const picture = skyPicture(request, order.width, ({ s, t }) => placed.sheet.toScan(s, t));
    const rgba = inverted(scan, picture, placed.white);
    return { output: success({ kind: "sky", sky: picture, rgba }), transfer: [rgba.buffer, picture.places.buffer] };
  }
  const exposures = printedExposures(scan, placed, REACH * trackWidth(sheetSky(request).model, { s: 0, t: 0 }));
  if (order.kind === "disturbance") {
    const found = await runStepwise(findDisturbance(request, exposures, skyTools), control);
    return {
      output: found === null ? GIVEN_UP : success({ kind: "disturbance", disturbance: found.value }),
      transfer: [],
    };
  }
  const { shut } = order;
  const wasOpen = (date: string): boolean => shut === null || date < shut.from || date > shut.to;
  const diary = await runStepwise(readDiary(request, exposures, skyTools, wasOpen), control);
  if (diary === null) return { output: GIVEN_UP, transfer: [] };
  const { hours, at, sun, parted } = diary.value;
  return {
    output: success({ kind: "diary", diary: diary.value }),
    transfer: [hours, at, sun, parted].map(({ buffer }) => buffer),
  };
}

/** The scan’s light at each direction, inverted, from its paper’s white to its darkest. */
function inverted(
  scan: NegativeScan,
  { width, height, places }: SkyPicture,
  white: number,
): Uint8ClampedArray<ArrayBuffer> {
  const { channels, samples, most } = scan;
  const rgba = new Uint8ClampedArray(4 * width * height);
  const values: number[] = [];
  const read = (i: number, channel: number): number => {
    const [x, y] = [Math.floor(places[2 * i] as number), Math.floor(places[2 * i + 1] as number)];
    if (!(x >= 0 && y >= 0 && x < scan.width && y < scan.height)) return Number.NaN;
    return (samples[(y * scan.width + x) * channels + Math.min(channel, channels - 1)] as number) / most;
  };
  for (let i = 0; i < width * height; i += 7) {
    const value = read(i, 1);
    if (Number.isFinite(value)) values.push(value);
  }
  values.sort((a, b) => a - b);
  const dark = values[Math.floor(DARKEST * values.length)] ?? 0;
  const light = toSrgb(white);
  for (let i = 0; i < width * height; i++) {
    for (let channel = 0; channel < 3; channel++) {
      const value = read(i, channel);
      if (!Number.isFinite(value)) break;
      rgba[4 * i + channel] = (255 * (light - value)) / Math.max(0.01, light - dark);
      rgba[4 * i + 3] = 255;
    }
  }
  return rgba;
}
