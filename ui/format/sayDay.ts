const WRITTEN = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", year: "numeric", timeZone: "UTC" });

/** A day (YYYY-MM-DD) as people write it: 21 Dec 2026. */
export function sayDay(date: string): string {
  const at = Date.parse(`${date}T00:00:00Z`);
  return Number.isFinite(at) ? WRITTEN.format(at) : date;
}
