/** Which comes first where a date is written with figures alone. */
export type DayOrder = "day first" | "month first";

/** When something was, by the clock on the wall, with the offset it was written with, if any. */
export interface WallTime {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly hour: number;
  readonly minute: number;
  readonly second: number;
  /** `Z` or `+01:00`; `null`: not written. */
  readonly offset: string | null;
}

const ISO = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ]+(.*))?$/i;
const FIGURES = /^(\d{1,2})([./-])(\d{1,2})\2(\d{4}|\d{2})(?:,?\s+(.*))?$/;
const NAMED = /^(\d{1,2})\.?\s+([a-z]{3})[a-z]*\.?\s+(\d{4})(?:,?\s+(.*))?$/i;
const CLOCK = /^(\d{1,2})(?::(\d{2})(?::(\d{2})(?:\.\d+)?)?)?\s*(am|pm)?\s*(z|[+-]\d{2}:?\d{2})?$/i;
const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];

/**
 * Reads a date and a time as people and spreadsheets write them: `2026-05-02 11:30`, `2.5.2026 11:30`, `2 May 2026, 11:30`,
 * `5/2/2026 11:30 AM`. Without a time it is noon.
 *
 * @param order where figures alone could be read both ways
 * @returns `null`: it is none; `"unclear"`: it could be two days, and no order is given
 */
export function tableDate(text: string, order: DayOrder | null): WallTime | "unclear" | null {
  const words = text.trim();
  const iso = ISO.exec(words);
  if (iso !== null) return timed(Number(iso[1]), Number(iso[2]), Number(iso[3]), iso[4]);
  const named = NAMED.exec(words);
  if (named !== null) {
    const month = MONTHS.indexOf((named[2] ?? "").toLowerCase()) + 1;
    return timed(Number(named[3]), month, Number(named[1]), named[4]);
  }
  const figures = FIGURES.exec(words);
  if (figures === null) return null;
  const [one, mark, other] = [Number(figures[1]), figures[2], Number(figures[3])];
  const year = Number(figures[4]) + ((figures[4] ?? "").length === 2 ? 2000 : 0);
  // With dots the day comes first wherever dots are written; a figure above 12 is a day.
  const first =
    mark === "." || one > 12 ? "day first" : other > 12 ? "month first" : one === other ? "day first" : order;
  if (first === null) return "unclear";
  return first === "day first" ? timed(year, other, one, figures[5]) : timed(year, one, other, figures[5]);
}

function timed(year: number, month: number, day: number, clock: string | undefined): WallTime | null {
  const read = CLOCK.exec((clock ?? "12:00").trim());
  if (read === null) return null;
  const half = read[4]?.toLowerCase();
  const written = Number(read[1]);
  if (half !== undefined && (written < 1 || written > 12)) return null;
  const hour = half === undefined ? written : (written % 12) + (half === "pm" ? 12 : 0);
  const [minute, second] = [Number(read[2] ?? 0), Number(read[3] ?? 0)];
  const daysOfMonth = new Date(Date.UTC(year, month, 0)).getUTCDate();
  if (!(month >= 1 && month <= 12 && day >= 1 && day <= daysOfMonth)) return null;
  if (hour > 23 || minute > 59 || second > 59) return null;
  const zone = read[5]?.toUpperCase() ?? null;
  const offset = zone === null || zone === "Z" ? zone : `${zone.slice(0, 3)}:${zone.slice(-2)}`;
  return { year, month, day, hour, minute, second, offset };
}
