import { Body, Equator, Horizon, MakeTime, Observer } from "astronomy-engine";
import { DEGREES } from "../../../core/basis/units/index.ts";
import { parseSun } from "../../../core/document/index.ts";
import {
  dailyEphemeris,
  refracted,
  type SunRequest,
  sunAnswer,
  sunFan,
  sunFrom,
  USUAL_AIR,
} from "../../../core/sun/index.ts";
import { skyTools } from "./skyTools.ts";

const { ephemeris, calendar } = skyTools;
const { zoneOf, isZone } = calendar;
const HOUR = 3_600_000;
const NO_AIR = { pressure: 0, celsius: 10 };

const can: SunRequest = {
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
  hole: { diameter: 0.4 },
  film: { surface: "cylinder", radius: 33, distance: 66, width: 177.8, height: 127 },
  aim: { azimuth: 180 },
  from: "2026-12-21",
  to: "2027-06-21",
  everyDays: 7,
};

describe("The sun’s place", () => {
  test("of the worked example of NREL’s Solar Position Algorithm (Reda and Andreas 2008, table A5.1; from memory)", () => {
    const at = Date.parse("2003-10-17T12:30:30-07:00");
    const site = { latitude: 39.742476, longitude: -105.1786, height: 1830.14, timeZone: "America/Denver" };
    const plain = sunFrom(site, ephemeris, NO_AIR)(at);
    expect(90 - plain.apparentAltitude * DEGREES).toBeCloseTo(50.12795, 3);
    expect(plain.azimuth * DEGREES).toBeCloseTo(194.34024, 3);
    const { apparentAltitude: altitude } = sunFrom(site, ephemeris, { pressure: 820, celsius: 11 })(at);
    expect(90 - altitude * DEGREES).toBeCloseTo(50.11162, 3);
  });

  test("of Meeus’s examples 25.a (his short formula, good to 0.01°) and 25.b, 1992 October 13 0ʰ TD (Astronomical Algorithms; from memory)", () => {
    // Terrestrial time was 59 s ahead.
    const { x, y, z } = ephemeris.sun(Date.parse("1992-10-12T23:59:01Z"));
    const [ascension, declination] = [Math.atan2(y, x) * DEGREES + 360, Math.atan2(z, Math.hypot(x, y)) * DEGREES];
    expect(Math.abs(ascension - 198.38083)).toBeLessThan(0.01);
    expect(Math.abs(declination + 7.78507)).toBeLessThan(0.01);
    expect(ascension).toBeCloseTo(198.378121, 3);
    expect(declination).toBeCloseTo(-7.783817, 3);
  });

  test.each([
    ["2026-03-20T14:46Z", "y"],
    ["2026-06-21T08:24Z", "x"],
    ["2026-09-23T00:05Z", "y"],
    ["2026-12-21T20:50Z", "x"],
    ["2027-03-20T20:25Z", "y"],
    ["2027-06-21T14:11Z", "x"],
  ] as const)(
    "equinoxes and solstices of the almanac (US Naval Observatory, to the minute; from memory): %s",
    (at, axis) => {
      const beside = [-3, 3].map((minutes) => ephemeris.sun(Date.parse(at) + 60_000 * minutes)[axis]);
      expect(Math.sign(beside[0] as number)).toBe(-Math.sign(beside[1] as number));
    },
  );

  test.each([
    ["2026-02-11", -14.2],
    ["2026-04-15", 0],
    ["2026-05-14", 3.7],
    ["2026-06-13", 0],
    ["2026-07-26", -6.5],
    ["2026-09-01", 0],
    ["2026-11-03", 16.4],
    ["2026-12-25", 0],
  ])(
    "the equation of time of an almanac’s table, to a quarter of a minute (from memory): %s %d min",
    (date, minutes) => {
      const request = { ...can, site: { latitude: 51.5, longitude: 0, timeZone: "UTC" }, from: date, to: date };
      const noon = sunAnswer(request, skyTools).days[0]?.noon.time ?? "";
      expect((Date.parse(`${date}T12:00:00Z`) - Date.parse(noon)) / 60_000 - minutes).toBeLessThan(0.5);
      expect((Date.parse(`${date}T12:00:00Z`) - Date.parse(noon)) / 60_000 - minutes).toBeGreaterThan(-0.5);
    },
  );

  test("agrees with astronomy-engine’s own observer to 0.0001°, drawn between days, in both hemispheres and at the poles", () => {
    const from = Date.parse("2027-01-01");
    const table = dailyEphemeris(ephemeris, from, from + 366 * 24 * HOUR);
    for (const [latitude, longitude, height] of [
      [52.2, 0.1, 20],
      [-33.9, 151.2, 900],
      [89.9, -140, 0],
      [0.01, 179.9, 0],
    ] as const) {
      const sun = sunFrom({ latitude, longitude, height, timeZone: "UTC" }, table, NO_AIR);
      for (let hour = 5; hour < 8700; hour += 211.37) {
        const at = from + hour * HOUR;
        const time = MakeTime(new Date(at));
        const observer = new Observer(latitude, longitude, height);
        const { ra, dec } = Equator(Body.Sun, time, observer, true, true);
        const other = Horizon(time, observer, ra, dec);
        const own = sun(at);
        expect(own.trueAltitude * DEGREES).toBeCloseTo(other.altitude, 4);
        const turn = (own.azimuth * DEGREES - other.azimuth + 540) % 360;
        expect((turn - 180) * Math.cos(own.trueAltitude)).toBeCloseTo(0, 4);
      }
    }
  });

  test("refraction of Bennett’s and Sæmundsson’s tables: 29′ at the horizon, 5.3′ at 10°, 1′ at 45°; none far below", () => {
    const lift = (degrees: number): number =>
      (refracted(degrees / DEGREES, USUAL_AIR) - degrees / DEGREES) * DEGREES * 60;
    expect(lift(0)).toBeCloseTo(29, 0);
    expect(lift(10)).toBeCloseTo(5.4, 0);
    expect(lift(45)).toBeCloseTo(1, 1);
    expect(lift(-0.84)).toBe(0);
  });
});

