import { firstWhere } from "../../basis/numeric/index.ts";
import { DAY_MS, DEGREES, RADIANS, TURN } from "../../basis/units/index.ts";
import { illumination, rayTo, type SheetPlace } from "../../light/rays/index.ts";
import { directLight } from "../astronomy/airMass.ts";
import { dailyEphemeris } from "../astronomy/ephemeris.ts";
import { type SheetSky, sheetSky } from "../plan/dayTrack.ts";
import type { SunTools } from "../plan/fan.ts";
import { trackWidth } from "../plan/trackWidth.ts";
import { SUN_DEFAULTS, type SunRequest } from "../site/siteAndAim.ts";
import { boundedLeastSquares, type Weights } from "./boundedLeastSquares.ts";
import { directionOf, sunHourPlace, timeOfHour } from "./hourPlace.ts";

/** What the sheet tells of the weather, moment by moment of every day. */
export interface Diary {
  /** YYYY-MM-DD. */
  readonly dates: readonly string[];
  /** Hour angles of the columns, radians, west positive. */
  readonly hours: Float64Array<ArrayBuffer>;
  /** When each moment was, ms since 1970: day by day, column by column. */
  readonly at: Float64Array<ArrayBuffer>;
  /** Sun, 0 to about 1; NaN where the sheet can't tell (the sun was not recorded there). */
  readonly sun: Float32Array<ArrayBuffer>;
  /** How well days are parted there: the step between two days over the track's width. */
  readonly parted: Float32Array<ArrayBuffer>;
}

/** Between samples across the tracks, and how far beyond the outermost one, radians. */
const SAMPLE = 0.1 * RADIANS;
const BEYOND = 1.2 * RADIANS;
/** Places beside a moment's middle that belong to it, as parts of its way. */
const BETWEEN = [-0.4, -0.2, 0.2, 0.4] as const;
/** Full sun is what this share of the moments stays under; over this part of it the sun shone. */
const FULL = 0.9;
/** From this step over a track's width on, days are parted; so many such moments tell how much full sun is. */
export const PARTED = 0.5;
const FEW = 50;
/** More than this of full sun is sun. */
export const SHONE = 0.4;

/**
 * Reads the weather off a finished sheet. At each time of day the tracks of all days lie beside one another; where they
 * overlap, the exposures there are parted by least squares with no negative sun (projected Gauss and Seidel).
 *
 * @param request the camera as it stood, and its days
 * @param exposureAt of a place of the sheet, over any unit; NaN where nothing is known
 * @param wasOpen whether any light came in on a day; of other days nothing is told
 * @returns the sun of each moment; yields the share that is done
 * @source PHYSICS section 14, “gaps along a track are cloud”; C. W. Cryer, SIAM J. Control 9 (1971) 385 for the iteration, from memory
 * @example [...readDiary(request, exposureAt, tools)] // shares of progress; what it returns is the diary …
 */
export function* readDiary(
  request: SunRequest,
  exposureAt: (place: SheetPlace) => number,
  { ephemeris, calendar }: SunTools,
  wasOpen: (date: string) => boolean = () => true,
): Generator<number, Diary, void> {
  const { site, from, to, stepSeconds = SUN_DEFAULTS.stepSeconds } = request;
  const zone = calendar.zoneOf(site.timeZone);
  const [begin, end] = [zone.startOf(from), zone.startOf(calendar.dayAfter(to, 1))];
  const table = dailyEphemeris(ephemeris, begin - DAY_MS, end + DAY_MS);
  const [latitude, longitude] = [site.latitude * RADIANS, site.longitude * RADIANS];
  const sky = sheetSky(request);
  const count = calendar.daysBetween(from, to) + 1;
  const dates = Array.from({ length: count }, (_, i) => calendar.dayAfter(from, i));
  const open = dates.map(wasOpen);
  const middays = dates.map((date) => (zone.startOf(date) + zone.startOf(calendar.dayAfter(date, 1))) / 2);
  const columns = Math.floor(DAY_MS / (1000 * stepSeconds) / 2) * 2 - 1;
  const hours = Float64Array.from(
    { length: columns },
    (_, i) => ((i - (columns - 1) / 2) * 1000 * stepSeconds * TURN) / DAY_MS,
  );
  const cells = count * columns;
  const diary: Diary = {
    dates,
    hours,
    at: new Float64Array(cells),
    sun: new Float32Array(cells).fill(Number.NaN),
    parted: new Float32Array(cells),
  };
  const step = columns > 1 ? (hours[1] as number) - (hours[0] as number) : 0;
  const seen: Crossed[] = [];
  for (const [column, hour] of hours.entries()) {
    const times = middays.map((near) => timeOfHour(table, longitude, hour, near));
    const declinations = times.map((at) => sunHourPlace(table, longitude, at).declination);
    for (const [day, at] of times.entries()) diary.at[day * columns + column] = at;
    const asked = { hour, step, latitude, declinations, sky, exposureAt };
    const tracks = declinations.flatMap((declination, day) => (open[day] ? trackAt(asked, declination, day) : []));
    if (tracks.length > 0) seen.push({ column, tracks, samples: samplesOf(asked) });
    if (column % 8 === 0) yield (0.5 * column) / columns;
  }
  const blank = blankOf(seen);
  const above = seen.map(({ column, tracks, samples }) => ({
    column,
    tracks,
    samples: samples.map((sample) => ({ ...sample, exposure: sample.exposure - blank })),
  }));
  // First without an upper end, which tells how much full sun is; then no day gets more than that.
  yield* noteAll(diary, above, Number.POSITIVE_INFINITY, 0.5);
  const full = fullSun(diary);
  yield* noteAll(diary, above, full, 0.75);
  for (let i = 0; i < cells; i++) diary.sun[i] = (diary.sun[i] as number) / full;
  return diary;
}

