import { failure, RADIANS, type Result, success } from "../basis/units/index.ts";
import type { BandLine } from "../light/hole/index.ts";
import { type OpticalModel, opticalModel, SOLVE_DEFAULTS } from "../light/solve/index.ts";
import { distributionOfLight } from "./density/distributionOfLight.ts";
import { type ExposureMap, exposureMap } from "./density/exposureMap.ts";
import { type Tone, toneFor, toneTable } from "./density/tone.ts";
import { type Distribution, distributionBuilder } from "./model/distribution.ts";
import type { FilledSpot } from "./model/finish.ts";
import { negativeCurve } from "./model/negativeCurve.ts";
import type { NegativeScan, Plane } from "./model/negativeScan.ts";
import type { ProofSettings, ToneChoice } from "./model/proofSettings.ts";
import { type PictureFrame, pictureFrame } from "./reproject/pictureFrame.ts";
import { MISSING } from "./reproject/resample.ts";
import { unbend } from "./reproject/unbend.ts";
import { evenLight, LEAST_LIGHT, lightField } from "./restore/evenLight.ts";
import { inpaint } from "./restore/inpaint.ts";
import { sharpened } from "./restore/sharpen.ts";
import type { Transform } from "./restore/tileTransform.ts";
import { noPicture, type PlacedSheet, type ProofTrouble, placeSheet } from "./scan/placeSheet.ts";
import { insideOf, type SheetInScan } from "./scan/sheetInScan.ts";
import { lightOf, whiteOf } from "./scan/whiteOf.ts";

/** What a proof is made with beside its settings. */
export interface ProofTools {
  /** Transforms of a length that is a power of two. */
  readonly transformOf: (size: number) => Transform;
  /** Light by wavelength that the sheet sees; left out: the one line that `/api/solve` reckons with. */
  readonly lines?: readonly BandLine[];
  /** The sheet in its scan, where that is known already. */
  readonly placed?: PlacedSheet;
  /** Places that are filled from around them. */
  readonly spots?: readonly FilledSpot[];
}

/** Exposures of an upright picture, plane by plane. */
export interface ProofExposure {
  readonly frame: PictureFrame;
  readonly placed: PlacedSheet;
  /** One, or red, green and blue. */
  readonly planes: readonly {
    /** log₁₀ H, lx·s; −99 where nothing is known. */
    readonly log: Float32Array<ArrayBuffer>;
    /** log₁₀ H inside the sheet's margin. */
    readonly spread: Distribution;
    readonly white: number;
  }[];
}

/** An upright picture: grey or colour with opacity, row by row from the top. */
export interface ProofPicture {
  readonly width: number;
  readonly height: number;
  /** Grey and opacity, or red, green, blue and opacity. */
  readonly channels: 2 | 4;
  readonly bits: 8 | 16;
  readonly data: Uint8Array<ArrayBuffer> | Uint16Array<ArrayBuffer>;
  readonly tones: readonly Tone[];
}

/** Pixels of a picture that is read or drawn, at most: what is judged in some 15 s, drawn in 20 to 40, within 1 GB. */
export const MOST_OF_PICTURE = 60_000_000;
const GREY: readonly Plane[] = ["luminance"];
const COLOURS: readonly Plane[] = [0, 1, 2];
/** Ends of log₁₀ H that are told apart in a spread. */
const SPREAD_ENDS = [-8, 8] as const;

/**
 * From a scan to the exposures of an upright picture: the sheet found, its densities, the exposures they stand for, perhaps
 * sharpened and evened, laid flat. Yields its progress.
 *
 * @param scan as its file has it
 * @param settings checked by `parseProof`
 * @returns planes of log₁₀ H, or why there are none
 * @source PHYSICS section 11; FORMAT, `POST /api/proof`
 * @example [...proofExposure(scan, { medium, sheet }, tools)] // shares of progress; what it returns is the picture …
 */
export function* proofExposure(
  scan: NegativeScan,
  settings: ProofSettings,
  tools: ProofTools,
): Generator<number, Result<ProofExposure, ProofTrouble>, void> {
  const placed = tools.placed ?? placeSheet(scan, settings);
  const dark = noPicture(placed);
  if (dark !== null) return failure(dark);
  const model = settings.camera ? opticalModel(settings.camera) : null;
  const frame = frameOfSettings(placed.sheet, settings, settings.output?.width ?? null);
  if (frame === null) return failure("nothing-there");
  if (frame.width * frame.height > MOST_OF_PICTURE) return failure("too-large");
  const wanted = settings.colour && settings.output?.kind !== "exposure" ? COLOURS : GREY;
  const planes: ProofExposure["planes"][number][] = [];
  for (const [number, plane] of wanted.entries()) {
    const white = whiteOfPlane(scan, settings, placed, plane);
    if (!(white > 0)) return failure("black");
    let map = exposureMap(scan, settings.encoding ?? "file", placed.sheet, settings.medium, white, plane);
    inpaint(map, placed.sheet, tools.spots ?? []);
    const even = settings.evenLight ? model : null;
    if (settings.sharpen && model !== null) {
      const { least, most } = negativeCurve(settings.medium, white);
      const lines = tools.lines ?? [{ wavelengthNm: SOLVE_DEFAULTS.wavelength, share: 1 }];
      const steps = sharpened(map, placed.sheet, { model, lines, transformOf: tools.transformOf, least, most });
      for (let step = steps.next(); ; step = steps.next()) {
        if (step.done) {
          map = step.value;
          break;
        }
        yield (number + 0.8 * step.value) / wanted.length;
      }
    }
    if (even !== null) evenLight(map, placed.sheet, even);
    const spread = isAsScanned(scan, settings, tools)
      ? distributionOfLight(placed.light, settings.medium, white)
      : spreadOf(map, placed.sheet, scan, even);
    yield (number + 0.9) / wanted.length;
    planes.push({ log: unbend(map, placed.sheet, frame, even), spread, white });
  }
  return success({ frame, placed, planes });
}