describe("Local days", () => {
  test("of 23 and 25 hours, and one that has no midnight (rules of the IANA database)", () => {
    const hours = (zone: string, date: string, next: string): number =>
      (zoneOf(zone).startOf(next) - zoneOf(zone).startOf(date)) / HOUR;
    expect(hours("Europe/London", "2027-03-28", "2027-03-29")).toBe(23);
    expect(hours("Europe/London", "2027-10-31", "2027-11-01")).toBe(25);
    expect(new Date(zoneOf("America/Sao_Paulo").startOf("2018-11-04")).toISOString()).toBe("2018-11-04T03:00:00.000Z");
  });

  test("times carry the offset that clocks have at that moment", () => {
    const day = (date: string): string[] =>
      sunAnswer(
        { ...can, site: { ...can.site, latitude: 78, longitude: -170 }, aim: { azimuth: 180 }, from: date, to: date },
        skyTools,
      ).days.flatMap(({ track }) => track.map(({ time }) => time));
    const spring = day("2027-03-28");
    expect(spring[0]).toBe("2027-03-28T00:00:00+00:00");
    expect(spring).toContain("2027-03-28T02:00:00+01:00");
    expect(spring).not.toContain("2027-03-28T01:00:00+00:00");
    expect(day("2027-06-21").every((time) => time.endsWith("+01:00"))).toBe(true);
  });

  test("zones that there are not are known", () => {
    expect(["Europe/London", "UTC", "+05:30"].every(isZone)).toBe(true);
    expect(["Thistle/Row", "", "Mars"].some(isZone)).toBe(false);
  });
});