/** One time of day: the tracks that cross it, and what lies across them. */
interface Crossed {
  readonly column: number;
  readonly tracks: readonly Track[];
  readonly samples: readonly Sample[];
}

/** Parts the tracks of every time of day; yields its progress, a quarter of the whole from `begun` on. */
function* noteAll(
  diary: Diary,
  crossed: readonly Crossed[],
  most: number,
  begun: number,
): Generator<number, void, void> {
  for (const [done, { column, tracks, samples }] of crossed.entries()) {
    noteColumn(diary, column, tracks, samples, most);
    if (done % 8 === 0) yield begun + (0.25 * done) / crossed.length;
  }
}

interface Column {
  readonly hour: number;
  /** From one column to the next, radians. */
  readonly step: number;
  readonly latitude: number;
  readonly declinations: readonly number[];
  readonly sky: SheetSky;
  readonly exposureAt: (place: SheetPlace) => number;
}

/** What full sun would leave of one day at one place, and how wide. */
interface Track {
  readonly day: number;
  readonly declination: number;
  /** Half of its width, radians of declination. */
  readonly half: number;
  /** Exposure along its middle. */
  readonly strength: number;
}

/** A place across the tracks: what it got, and what part of an even sky's light reaches it. */
interface Sample {
  readonly declination: number;
  readonly exposure: number;
  readonly sky: number;
}

function noteColumn(
  diary: Diary,
  column: number,
  tracks: readonly Track[],
  samples: readonly Sample[],
  most: number,
): void {
  const found = parted(tracks, samples, most);
  const across = diary.hours.length;
  for (const [i, track] of tracks.entries()) {
    const { day, declination, half } = track;
    if (weightsOf(track, samples).weights.length === 0) continue;
    const next = tracks[i + 1] ?? tracks[i - 1];
    diary.sun[day * across + column] = found[i] as number;
    diary.parted[day * across + column] = next ? Math.abs(next.declination - declination) / (2 * half) : 1;
  }
}

/**
 * What a sheet seems to have got where it got nothing: its white was taken at its lightest place, which was not quite
 * blank, or lighter than the rest by its grain. Beside the tracks there is only the sky's even light, more of it where more reaches the sheet: a straight line,
 * and this is where it begins.
 */
function blankOf(seen: readonly Crossed[]): number {
  let [count, x, y, xx, xy] = [0, 0, 0, 0, 0];
  for (const { tracks, samples } of seen) {
    const low = Math.min(...tracks.map(({ declination, half }) => declination - half));
    const high = Math.max(...tracks.map(({ declination, half }) => declination + half));
    for (const { declination, exposure, sky } of samples) {
      if (declination > low && declination < high) continue;
      count++;
      x += sky;
      y += exposure;
      xx += sky * sky;
      xy += sky * exposure;
    }
  }
  const spread = count * xx - x * x;
  return count < FEW || spread <= 0 ? 0 : (y * xx - x * xy) / spread;
}

/** Places across all tracks and a little beyond, over the horizon. */
function samplesOf(asked: Column): readonly Sample[] {
  const { declinations, sky, exposureAt } = asked;
  const { place: hole, surface, aperture, distance } = sky.model;
  const [least, most] = [Math.min(...declinations) - BEYOND, Math.max(...declinations) + BEYOND];
  const samples: Sample[] = [];
  for (let declination = least; declination <= most; declination += SAMPLE) {
    const { place, direction } = placeAt(asked, declination);
    if (place === null || direction.altitude <= sky.horizonAt(direction.azimuth) || !sky.isLit(place)) continue;
    const exposure = alongTrack(asked, declination, exposureAt(place));
    if (!Number.isFinite(exposure)) continue;
    const light = illumination(aperture, distance, rayTo(hole, surface, place.s, place.t));
    samples.push({ declination, exposure, sky: light });
  }
  return samples;
}

