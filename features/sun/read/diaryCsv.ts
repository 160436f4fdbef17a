import { type Diary, SHONE } from "../../../core/sun/index.ts";

/**
 * A diary as a table (RFC 4180): each moment by the clock of its place with its offset, sun 1 or cloud 0, how much of full sun,
 * how well its day is parted.
 *
 * @param timeZone of the place, of the IANA database
 */
export function diaryCsv({ dates, hours, at, sun, parted }: Diary, timeZone: string): string {
  const local = localClock(timeZone);
  const lines = [`day,time (${timeZone}),sun,of full sun,step over track width`];
  for (const [day, date] of dates.entries())
    for (let column = 0; column < hours.length; column++) {
      const i = day * hours.length + column;
      const value = sun[i] as number;
      if (!Number.isFinite(value)) continue;
      const time = local(Math.round((at[i] as number) / 1000) * 1000);
      lines.push(`${date},${time},${value > SHONE ? 1 : 0},${value.toFixed(2)},${(parted[i] as number).toFixed(2)}`);
    }
  return `${lines.join("\r\n")}\r\n`;
}

/** Instants as ISO 8601 by the clock of a place, with its offset then. */
function localClock(timeZone: string): (ms: number) => string {
  const clock = new Intl.DateTimeFormat("en-US", {
    timeZone,
    hourCycle: "h23",
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
    hour: "2-digit",
    minute: "2-digit",
    second: "2-digit",
    timeZoneName: "longOffset",
  });
  return (ms) => {
    const said = Object.fromEntries(clock.formatToParts(ms).map(({ type, value }) => [type, value]));
    const offset = /[+-]\d{2}:\d{2}$/.exec(said.timeZoneName ?? "")?.[0] ?? "+00:00";
    return `${said.year}-${said.month}-${said.day}T${said.hour}:${said.minute}:${said.second}${offset}`;
  };
}
