import { type Diary, SHONE } from "../../../core/sun/index.ts";

/** A diary as a table (RFC 4180): each moment in UTC, sun 1 or cloud 0, how much of full sun, how well its day is parted. */
export function diaryCsv({ dates, hours, at, sun, parted }: Diary): string {
  const lines = ["day,time (UTC),sun,of full sun,step over track width"];
  for (const [day, date] of dates.entries())
    for (let column = 0; column < hours.length; column++) {
      const i = day * hours.length + column;
      const value = sun[i] as number;
      if (!Number.isFinite(value)) continue;
      const time = new Date(Math.round((at[i] as number) / 1000) * 1000).toISOString().replace(".000", "");
      lines.push(`${date},${time},${value > SHONE ? 1 : 0},${value.toFixed(2)},${(parted[i] as number).toFixed(2)}`);
    }
  return `${lines.join("\r\n")}\r\n`;
}
