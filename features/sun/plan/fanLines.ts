import { type SunRequest, sheetSky, wrapsAround } from "../../../core/sun/index.ts";
import type { FanReport } from "../../../workers/jobs/sun/sun.ts";
import type { Fan } from "./useFan.ts";

/** One day's way over the sheet: runs of places (s and t in turn, mm), recorded or not. */
export interface DayLine {
  readonly day: number;
  readonly runs: readonly { readonly isRecorded: boolean; readonly places: readonly number[] }[];
}

/** Of what is moved by hand, only every so many days and moments are drawn: the rest follows from the worker. */
const COARSE = { days: 6, moments: 3 } as const;

/**
 * The ways of the days over the sheet. Where the fan is of another aim, hole or horizon (a hand is moving it), its
 * directions are laid onto the sheet anew, coarsely; a fan of other days or another place can't be.
 *
 * @param days indices of those wanted; `null`: all, or so many as a hand can wait for
 */
export function fanLines(
  { request, report }: Fan,
  wanted: SunRequest,
  days: readonly number[] | null = null,
): readonly DayLine[] {
  const all = days ?? [...report.dates.keys()];
  if (request === wanted)
    return linesOf(report, wanted.film.width, all, 1, (i) => [
      at(report.s, i),
      at(report.t, i),
      report.isRecorded[i] === 1,
    ]);
  const sky = sheetSky(wanted);
  const some = days ?? all.filter((day) => day % COARSE.days === 0);
  return linesOf(report, wanted.film.width, some, COARSE.moments, (i) => {
    const [azimuth, altitude] = [at(report.azimuth, i), at(report.altitude, i)];
    const place = sky.land({ azimuth, altitude });
    if (place === null) return [Number.NaN, Number.NaN, false];
    return [place.s, place.t, altitude > sky.horizonAt(azimuth) && sky.isLit(place)];
  });
}

const at = (values: Float64Array, i: number): number => values[i] as number;

function linesOf(
  { starts }: FanReport,
  width: number,
  days: readonly number[],
  every: number,
  placeOf: (i: number) => readonly [s: number, t: number, isRecorded: boolean],
): readonly DayLine[] {
  const lines: DayLine[] = [];
  for (const day of days) {
    const runs: { isRecorded: boolean; places: number[] }[] = [];
    let run: { isRecorded: boolean; places: number[] } | null = null;
    for (let i = starts[day] as number; i < (starts[day + 1] as number); i += every) {
      const [s, t, isRecorded] = placeOf(i);
      if (!Number.isFinite(s)) {
        run = null;
        continue;
      }
      const [before] = run?.places.slice(-2) ?? [];
      // Round the back of a can a way comes in again at the other end.
      const jumps = before !== undefined && wrapsAround(width, before, s);
      if (run === null || jumps || run.isRecorded !== isRecorded) {
        const begun: { isRecorded: boolean; places: number[] } = { isRecorded, places: [] };
        // Runs of one way touch.
        if (run !== null && !jumps) begun.places.push(...run.places.slice(-2));
        runs.push(begun);
        run = begun;
      }
      run.places.push(s, t);
    }
    lines.push({ day, runs });
  }
  return lines;
}
