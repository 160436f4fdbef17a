import ICAL from "ical.js";
import { reminders } from "../../../core/sun/index.ts";
import { REMINDER_WORDS } from "../../../wording/sunWords.ts";
import { calendar, vtimezone } from "../../codecs/calendarLibrary.ts";
import { remindersFile } from "./remindersFile.ts";

const CONTROL = { report: () => {}, cancelled: () => false };

describe("Reminders", () => {
  test("from solstice to solstice: up, after a week, half-way, down; two days near each other are one", () => {
    const days = reminders("2026-12-21", "2027-06-21", calendar);
    expect(days.map(({ what, date }) => `${what} ${date}`)).toEqual([
      "put-up 2026-12-21",
      "look-after 2026-12-28",
      "mid-way 2027-03-22",
      "take-down 2027-06-21",
    ]);
  });

  test("past a solstice that is said; a few days want no more than their ends", () => {
    expect(reminders("2027-05-01", "2027-08-30", calendar).map(({ what }) => what)).toEqual([
      "put-up",
      "look-after",
      "solstice",
      "mid-way",
      "take-down",
    ]);
    expect(reminders("2027-05-01", "2027-05-05", calendar).map(({ what }) => what)).toEqual(["put-up", "take-down"]);
  });

  test.each([
    ["Europe/London", "2026-12-21T10:00:00Z", "2027-06-21T09:00:00Z"],
    ["Australia/Sydney", "2026-12-20T23:00:00Z", "2027-06-21T00:00:00Z"],
    ["America/New_York", "2026-12-21T15:00:00Z", "2027-06-21T14:00:00Z"],
    ["Asia/Kolkata", "2026-12-21T04:30:00Z", "2027-06-21T04:30:00Z"],
  ])(
    "the file is read back by ical.js (RFC 5545): ten o’clock in %s, rules of its zone, alarms, lines of 75 octets",
    async (timeZone, first, last) => {
      const { output } = await remindersFile(
        {
          trailId: "t",
          name: "By the cold frames; Thistle Row, east",
          where: "the oak post",
          from: "2026-12-21",
          to: "2027-06-21",
          timeZone,
          words: REMINDER_WORDS,
          made: Date.parse("2026-11-26T12:00:00Z"),
        },
        CONTROL,
      );
      expect(output.split("\r\n").every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true);
      const file = new ICAL.Component(ICAL.parse(output));
      const zone = new ICAL.Timezone(file.getFirstSubcomponent("vtimezone") as ICAL.Component);
      expect(zone.tzid).toBe(timeZone);
      const events = file.getAllSubcomponents("vevent").map((each) => new ICAL.Event(each));
      expect(events).toHaveLength(4);
      const utc = events.map(({ startDate, component }) => {
        expect(component.getFirstProperty("dtstart")?.getParameter("tzid")).toBe(timeZone);
        expect(startDate.hour).toBe(10);
        startDate.zone = zone;
        return startDate.toUnixTime() * 1000;
      });
      expect([utc[0], utc[3]]).toEqual([Date.parse(first), Date.parse(last)]);
      const [event] = file.getAllSubcomponents("vevent");
      expect(event?.getFirstPropertyValue("summary")).toBe("Put the can up: By the cold frames; Thistle Row, east");
      expect(String(event?.getFirstPropertyValue("dtstamp"))).toBe("2026-11-26T12:00:00Z");
      expect(
        event?.getAllSubcomponents("valarm").map((alarm) => String(alarm.getFirstPropertyValue("trigger"))),
      ).toEqual(["-P1D", "-PT1H"]);
    },
  );

  test("a zone whose clocks never change has one rule", () => {
    const rules = vtimezone("Asia/Kolkata", Date.parse("2026-12-21"), Date.parse("2027-06-21"));
    expect(rules.match(/BEGIN:(STANDARD|DAYLIGHT)/g)).toHaveLength(1);
  });
});