/** The mean over a moment's own way: grain is the less the more of it is seen. */
function alongTrack(asked: Column, declination: number, middle: number): number {
  let [sum, count] = [middle, 1];
  for (const part of BETWEEN) {
    const { place } = placeAt({ ...asked, hour: asked.hour + part * asked.step }, declination);
    const exposure = place === null ? Number.NaN : asked.exposureAt(place);
    if (!Number.isFinite(exposure)) continue;
    sum += exposure;
    count++;
  }
  return sum / count;
}

function placeAt({ hour, latitude, sky }: Column, declination: number) {
  const direction = directionOf(latitude, { hour, declination });
  return { direction, place: direction.altitude > 0 ? sky.land(direction) : null };
}

/** A day's track where it is recorded, else nothing. */
function trackAt(asked: Column, declination: number, day: number): Track[] {
  const { sky } = asked;
  const { direction, place } = placeAt(asked, declination);
  if (place === null || direction.altitude <= sky.horizonAt(direction.azimuth) || !sky.isLit(place)) return [];
  const across = beside(place, placeAt(asked, declination + SAMPLE).place, placeAt(asked, declination - SAMPLE).place);
  const later = placeAt({ ...asked, hour: asked.hour + SAMPLE }, declination).place;
  const sooner = placeAt({ ...asked, hour: asked.hour - SAMPLE }, declination).place;
  const along = beside(place, later, sooner);
  if (across === null || along === null) return [];
  const speed = Math.hypot(along.s, along.t);
  // How far a change of declination leads away from the track, which it need not leave at a right angle.
  const apart = Math.abs(across.s * along.t - across.t * along.s) / speed;
  const width = trackWidth(sky.model, place);
  const { place: hole, surface, aperture, distance } = sky.model;
  const lit = illumination(aperture, distance, rayTo(hole, surface, place.s, place.t));
  const strength = (directLight(direction.altitude) * lit * width) / speed;
  return [{ day, declination, half: width / 2 / apart, strength }];
}

/** How a place moves, mm a radian: to what lies on one side of it, or on the other. */
function beside(place: SheetPlace, next: SheetPlace | null, before: SheetPlace | null): SheetPlace | null {
  if (next !== null) return { s: (next.s - place.s) / SAMPLE, t: (next.t - place.t) / SAMPLE };
  if (before !== null) return { s: (place.s - before.s) / SAMPLE, t: (place.t - before.t) / SAMPLE };
  return null;
}

/** The sun of each day from the sum of all and of the sky's own even light: least squares with nothing negative. */
function parted(tracks: readonly Track[], samples: readonly Sample[], most: number): Float64Array {
  const rows = tracks.map((track) => weightsOf(track, samples));
  const even: Weights = { from: 0, weights: Float64Array.from(samples, ({ sky }) => sky) };
  const values = Float64Array.from(samples, ({ exposure }) => exposure);
  const ends = [...rows.map(() => most), Number.POSITIVE_INFINITY];
  return boundedLeastSquares([...rows, even], values, ends).subarray(0, tracks.length);
}

/** A round image passing leaves the length of its chord. */
function weightsOf({ declination, half, strength }: Track, samples: readonly Sample[]): Weights {
  const offAt = (i: number): number => ((samples[i] as Sample).declination - declination) / half;
  // Samples rise in declination: the first inside by halving.
  const from = firstWhere((i) => offAt(i) > -1, samples.length);
  const weights: number[] = [];
  for (let i = from; i < samples.length && offAt(i) < 1; i++) weights.push(strength * Math.sqrt(1 - offAt(i) ** 2));
  return { from, weights: Float64Array.from(weights) };
}

/** Full sun: as much as the best tenth of the moments had; those on tracks of their own tell it best. */
function fullSun({ sun, parted }: Diary): number {
  const shone = (least: number): Float32Array =>
    sun.filter((value, i) => value > 0 && (parted[i] as number) >= least).sort();
  const own = shone(PARTED);
  const known = own.length > FEW ? own : shone(0);
  return known[Math.floor(FULL * (known.length - 1))] || 1;
}

/** Hours of sun of each day, and of the time that the sheet can tell of. */
export function hoursOfDiary({
  dates,
  hours,
  sun,
}: Diary): readonly { readonly date: string; readonly sun: number; readonly known: number }[] {
  const step = hours.length > 1 ? (((hours[1] as number) - (hours[0] as number)) * DEGREES) / 15 : 0;
  return dates.map((date, day) => {
    const own = sun.subarray(day * hours.length, (day + 1) * hours.length);
    const known = own.filter((value) => Number.isFinite(value));
    return { date, sun: known.filter((value) => value > SHONE).length * step, known: known.length * step };
  });
}
