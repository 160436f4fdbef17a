import ical, { ICalAlarmType } from "ical-generator";
import { DAY_MS } from "../../../core/basis/units/index.ts";
import { type Reminder, reminders } from "../../../core/sun/index.ts";
import { calendar, vtimezone } from "../../codecs/calendarLibrary.ts";
import type { Job } from "../../transport/protocol.ts";

/** What a calendar file is made of. */
export interface RemindersOrder {
  readonly trailId: string;
  readonly name: string;
  readonly where: string;
  readonly from: string;
  readonly to: string;
  readonly timeZone: string;
  readonly words: Readonly<Record<Reminder["what"], { readonly title: string; readonly words: string }>>;
  /** When the file is made, ms since 1970. */
  readonly made: number;
}

/** Hour of the day at which one goes out and looks, local time. */
const HOUR = 10;
const HALF_HOUR = 30;
/** Before it: a day, and an hour, s. */
const ALARMS = [86_400, 3600] as const;

/** The days of a months-long exposure as an iCalendar file (RFC 5545), each with its alarms, in the time zone of its place. */
export const remindersFile: Job<RemindersOrder, string> = async (order) => ({ output: written(order), transfer: [] });

function written({ trailId, name, where, from, to, timeZone, words, made }: RemindersOrder): string {
  const zone = calendar.zoneOf(timeZone);
  const rules = vtimezone(timeZone, zone.startOf(from), zone.startOf(to) + DAY_MS);
  const file = ical({
    name,
    prodId: { company: "Still Box", product: "Sun", language: "EN" },
    timezone: { name: null, generator: () => rules },
  });
  for (const { what, date } of reminders(from, to, calendar)) {
    const { title, words: why } = words[what];
    file.createEvent({
      id: `${trailId}-${what}-${date}@still-box`,
      stamp: new Date(made),
      // The package writes a date's own fields as this machine has them, beside the zone's name: the wall clock is meant.
      start: wall(date, 0),
      end: wall(date, HALF_HOUR),
      timezone: timeZone,
      summary: `${title}: ${name}`,
      description: why,
      location: where,
      alarms: ALARMS.map((trigger) => ({ type: ICalAlarmType.display, trigger, description: `${title}: ${name}` })),
    });
  }
  // Every line has its end, the last one too. RFC 5545, 3.1.
  return `${file.toString().trimEnd()}\r\n`;
}

/** A wall clock's time as fields of this machine's own. */
function wall(date: string, minutes: number): Date {
  const [year = 0, month = 1, day = 1] = date.split("-").map(Number);
  return new Date(year, month - 1, day, HOUR, minutes);
}