describe("The fan", () => {
  test("follows the ray model written out anew: the sun’s ray, by vectors, meets the can’s wall where the track says", () => {
    const aim = { azimuth: 153, elevation: 11, roll: -7 };
    const { days } = sunFan({ ...can, hole: { diameter: 0.4, x: 3, y: 9 }, aim, to: "2027-01-30" }, skyTools);
    const [a, e, r] = [aim.azimuth, aim.elevation, aim.roll].map((degrees) => degrees / DEGREES) as [
      number,
      number,
      number,
    ];
    const forward = [Math.cos(e) * Math.sin(a), Math.cos(e) * Math.cos(a), Math.sin(e)];
    const level = [Math.cos(a), -Math.sin(a), 0];
    const upright = [-Math.sin(e) * Math.sin(a), -Math.sin(e) * Math.cos(a), Math.cos(e)];
    const right = level.map((each, i) => each * Math.cos(r) - (upright[i] as number) * Math.sin(r));
    const up = upright.map((each, i) => each * Math.cos(r) + (level[i] as number) * Math.sin(r));
    const along = (v: readonly number[], w: readonly number[]): number =>
      v.reduce((sum, each, i) => sum + each * (w[i] as number), 0);
    let seen = 0;
    for (const { azimuth, altitude, place } of days.flatMap(({ moments }) => moments)) {
      if (place === null) continue;
      const sun = [Math.cos(altitude) * Math.sin(azimuth), Math.cos(altitude) * Math.cos(azimuth), Math.sin(altitude)];
      // Light goes on from the hole away from the sun: to the left of a sun at the right, down, inwards.
      const [x, y, z] = [-along(sun, right), -along(sun, up), along(sun, forward)];
      // Where it is 33 mm from the axis at z = 33, by halving.
      let [near, far] = [1e-9, 400];
      for (let i = 0; i < 200; i++) {
        const middle = (near + far) / 2;
        if (Math.hypot(3 + middle * x, middle * z - 33) < 33) near = middle;
        else far = middle;
      }
      expect(33 * Math.atan2(3 + near * x, near * z - 33)).toBeCloseTo(place.s, 6);
      expect(9 + near * y).toBeCloseTo(place.t, 6);
      seen++;
    }
    expect(seen).toBeGreaterThan(300);
  });

  test("in the south the noon sun stands in the north; at its solstice 90° − latitude + 23.44° high", () => {
    const south = {
      ...can,
      site: { latitude: -33.87, longitude: 151.21, timeZone: "Australia/Sydney" },
      aim: { azimuth: 0 },
    };
    const [day] = sunAnswer({ ...south, from: "2026-12-21", to: "2026-12-21" }, skyTools).days;
    expect(Math.abs((((day?.noon.azimuth ?? 0) + 180) % 360) - 180)).toBeLessThan(0.1);
    expect(day?.noon.altitude).toBeCloseTo(90 - 33.87 + 23.44, 1);
    expect(day?.noon.time).toMatch(/^2026-12-21T12:5\d:\d\d\+11:00$/);
  });

  test("between the tropics it changes sides in the year", () => {
    const tropic = { ...can, site: { latitude: 10, longitude: 0, timeZone: "UTC" }, to: "2027-06-21" };
    const sides = sunAnswer(tropic, skyTools).days.map(({ noon }) => Math.cos(noon.azimuth / DEGREES) < 0);
    expect(sides[0]).toBe(true);
    expect(sides.at(-1)).toBe(false);
  });

  test("beyond the polar circle it is up all day in June and not at all in December (69.65° N; common knowledge)", () => {
    const north = { ...can, site: { latitude: 69.65, longitude: 18.96, timeZone: "Europe/Oslo" } };
    const up = (date: string) => sunAnswer({ ...north, from: date, to: date }, skyTools);
    expect(up("2027-06-21").days[0]?.minutesUp).toBe(1440);
    const dark = up("2026-12-21");
    expect(dark.days[0]?.minutesUp).toBe(0);
    expect(dark.days[0]?.noon.altitude).toBeLessThan(0);
    expect(dark.summary).toEqual({ share: null, noonsRecorded: 0, noonsOff: [] });
  });

  test("the day is as long as spherical trigonometry has it, a step more or less", () => {
    for (const { date, minutesUp } of sunAnswer({ ...can, stepSeconds: 60, everyDays: 30 }, skyTools).days) {
      const { x, y, z } = ephemeris.sun(Date.parse(`${date}T12:00Z`));
      const declination = Math.atan2(z, Math.hypot(x, y));
      // 29′ of refraction at the horizon, less a second and a half of parallax.
      const low = -0.483 / DEGREES;
      const latitude = can.site.latitude / DEGREES;
      const hour = Math.acos(
        (Math.sin(low) - Math.sin(latitude) * Math.sin(declination)) / (Math.cos(latitude) * Math.cos(declination)),
      );
      expect(Math.abs(minutesUp - (2 * hour * DEGREES) / 0.25)).toBeLessThan(2.5);
    }
  });

  test("a horizon cuts what stands behind it, and only that", () => {
    const open = sunAnswer(can, skyTools);
    const walled = sunAnswer(
      {
        ...can,
        horizon: [
          [90, 3],
          [180, 8],
          [270, 4],
        ],
      },
      skyTools,
    );
    expect(walled.days.map(({ minutesUp }) => minutesUp)).toEqual(open.days.map(({ minutesUp }) => minutesUp));
    expect(walled.days.every((day, i) => day.minutesOverHorizon < (open.days[i]?.minutesOverHorizon ?? 0))).toBe(true);
    const blocked = sunAnswer({ ...can, horizon: [[0, 90]] }, skyTools);
    expect(blocked.days.every(({ minutesOverHorizon }) => minutesOverHorizon === 0)).toBe(true);
  });

  test("days far apart are each as they are by themselves, and two thousand years are soon reckoned", () => {
    const far = sunAnswer({ ...can, from: "1000-01-01", to: "3000-01-01", everyDays: 2000 }, skyTools).days;
    expect(far).toHaveLength(366);
    const { date = "" } = far[200] ?? {};
    expect(far[200]).toEqual(sunAnswer({ ...can, from: date, to: date }, skyTools).days[0]);
    const near = sunAnswer({ ...can, everyDays: 4 }, skyTools).days[10];
    const other = sunAnswer({ ...can, everyDays: 5 }, skyTools).days[8];
    expect(near?.date).toBe(other?.date);
    expect(near?.noon.altitude).toBeCloseTo(other?.noon.altitude ?? 0, 6);
    expect(near?.minutesRecorded).toBe(other?.minutesRecorded);
  });

  test("a step twice as long counts as long a day", () => {
    const [fine, coarse] = [60, 900].map((stepSeconds) => sunAnswer({ ...can, stepSeconds }, skyTools));
    for (const [i, day] of (fine?.days ?? []).entries()) {
      expect(Math.abs(day.minutesRecorded - (coarse?.days[i]?.minutesRecorded ?? 0))).toBeLessThan(31);
      expect(day.noon).toEqual(coarse?.days[i]?.noon);
    }
  });
});

