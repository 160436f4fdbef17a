import { bearing, RADIANS, turnBetween } from "../../basis/units/index.ts";
import {
  dot,
  illumination,
  rayTo,
  type SceneDirection,
  type SheetPlace,
  sheetToScene,
  type Vector,
} from "../../light/rays/index.ts";
import { sheetSky } from "../plan/dayTrack.ts";
import { type SunTools, sunFan } from "../plan/fan.ts";
import { vectorTo } from "../site/aim.ts";
import { SUN_DEFAULTS, type SunAim, type SunRequest, type WholeAim } from "../site/siteAndAim.ts";
import { type ClearTrack, cellMiddle, clearTracks, type DaySun, type SheetCells, sheetCells } from "./clearTracks.ts";
import { type CellLight, explained } from "./explained.ts";

/** What befell a camera while it stood out, as its sheet tells. */
export type Disturbance =
  /** From this day on it looked elsewhere. */
  | { readonly kind: "moved"; readonly date: string; readonly aim: SunAim }
  /** On these days no light came in. */
  | { readonly kind: "shut"; readonly from: string; readonly to: string };

/** How finely a sheet is cut: cells along its longer side, and places across a cell at which its sky is looked up. */
interface Fineness {
  readonly longest: number;
  readonly looked: number;
}

const FINE: Fineness = { longest: 128, looked: 2 };
/** Places across a cell at which the sheet is read. */
const READ = 4;
/** While aims are tried, every so many days and moments stand for all. */
const COARSE = { days: 3, moments: 2, longest: 64, looked: 1 } as const;
/** Aims tried beside that of the first days, degrees. */
const TURNS = [-24, -20, -16, -12, -9, -6, -3, 0, 3, 6, 9, 12, 16, 20, 24] as const;
const LEANS = [-6, -2, 2, 6] as const;
const ROLLS = [-3, 3] as const;
/** The best so many of them, each with another azimuth, are followed further. */
const FOLLOWED = 2;
/** Shorter than so many days, at the beginning or the end, is no stand of its own; nor a shutter that was shut. */
const LEAST_DAYS = 6;
const LEAST_SHUT = 8;
/** A cell that got little counts as if it had got so much of the mean. */
const FAINT = 2;
/** By so much of what is left over must two stands, or a gap, explain the sheet better than neither. From made-up sheets. */
const LEAST_MOVED = 0.15;
const LEAST_GAP = 0.08;
/** Turned by less, degrees, a camera stands as it stood. */
const LEAST_TURN = 1.5;
/** Azimuths tried once more about the best one, degrees. */
const ASIDE = [-15, -12, -9, -6, -3, 0, 3, 6, 9, 12, 15] as const;

/**
 * Looks on a finished sheet for the day on which its camera was moved, or days on which it was shut: the sheet is compared,
 * cell by cell, with what clear days would leave there, with one stand and with two, with all days and without some.
 *
 * @param request the camera as it stood in its first days, by a fit, and all its days
 * @param exposureAt of a place of the sheet, over any unit; NaN where nothing is known
 * @returns what explains the sheet best, or `null` where nothing explains it much better than one stand through all its
 *   days; yields the share that is done
 * @source PHYSICS section 14, “Reading a finished trail”; weighted least squares over a change point
 * @example [...findMishap(request, exposureAt, tools)] // shares of progress; what it returns is { kind: "moved", date: "2027-03-02", … } …
 */
