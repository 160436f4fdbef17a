import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { mersenne } from "pure-rand/generator/mersenne";
import { toSrgb } from "../core/basis/pictureValues/index.ts";
import { failure, type Result, success } from "../core/basis/units/index.ts";
import { PRINTED_MOST } from "../core/light/exposure/index.ts";
import { scanSheet } from "../core/make/flatbed/index.ts";
import { type NegativeScan, placeSheet, printedExposures, type ScanView, scanView } from "../core/negative/index.ts";
import {
  type Diary,
  madeUpSky,
  readDiary,
  type SkyPicture,
  type SunAim,
  type SunRequest,
  sheetSky,
  skyPicture,
  sunFan,
  trackWidth,
  trailPicture,
} from "../core/sun/index.ts";
import type { Job } from "./protocol.ts";
import { negativeOf } from "./reading/grey.ts";
import { type Decoders, readRaw } from "./reading/readScan.ts";
import { skyTools } from "./sky.ts";
import { scanToPng } from "./writeScan.ts";

/** Corners of a sheet in its scan, px, as `/api/proof` has them. */
type Corners = readonly (readonly [x: number, y: number])[];

/** What may be asked about a finished sheet. */
export type TrailOrder =
  /** A made-up can that stood a little otherwise than planned, its sheet scanned. */
  | { readonly kind: "simulate"; readonly request: SunRequest; readonly dpi: number; readonly seed: number }
  /** A scan as it is shown, with its sheet found. */
  | {
      readonly kind: "open";
      readonly bytes: Uint8Array<ArrayBuffer>;
      readonly width: number;
      readonly height: number;
    }
  /** A scan laid out by the directions its sheet looked in. */
  | {
      readonly kind: "sky";
      readonly bytes: Uint8Array<ArrayBuffer>;
      readonly corners: Corners;
      readonly request: SunRequest;
      readonly width: number;
    }
  /** The weather off a scan, by the camera as it stood. */
  | {
      readonly kind: "diary";
      readonly bytes: Uint8Array<ArrayBuffer>;
      readonly corners: Corners;
      readonly request: SunRequest;
    };

export type TrailReport =
  | { readonly kind: "simulate"; readonly file: Uint8Array<ArrayBuffer>; readonly stood: Simulated }
  | { readonly kind: "open"; readonly view: ScanView; readonly corners: Corners; readonly found: boolean }
  | { readonly kind: "sky"; readonly sky: SkyPicture; readonly rgba: Uint8ClampedArray<ArrayBuffer> }
  | { readonly kind: "diary"; readonly diary: Diary };

/** How a made-up can really stood, and its weather. */
export interface Simulated {
  readonly aim: SunAim;
  /** For each day, moment by moment, 1 where the sun shone. */
  readonly skies: readonly Uint8Array<ArrayBuffer>[];
}

/** A printed-out sheet on the glass. From memory, but for the lid's border (mm). */
const GLASS = { white: 0.82, lid: 0.97, border: 5, grain: 0.006, turnDeg: 1.2 } as const;
/** How far a can is put up otherwise than planned: degrees to each side. */
const ASTRAY = 4;
/** The most that is read and scanned each way, px. */
const MOST_COLUMNS = 5600;
/** Of a scan this share is darker than what is shown as white when it is inverted. */
const DARKEST = 0.002;
/** Longer side of what is shown of a scan, px. */
const VIEW = 1100;
/** What a sheet's place and light are found with; its curve is not that of a developed paper, and is not asked. */
const MEDIUM = { least: 0, most: PRINTED_MOST, range: 110, iso: 6 } as const;
/** Of a track's width, half the side of what is averaged. */
const REACH = 1 / 6;

/** Makes a can's sheet up, or reads one. */
export function trailJob(decoders?: Decoders): Job<TrailOrder, Result<TrailReport, string>> {
  return async (order, control) => {
    if (order.kind === "simulate") {
      const made = simulated(order.request, order.dpi, order.seed);
      return { output: success(made), transfer: [made.file.buffer] };
    }
    const read = await readRaw(order.bytes, decoders);
    if (!read.ok) return { output: failure(read.error), transfer: [] };
    const scan = negativeOf(read.value);
    if (order.kind === "open") {
      const { width, height } = order;
      const placed = placeSheet(scan, { medium: MEDIUM, sheet: { width, height } });
      const view = scanView(scan, "file", { left: 0, top: 0, width: scan.width, height: scan.height }, VIEW);
      const corners = placed.sheet.corners.map(({ x, y }) => [x, y] as const);
      const found = placed.corners === "found";
      return { output: success({ kind: "open", view, corners, found }), transfer: [view.rgba.buffer] };
    }
    const { film } = order.request;
    const sheet = { width: film.width, height: film.height, corners: order.corners };
    const placed = placeSheet(scan, { medium: MEDIUM, sheet });
    if (!(placed.white > 0)) return { output: failure("is black all over"), transfer: [] };
    if (order.kind === "sky") {
      const picture = skyPicture(order.request, order.width, ({ s, t }) => placed.sheet.toScan(s, t));
      const rgba = inverted(scan, picture, placed.white);
      return { output: success({ kind: "sky", sky: picture, rgba }), transfer: [rgba.buffer, picture.places.buffer] };
    }
    const reach = REACH * trackWidth(sheetSky(order.request).model, { s: 0, t: 0 });
    const steps = readDiary(order.request, printedExposures(scan, placed, reach), skyTools);
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) {
        const { hours, at, sun, parted } = step.value;
        const transfer = [hours, at, sun, parted].map(({ buffer }) => buffer);
        return { output: success({ kind: "diary", diary: step.value }), transfer };
      }
      control.report(step.value);
      await new Promise((next) => setTimeout(next, 0));
      if (control.cancelled()) return { output: failure("was given up"), transfer: [] };
    }
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

function simulated(plan: SunRequest, dpi: number, seed: number): Extract<TrailReport, { readonly kind: "simulate" }> {
  const generator = mersenne(seed);
  const random = (): number => uniformFloat64(generator);
  const off = (): number => Math.round(ASTRAY * (2 * random() - 1) * 10) / 10;
  const { aim, film } = plan;
  const stood = {
    azimuth: aim.azimuth + off(),
    elevation: (aim.elevation ?? 0) + off() / 2,
    roll: (aim.roll ?? 0) + off() / 2,
  };
  const request = { ...plan, aim: stood };
  const fan = sunFan(request, skyTools);
  const sky = madeUpSky(random, fan.step / 60_000);
  const skies = fan.days.map(({ moments }) => sky(moments.length));
  const columns = Math.min(MOST_COLUMNS, Math.round((film.width / 25.4) * dpi));
  const { width, height, density } = trailPicture(request, fan, columns, skies);
  const upright = new Float32Array(density.length);
  // With the emulsion up, what is drawn from behind is mirrored.
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      upright[y * width + x] = PRINTED_MOST * (density[y * width + width - 1 - x] as number);
  const { picture } = scanSheet(
    { width: film.width, height: film.height, columns: width, rows: height, density: upright },
    {
      ...GLASS,
      dpi: (width / film.width) * 25.4,
      bits: 8,
      encoding: "srgb",
      quarters: 0,
      turnDeg: GLASS.turnDeg * (2 * random() - 1),
      hair: false,
    },
    random,
  );
  return { kind: "simulate", file: scanToPng(picture, (width / film.width) * 25.4), stood: { aim: stood, skies } };
}
