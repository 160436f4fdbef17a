import { Temporal } from "temporal-polyfill";
import type { Calendar, Zone } from "../../core/sun/index.ts";

/** Clocks are put forward and back at whole quarters of an hour, ms. */
const QUARTER = 900_000;

function zoneOf(name: string): Zone {
  let [quarter, offset] = [Number.NaN, 0];
  const zoned = (at: number): Temporal.ZonedDateTime =>
    Temporal.Instant.fromEpochMilliseconds(at).toZonedDateTimeISO(name);
  return {
    startOf: (date) => Temporal.PlainDate.from(date).toZonedDateTime(name).epochMilliseconds,
    instantOf: (date, clock) =>
      Temporal.PlainDateTime.from(`${date}T${clock}`).toZonedDateTime(name, { disambiguation: "compatible" })
        .epochMilliseconds,
    dayOf: (at) => zoned(at).toPlainDate().toString(),
    textOf: (at) => {
      const wanted = Math.floor(at / QUARTER);
      if (wanted !== quarter) [quarter, offset] = [wanted, zoned(at).offsetNanoseconds / 1e6];
      return withOffset(at, offset);
    },
  };
}

/** ISO 8601 with the offset; milliseconds only where there are some. */
function withOffset(at: number, offset: number): string {
  const local = new Date(at + offset).toISOString().replace(/(\.000)?Z$/, "");
  const seconds = Math.round(Math.abs(offset) / 1000);
  const parts = [Math.floor(seconds / 3600), Math.floor((seconds % 3600) / 60), seconds % 60];
  // Before there were zones, places had seconds of their own.
  const said = parts.slice(0, parts[2] === 0 ? 2 : 3).map((part) => String(part).padStart(2, "0"));
  return `${local}${offset < 0 ? "-" : "+"}${said.join(":")}`;
}

/** The calendar by the rules that the machine knows. */
export const calendar: Calendar = {
  isDay: (text) => /^\d{4}-\d{2}-\d{2}$/.test(text) && known(() => Temporal.PlainDate.from(text)),
  dayAfter: (date, days) => Temporal.PlainDate.from(date).add({ days }).toString(),
  daysBetween: (from, to) => Temporal.PlainDate.from(from).until(Temporal.PlainDate.from(to)).days,
  isZone: (name) => known(() => zoneOf(name).dayOf(0)),
  zoneOf,
};

function known(read: () => unknown): boolean {
  try {
    read();
    return true;
  } catch {
    return false;
  }
}

/**
 * The rules of a time zone between two instants as a VTIMEZONE: every change of its clocks by itself.
 *
 * @param from, to ms since 1970
 * @source RFC 5545, section 3.6.5
 */
export function vtimezone(name: string, from: number, to: number): string {
  const lines = ["BEGIN:VTIMEZONE", `TZID:${name}`];
  let at = Temporal.Instant.fromEpochMilliseconds(from).toZonedDateTimeISO(name);
  // What is in force at first began with the change before, or has always been.
  at = at.getTimeZoneTransition("previous") ?? at;
  for (let next: Temporal.ZonedDateTime | null = at; next !== null && next.epochMilliseconds <= to; ) {
    const before = next.subtract({ nanoseconds: 1 });
    const kind = next.offsetNanoseconds > before.offsetNanoseconds ? "DAYLIGHT" : "STANDARD";
    const onset = next.toInstant().toZonedDateTimeISO(before.offset).toPlainDateTime();
    lines.push(
      `BEGIN:${kind}`,
      `DTSTART:${onset.toString({ smallestUnit: "second" }).replace(/[-:]/g, "")}`,
      `TZOFFSETFROM:${before.offset.replace(":", "")}`,
      `TZOFFSETTO:${next.offset.replace(":", "")}`,
      `END:${kind}`,
    );
    next = next.getTimeZoneTransition("next");
  }
  return [...lines, "END:VTIMEZONE", ""].join("\r\n");
}