export function* findDisturbance(
  request: SunRequest,
  exposureAt: (place: SheetPlace) => number,
  tools: SunTools,
): Generator<number, Disturbance | null, void> {
  const { days } = sunFan(request, tools);
  const dates = days.map(({ date }) => date);
  if (dates.length < 2 * LEAST_DAYS) return null;
  const suns: readonly DaySun[] = days.map(({ moments }) => ({
    azimuths: Float64Array.from(moments, ({ azimuth }) => azimuth),
    altitudes: Float64Array.from(moments, ({ altitude }) => altitude),
  }));
  const few = suns.filter((_, day) => day % COARSE.days === 0).map((sun) => thinned(sun, COARSE.moments));
  const coarse = seenOf(request, COARSE, exposureAt);
  const seen = seenOf(request, FINE, exposureAt);
  const { azimuth, elevation = SUN_DEFAULTS.elevation, roll = SUN_DEFAULTS.roll } = request.aim;
  const tried = trying(request, few, coarse);
  const found: Tried[] = [];
  for (const [i, turn] of TURNS.entries()) {
    yield (0.5 * i) / TURNS.length;
    const turned = LEANS.flatMap((lean) =>
      ROLLS.map((twist) => tried([azimuth + turn, elevation + lean, roll + twist])),
    );
    found.push(least(turned));
  }
  found.sort((a, b) => a.left - b.left);
  const ends: Tried[] = [];
  for (const [i, start] of found.slice(0, FOLLOWED).entries()) {
    yield 0.5 + (0.2 * i) / FOLLOWED;
    ends.push(followed(start.to, 2, 0.5, tried));
  }
  yield 0.7;
  // What turns the later days sideways moves their horizon little: it is looked for once more, on the finer cells.
  const closely = trying(request, few, seen);
  const [turn, lean, twist] = least(ends).to;
  const beside = ASIDE.map((aside) => closely([turn + aside, lean, twist]));
  yield 0.8;
  const { to } = followed(least(beside).to, 0.5, 0.1, closely);
  yield 0.9;
  const pose = poseAs(request, suns, seen);
  const none = leftOver(seen, pose);
  const shut = bestGap(seen, pose, LEAST_SHUT);
  const moved = bestSplit(seen, suns, pose, poseAs({ ...request, aim: aimOf(to) }, suns, seen), LEAST_DAYS);
  const [gainMoved, gainShut] = [1 - moved.left / none, 1 - shut.left / none];
  const isElsewhere = greatestTurn(request.aim, aimOf(to)) > LEAST_TURN;
  if (isElsewhere && gainMoved > LEAST_MOVED && gainMoved > gainShut)
    return { kind: "moved", date: dates[moved.day] as string, aim: aimOf(to) };
  if (gainShut < LEAST_GAP) return null;
  return { kind: "shut", from: dates[shut.from] as string, to: dates[shut.to] as string };
}

/** The greatest turn of an axis from one aim to another: more of it than of the horizon alone. */
function greatestTurn(one: SunAim, other: SunAim): number {
  const aside = turnBetween(one.azimuth, other.azimuth);
  const up = (other.elevation ?? 0) - (one.elevation ?? 0);
  const twist = (other.roll ?? 0) - (one.roll ?? 0);
  return Math.max(Math.abs(aside), Math.abs(up), Math.abs(twist));
}

type Aim = readonly [azimuth: number, elevation: number, roll: number];

function aimOf([azimuth, elevation, roll]: Aim): WholeAim {
  const tenth = (degrees: number): number => Math.round(degrees * 10) / 10;
  return { azimuth: bearing(tenth(azimuth)), elevation: tenth(elevation), roll: tenth(roll) };
}

function thinned({ azimuths, altitudes }: DaySun, every: number): DaySun {
  const keep = (values: Float64Array): Float64Array => values.filter((_, i) => i % every === 0);
  return { azimuths: keep(azimuths), altitudes: keep(altitudes) };
}

/** A direction of the camera's scene, also as a vector by its axes. */
interface Look {
  readonly scene: SceneDirection;
  readonly vector: Vector;
}

/** A sheet cut into cells, and what is seen there. */
interface Seen extends CellLight {
  readonly cells: SheetCells;
  readonly looked: number;
  /** Where the places of each cell look, in the camera's own scene: one cell's after the other's. */
  readonly looks: readonly (Look | null)[];
}

function seenOf(request: SunRequest, { longest, looked }: Fineness, exposureAt: (place: SheetPlace) => number): Seen {
  const { model } = sheetSky(request);
  const cells = sheetCells(request.film, longest);
  const { place: hole, surface, aperture, distance } = model;
  const exposure = overCells(cells, READ, exposureAt);
  const looks: (Look | null)[] = [];
  const light = overCells(cells, looked, (place) => {
    const scene = sheetToScene(hole, surface, place);
    looks.push(scene && { scene, vector: vectorTo(scene.azimuth, scene.elevation) });
    return illumination(aperture, distance, rayTo(hole, surface, place.s, place.t));
  });
  const known = exposure.filter(Number.isFinite);
  const mean = known.reduce((sum, value) => sum + value, 0) / Math.max(1, known.length);
  // Weather makes a strong place the less sure, the stronger it is.
  const weight = exposure.map((own) => (Number.isFinite(own) ? 1 / (FAINT * mean + Math.max(0, own)) ** 2 : 0));
  return { cells, exposure: exposure.map((own) => (Number.isFinite(own) ? own : 0)), light, weight, looked, looks };
}

/** The mean of something over each cell. */
function overCells(cells: SheetCells, across: number, valueAt: (place: SheetPlace) => number): Float64Array {
  const { columns, rows, side } = cells;
  return Float64Array.from({ length: columns * rows }, (_, cell) => {
    const { s, t } = cellMiddle(cells, cell);
    let sum = 0;
    for (let i = 0; i < across; i++)
      for (let j = 0; j < across; j++)
        sum += valueAt({ s: s + ((i + 0.5) / across - 0.5) * side, t: t + ((j + 0.5) / across - 0.5) * side });
    return sum / across ** 2;
  });
}

