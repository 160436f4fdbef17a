/** An instant as ISO 8601 with this place's offset, such as `2026-06-13T16:20:00+01:00`. */
export function isoWithOffset(date: Date): string {
  const offset = -date.getTimezoneOffset();
  const two = (value: number): string => String(Math.abs(Math.trunc(value))).padStart(2, "0");
  const local = new Date(date.getTime() + offset * 60_000).toISOString().slice(0, 19);
  return `${local}${offset < 0 ? "-" : "+"}${two(offset / 60)}:${two(offset % 60)}`;
}

/** Today in this place, such as `2026-06-13`. */
export function localDay(): string {
  return isoWithOffset(new Date()).slice(0, 10);
}

const WRITTEN = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "short",
  year: "numeric",
  hour: "2-digit",
  minute: "2-digit",
  timeZone: "UTC",
});

/** An ISO time as the maker reads it, in the offset it was written with: `13 Jun 2026, 16:20`. */
export function readableTime(iso: string): string {
  // The clock on the wall where it was written: read as if it were UTC, and written as such.
  const wall = Date.parse(iso.replace(/(?:Z|[+-]\d{2}:\d{2})$/, "Z"));
  return Number.isFinite(wall) ? WRITTEN.format(wall) : iso;
}

/** The day of an instant as the maker reads it, in this place: `13 Jun 2026`. */
export function readableDay(iso: string): string {
  return readableTime(isoWithOffset(new Date(iso))).replace(/,.*$/, "");
}
