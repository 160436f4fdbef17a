import { DEGREES } from "../../basis/units/index.ts";
import { FULL_SUN_EV, fNumber, timeFromLight } from "../exposure/index.ts";
import { fresnelScale, type Optimum, optimum, resolution, schools, toFrequency } from "../hole/index.ts";
import {
  angleBetween,
  illumination,
  imageCircle,
  plateLimit,
  type Ray,
  rayTo,
  stopsLost,
  subtract,
  surfacePoint,
  type Vector,
} from "../rays/index.ts";
import { type OpticalModel, opticalModel } from "./model.ts";
import type { SolveRequest } from "./request.ts";
import { type CornerView, cornerWarnings, type SolveWarning, type WarningCode } from "./warnings.ts";

const BAND_SHARE = 0.95;

/** The answer of `POST /api/solve` (FORMAT): mm, degrees, seconds, cycles/mm. */
export interface SolveResult {
  readonly focalLength: number;
  readonly fNumber: number;
  readonly best: {
    readonly petzval: number;
    readonly airy: number;
    readonly rayleigh: number;
    readonly zone: number;
    readonly computed: number;
  };
  readonly band95: readonly [low: number, high: number];
  readonly resolution: number;
  readonly bestResolution: number;
  readonly view: { readonly horizontal: number; readonly vertical: number; readonly diagonal: number };
  readonly stopsLost: {
    readonly edgeHorizontal: number | null;
    readonly edgeVertical: number | null;
    readonly corner: number | null;
  };
  readonly imageCircle: {
    readonly oneStop: number;
    readonly twoStops: number;
    readonly threeStops: number;
    readonly plateLimit: number | null;
  } | null;
  readonly smallestOpening: number | null;
  readonly fullSunSeconds: number;
  readonly warnings: readonly SolveWarning[];
}

/**
 * Everything about one hole and one sheet. The same function serves the headless route, the interface and the tests.
 *
 * @param request checked by the schema and {@link crossChecks}
 * @param known the optimum for the request's contrast, where a caller has it already (it depends on nothing else)
 * @returns finite numbers; `null` only where FORMAT says so
 * @source PHYSICS sections 1 to 3
 * @example solve({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } }).fNumber // 200
 */
export function solve(request: SolveRequest, known?: Optimum): SolveResult {
  const model = opticalModel(request);
  const { aperture, setting, distance, contrast } = model;
  const scale = fresnelScale(setting);
  const ideal = known ?? optimum(contrast, BAND_SHARE);
  const band95 = [ideal.band[0] * scale, ideal.band[1] * scale] as const;
  const corners = cornerViews(model);
  const n = fNumber(distance, aperture.diameter);
  const outside = aperture.diameter < band95[0] || aperture.diameter > band95[1];
  return {
    focalLength: distance,
    fNumber: n,
    best: { ...bySchool(model), computed: ideal.constant * scale },
    band95,
    resolution: resolution(aperture.diameter, setting, contrast),
    bestResolution: toFrequency(ideal.resolution, setting),
    view: viewOf(model),
    stopsLost: sheetStops(model),
    imageCircle: circlesOf(model),
    smallestOpening: smallestOpening(model, corners),
    fullSunSeconds: timeFromLight(FULL_SUN_EV, n, model.iso),
    warnings: [...cornerWarnings(aperture, corners), ...(outside ? [bandWarning(aperture.diameter, band95)] : [])],
  };
}

type Side = readonly [s: -1 | 0 | 1, t: -1 | 0 | 1];

const CORNERS: readonly Side[] = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
];

function bySchool(model: OpticalModel): Omit<SolveResult["best"], "computed"> {
  const diameter = { petzval: 0, airy: 0, rayleigh: 0, zone: 0 };
  for (const school of schools) diameter[school.id] = school.compute(model.setting);
  return diameter;
}

function rayAt(model: OpticalModel, [s, t]: Side): Ray {
  return rayTo(model.place, model.surface, (s * model.width) / 2, (t * model.height) / 2);
}

function cornerViews(model: OpticalModel): readonly CornerView[] {
  return CORNERS.map((side) => {
    const ray = rayAt(model, side);
    return { ray, illumination: illumination(model.aperture, model.distance, ray) };
  });
}

/**
 * Stops lost at the worst corner and at the worse of opposite edge middles; `null` where one of them is in the dark.
 *
 * @returns stops, or `null` in the dark
 * @example sheetStops(opticalModel(request)).corner // 4.18 for 4×5 in at 60 mm behind a 0.1 mm plate
 */
export function sheetStops(model: OpticalModel): SolveResult["stopsLost"] {
  return {
    edgeHorizontal: worstStops(model, [
      [-1, 0],
      [1, 0],
    ]),
    edgeVertical: worstStops(model, [
      [0, -1],
      [0, 1],
    ]),
    corner: worstStops(model, CORNERS),
  };
}

function worstStops(model: OpticalModel, sides: readonly Side[]): number | null {
  return worst(sides.map((side) => stopsLost(illumination(model.aperture, model.distance, rayAt(model, side)))));
}

/** The most stops lost; dark (`null`) is worse than any number. */
function worst(stops: readonly (number | null)[]): number | null {
  return stops.reduce((a, b) => (a === null || b === null ? null : Math.max(a, b)));
}

/** Angles at the hole between rays to opposite edge middles, and the wider of the two corner to corner. */
function viewOf(model: OpticalModel): SolveResult["view"] {
  const towards = ([s, t]: Side): Vector =>
    subtract(surfacePoint(model.surface, (s * model.width) / 2, (t * model.height) / 2).place, model.place);
  const angle = (a: Side, b: Side): number => angleBetween(towards(a), towards(b)) * DEGREES;
  return {
    horizontal: angle([-1, 0], [1, 0]),
    vertical: angle([0, -1], [0, 1]),
    diagonal: Math.max(angle([-1, -1], [1, 1]), angle([1, -1], [-1, 1])),
  };
}

function circlesOf(model: OpticalModel): SolveResult["imageCircle"] {
  const { surface, aperture, distance } = model;
  if (surface.kind !== "flat" || surface.tiltX !== 0 || surface.tiltY !== 0) return null;
  return {
    oneStop: imageCircle(aperture, distance, 1),
    twoStops: imageCircle(aperture, distance, 2),
    threeStops: imageCircle(aperture, distance, 3),
    plateLimit: plateLimit(aperture, distance),
  };
}

/** d + 2w·tan α of the worst corner; `null` when a corner is out of sight of the hole. */
function smallestOpening(model: OpticalModel, corners: readonly CornerView[]): number | null {
  const slope = Math.max(...corners.map((corner) => corner.ray.slope));
  return Number.isFinite(slope) ? model.aperture.diameter + 2 * model.aperture.wall * slope : null;
}

function bandWarning(diameter: number, [low, high]: readonly [number, number]): SolveWarning {
  const way = diameter < low ? "smaller" : "larger";
  const code: WarningCode = "hole-outside-band";
  return {
    code,
    message: `The hole, ${diameter.toFixed(3)} mm, is ${way} than the band of ${low.toFixed(3)} to ${high.toFixed(3)} mm that keeps 95 % of the best detail.`,
  };
}