/** What a stand would leave on the sheet: the tracks of its days, and the sky's even light over its horizon. */
interface Stood {
  readonly tracks: readonly ClearTrack[];
  readonly sky: Float64Array;
}

function poseAs(request: SunRequest, suns: readonly DaySun[], { cells, looked, light, looks }: Seen): Stood {
  const sheet = sheetSky(request);
  const sky = light.slice();
  // Most places look well over the horizon, or well under it: only of those between is asked where it stands there.
  const heights = (request.horizon ?? []).map(([, altitude]) => Math.sin(altitude * RADIANS));
  const [lowest, highest] = [Math.min(0, ...heights), Math.max(0, ...heights)];
  const isOpen = ({ scene, vector }: Look): boolean => {
    const height = dot(vector, sheet.zenith);
    if (height > highest) return true;
    if (height <= lowest) return false;
    const { azimuth, altitude } = sheet.toSky(scene);
    return altitude > sheet.horizonAt(azimuth);
  };
  for (const cell of sky.keys()) {
    let open = 0;
    for (let i = cell * looked ** 2; i < (cell + 1) * looked ** 2; i++) {
      const look = looks[i] ?? null;
      if (look !== null && isOpen(look)) open++;
    }
    sky[cell] = ((light[cell] as number) * open) / looked ** 2;
  }
  return { tracks: clearTracks(sheet, suns, cells), sky };
}

function leftOver(seen: Seen, { tracks, sky }: Stood): number {
  const fit = explained(seen, sky, sky);
  for (const track of tracks) fit.add(track, 1);
  return fit.left(1);
}

/** The best day to go over from one stand to another. */
interface Split {
  readonly left: number;
  /** First day of the second stand. */
  readonly day: number;
}

function bestSplit(seen: Seen, suns: readonly DaySun[], first: Stood, second: Stood, least: number): Split {
  const fit = explained(seen, first.sky, second.sky);
  for (const track of second.tracks) fit.add(track, 1);
  const whole = suns.reduce((sum, { azimuths }) => sum + azimuths.length, 0);
  let best: Split = { left: Number.POSITIVE_INFINITY, day: 0 };
  let before = 0;
  for (const [day, track] of first.tracks.entries()) {
    if (day >= least && day <= suns.length - least) {
      const left = fit.left(before / whole);
      if (left < best.left) best = { left, day };
    }
    before += (suns[day] as DaySun).azimuths.length;
    fit.add(second.tracks[day] as ClearTrack, -1);
    fit.add(track, 1);
  }
  return best;
}

function bestGap(
  seen: Seen,
  { tracks, sky }: Stood,
  least: number,
): { readonly left: number; readonly from: number; readonly to: number } {
  const fit = explained(seen, sky, sky);
  for (const track of tracks) fit.add(track, 1);
  let best = { left: Number.POSITIVE_INFINITY, from: 0, to: 0 };
  for (let from = 0; from <= tracks.length - least; from++) {
    let to = from;
    for (; to < tracks.length && to - from < tracks.length - least; to++) {
      fit.add(tracks[to] as ClearTrack, -1);
      if (to - from + 1 < least) continue;
      const left = fit.left(1);
      if (left < best.left) best = { left, from, to };
    }
    for (let back = from; back < to; back++) fit.add(tracks[back] as ClearTrack, 1);
  }
  return best;
}

/** An aim that was tried for the later days. */
interface Tried {
  readonly to: Aim;
  readonly left: number;
}

function trying(request: SunRequest, days: readonly DaySun[], seen: Seen): (to: Aim) => Tried {
  const first = poseAs(request, days, seen);
  return (to) => {
    const second = poseAs({ ...request, aim: aimOf(to) }, days, seen);
    return { to, left: bestSplit(seen, days, first, second, LEAST_DAYS / COARSE.days).left };
  };
}

function least(tried: readonly Tried[]): Tried {
  return tried.reduce((best, each) => (each.left < best.left ? each : best));
}

/** Follows an aim downhill: a step each way of each angle, halved where none is better. */
function followed(start: Aim, widest: number, finest: number, tried: (to: Aim) => Tried): Tried {
  let now = tried(start);
  for (let step = widest; step >= finest; ) {
    const before = now;
    for (const axis of [0, 1, 2])
      for (const way of [-step, step]) {
        const next = tried(now.to.map((value, i) => (i === axis ? value + way : value)) as unknown as Aim);
        if (next.left < now.left) now = next;
      }
    if (now === before) step /= 2;
  }
  return now;
}