describe("A request", () => {
  test.each([
    ["/site/timeZone", { site: { ...can.site, timeZone: "Thistle/Row" } }, /IANA/],
    ["/site/latitude", { site: { ...can.site, latitude: 91 } }, /90 or less/],
    ["/hole/diameter", { hole: { diameter: "best" } }, /a number/],
    ["/aim/azimuth", { aim: {} }, /required/],
    ["/aim/elevation", { aim: { azimuth: 0, elevation: 91 } }, /90 or less/],
    ["/from", { from: "2027-02-29" }, /YYYY-MM-DD/],
    ["/to", { to: "2026-12-20" }, /2026-12-21 or later/],
    ["/to", { everyDays: 1, to: "2028-01-25" }, /401 days; at most 400/],
    ["/everyDays", { everyDays: 0.5 }, /whole/],
    ["/stepSeconds", { stepSeconds: 59 }, /60 or more/],
    ["/stepSeconds", { stepSeconds: 901 }, /900 or less/],
    [
      "/horizon/1/0",
      {
        horizon: [
          [90, 3],
          [90, 4],
        ],
      },
      /above the azimuth before it, 90/,
    ],
    ["/horizon/0/0", { horizon: [[360, 3]] }, /below 360/],
    ["/horizon/0/1", { horizon: [[0, -1]] }, /0 or more/],
    ["/horizon/0", { horizon: [[0]] }, /at least 2/],
    ["/film/width", { film: { ...can.film, width: 208 } }, /2π × radius/],
  ])("is told what is allowed: %s", (path, wrong, words) => {
    const parsed = parseSun({ ...can, ...wrong }, calendar);
    expect(parsed.ok ? [] : parsed.error).toEqual([{ path, message: expect.stringMatching(words) }]);
  });

  test("of 400 days is taken", () => {
    expect(parseSun({ ...can, everyDays: 1, to: "2028-01-24" }, calendar).ok).toBe(true);
  });
});
