import type { Calendar } from "../site/calendar.ts";

/** What there is to do with a can that stands out, and when. */
export interface Reminder {
  readonly what: "put-up" | "look-after" | "mid-way" | "solstice" | "take-down";
  /** YYYY-MM-DD. */
  readonly date: string;
}

/** Days after which a can is looked at first, and how long it must stand for a look half-way. Common practice. */
const FIRST_LOOK = 7;
const LONG = 28;
/** Days between two reminders that are worth two. */
const APART = 4;
/** Days on which solstices usually fall. */
export const SOLSTICES: readonly string[] = ["06-21", "12-21"];

/**
 * The days on which a months-long exposure wants something: it goes up, is looked after, comes down.
 *
 * @param from, to local days, YYYY-MM-DD
 * @returns in order; two on one day, or nearly, are one
 * @source common practice
 * @example reminders("2026-12-21", "2027-06-21", calendar).map(({ date }) => date) // ["2026-12-21", "2026-12-28", "2027-03-22", "2027-06-21"] …
 */
export function reminders(from: string, to: string, calendar: Calendar): readonly Reminder[] {
  const length = calendar.daysBetween(from, to);
  const years = [from, to].map((date) => Number(date.slice(0, 4))) as [number, number];
  const solstices: Reminder[] = [];
  for (let year = years[0]; year <= years[1]; year++)
    for (const day of SOLSTICES) solstices.push({ what: "solstice", date: `${String(year).padStart(4, "0")}-${day}` });
  const wanted: Reminder[] = [
    { what: "look-after", date: calendar.dayAfter(from, FIRST_LOOK) },
    ...(length >= LONG ? [{ what: "mid-way", date: calendar.dayAfter(from, Math.round(length / 2)) } as const] : []),
    ...solstices,
  ];
  const kept: Reminder[] = [{ what: "put-up", date: from }];
  for (const each of wanted.sort((a, b) => (a.date < b.date ? -1 : 1))) {
    const last = kept.at(-1)?.date ?? from;
    if (calendar.daysBetween(last, each.date) >= APART && calendar.daysBetween(each.date, to) >= APART) kept.push(each);
  }
  return [...kept, { what: "take-down", date: to }];
}
