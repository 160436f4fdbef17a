import { DAY_MS } from "../../core/basis/units/index.ts";

/** So many days after a day, YYYY-MM-DD; before it where they are negative. */
export function dayAfter(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Days from one to another, both counted. */
export function daysOut(from: string, to: string): number {
  return (Date.parse(to) - Date.parse(from)) / DAY_MS + 1;
}
