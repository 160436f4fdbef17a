/** The days of a time zone. */
export interface Zone {
  /** The first instant of a local day (YYYY-MM-DD), ms since 1970. */
  readonly startOf: (date: string) => number;
  /** The instant of a local day and clock time (HH:MM), ms since 1970; where clocks leap over it, as far after. */
  readonly instantOf: (date: string, clock: string) => number;
  /** The local day of a time, ms since 1970: YYYY-MM-DD. */
  readonly dayOf: (at: number) => string;
  /** A time (ms since 1970) as local clocks have it: ISO 8601 with offset. */
  readonly textOf: (at: number) => string;
}

/** The calendar and its time zones: passed in, from a library that knows their rules. Days are YYYY-MM-DD. */
export interface Calendar {
  readonly isDay: (text: string) => boolean;
  readonly dayAfter: (date: string, days: number) => string;
  /** From the first to the second; negative where it is earlier. */
  readonly daysBetween: (from: string, to: string) => number;
  readonly isZone: (name: string) => boolean;
  /** Of a name of the IANA database. */
  readonly zoneOf: (name: string) => Zone;
}

/**
 * The days of a stretch: the first and every so many after it, none past the last.
 *
 * @example daysOf(calendar, "2026-12-21", "2027-01-05", 7) // ["2026-12-21", "2026-12-28", "2027-01-04"] …
 */
export function daysOf(calendar: Calendar, from: string, to: string, every: number): readonly string[] {
  const count = Math.max(0, Math.floor(calendar.daysBetween(from, to) / every) + 1);
  return Array.from({ length: count }, (_, i) => calendar.dayAfter(from, i * every));
}