/**
 * The raster of a sheet's picture as its negative's settings have it.
 *
 * @param settings its camera, projection and where it looks, degrees
 * @param width of the picture, px; `null` for as fine as the scan
 * @returns `null` where no picture can be drawn so
 * @example frameOfSettings(placed.sheet, { projection: "lay" }, 800)?.width // its raster, 800 px wide
 */
export function frameOfSettings(
  sheet: SheetInScan,
  { camera, projection = "lay", towards: { azimuth = 0, elevation = 0 } = {} }: FrameSettings,
  width: number | null,
): PictureFrame | null {
  const towards = { azimuth: azimuth * RADIANS, elevation: elevation * RADIANS };
  return pictureFrame(sheet, camera ? opticalModel(camera) : null, { projection, towards, width });
}

/** What of a negative's settings says how its picture is drawn. */
export type FrameSettings = Pick<ProofSettings, "camera" | "projection" | "towards">;

function whiteOfPlane(scan: NegativeScan, settings: ProofSettings, placed: PlacedSheet, plane: Plane): number {
  if (plane === "luminance" || scan.channels === 1 || typeof settings.white === "number") return placed.white;
  return whiteOf(lightOf(scan, settings.encoding ?? "file", placed.sheet, plane));
}

/** Whether a map's exposures are the light of its scan through one curve, and nothing else. */
function isAsScanned(
  scan: NegativeScan,
  { sharpen, evenLight: even }: ProofSettings,
  { spots = [] }: ProofTools,
): boolean {
  return scan.channels === 1 && !sharpen && !even && spots.length === 0;
}

/** log₁₀ H of the pixels inside the margin; places that had too little light are left out. */
function spreadOf(map: ExposureMap, sheet: SheetInScan, scan: NegativeScan, even: OpticalModel | null): Distribution {
  const { add, addRow, read } = distributionBuilder(...SPREAD_ENDS);
  const span = insideOf(sheet, scan);
  const light = even === null ? null : lightField(map, sheet, even);
  const row = new Float64Array(map.width);
  for (let y = 0; y < map.height; y++) {
    const { from, to } = span(map.top + y);
    const start = y * map.width - map.left;
    if (light === null) {
      addRow(map.log, start + from, start + to);
      continue;
    }
    light(y, row);
    for (let x = from; x < to; x++) {
      if ((row[x - map.left] as number) >= LEAST_LIGHT) add(map.log[start + x] as number);
    }
  }
  return read();
}

/** What the maker set of a tone; the rest is found. */
const FOUND: ToneChoice = { low: null, high: null, gamma: null };

/**
 * The tones of a picture's planes: as found, but for what the maker set; of a trail each colour with its balance.
 *
 * @param found for each plane by itself
 * @param balance stops added to red, green and blue
 * @example chosenTones([{ low: -1, high: 1, gamma: 1 }], { low: -2, high: null, gamma: null })[0].low // -2
 */
export function chosenTones(
  found: readonly Tone[],
  choice: Partial<ToneChoice> = {},
  balance: readonly number[] = [],
): readonly Tone[] {
  return found.map((own, plane) => {
    const shift = found.length > 1 ? (balance[plane] ?? 0) * Math.log10(2) : 0;
    const low = (choice.low ?? own.low) - shift;
    const high = Math.max((choice.high ?? own.high) - shift, low + 1e-6);
    return { low, high, gamma: choice.gamma ?? own.gamma };
  });
}

/**
 * The picture of some exposures: each plane by its own tone.
 *
 * @param balance stops added to red, green and blue of a trail
 * @returns bytes or 16-bit numbers with opacity: nothing is drawn where nothing is known
 * @source PHYSICS section 11, “Tone”
 * @example proofPicture(exposure, { medium, sheet }).channels // 2: grey and opacity
 */
export function proofPicture(
  { frame, planes }: ProofExposure,
  { tone, output }: ProofSettings,
  balance: readonly number[] = [],
): ProofPicture {
  const { width, height } = frame;
  const bits = output?.bits ?? 8;
  const most = bits === 8 ? 255 : 65535;
  // The bend is found for the ends as they are.
  const choice = { ...FOUND, ...tone };
  const tones = chosenTones(
    planes.map(({ spread }) => toneFor(spread, choice)),
    choice,
    balance,
  );
  const channels = planes.length === 1 ? 2 : 4;
  const data = bits === 8 ? new Uint8Array(width * height * channels) : new Uint16Array(width * height * channels);
  for (const [plane, { log }] of planes.entries()) {
    const number = toneTable(tones[plane] as Tone, most);
    for (let i = 0, at = plane; i < log.length; i++, at += channels) {
      const value = log[i] as number;
      if (value === MISSING) continue;
      data[at] = number(value);
      data[i * channels + channels - 1] = most;
    }
  }
  return { width, height, channels, bits, data, tones };
}
