import { median } from "../../basis/numeric/index.ts";
import { type Diary, PARTED } from "./diary.ts";

/** What a diary can't say, and how near the tracks have to be laid for what it can. */
export interface DiaryDoubt {
  /** Runs of days that lie on each other, first and last of each. */
  readonly together: readonly (readonly [from: string, to: string])[];
  /** From one day's track to the next, mm, in the middle of all days; 0 where nothing is told. */
  readonly step: number;
}

/**
 * Which days of a diary can't be told from their neighbours, and how far apart tracks of two days lie.
 *
 * @param width of a track, mm
 * @returns a day lies on others where in half of its moments the step to the next is less than half of a track
 * @source PHYSICS section 14: near a solstice the sun's declination hardly changes
 * @example diaryDoubt({ dates: [], hours: new Float64Array(0), at: new Float64Array(0), sun: new Float32Array(0), parted: new Float32Array(0) }, 1).step // 0
 */
export function diaryDoubt({ dates, hours, sun, parted }: Diary, width: number): DiaryDoubt {
  const columns = hours.length;
  const middles = dates.map((_, day) => {
    const [from, to] = [day * columns, (day + 1) * columns];
    return median([...parted.subarray(from, to)].filter((_, i) => Number.isFinite(sun[from + i])));
  });
  const together: [string, string][] = [];
  middles.forEach((middle, day) => {
    if (!(middle < PARTED)) return;
    const last = together.at(-1);
    const date = dates[day] as string;
    if (last !== undefined && day > 0 && last[1] === dates[day - 1]) last[1] = date;
    else together.push([date, date]);
  });
  const step = median(middles.filter((middle) => !Number.isNaN(middle))) || 0;
  return { together, step: step * width };
}
