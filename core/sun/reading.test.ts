import { skyTools } from "../../workers/sky.ts";
import { normalNumbers } from "../basis/numeric/index.ts";
import { chance } from "../testing/chance.ts";
import { hoursOfDiary, PARTED, readDiary, SHONE } from "./diary.ts";
import { type FitPoint, fitAim } from "./fitAim.ts";
import { directionOf, hourPlaceOf } from "./hourPlace.ts";
import { horizonLine, madeUpSky, type SunRequest, sheetSky, sunFan, trailPicture } from "./index.ts";
import { whenAt } from "./whenAt.ts";

const plan: SunRequest = {
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
  hole: { diameter: 0.3 },
  film: { surface: "cylinder", radius: 50, distance: 100, width: 254, height: 203.2, y: -60 },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2027-06-21",
  horizon: [
    [90, 3],
    [180, 6],
    [270, 4],
  ],
};

test("hour angle and declination, and back: through air and all, to 0.1″", () => {
  for (const latitude of [-1.2, -0.3, 0, 0.5, 0.911])
    for (let i = 0; i < 40; i++) {
      const place = { hour: -1.4 + 0.07 * i, declination: -0.4 + 0.02 * i };
      const direction = directionOf(latitude, place);
      if (direction.altitude < 0.01) continue;
      const back = hourPlaceOf(latitude, direction);
      expect(back.hour).toBeCloseTo(place.hour, 6);
      expect(back.declination).toBeCloseTo(place.declination, 6);
    }
});

describe("The fit", () => {
  const truth: SunRequest = {
    ...plan,
    aim: { azimuth: 174.3, elevation: 2.1, roll: -1.6 },
    hole: { diameter: 0.3, y: 1.2 },
  };
  const dates = ["2026-12-21", "2027-06-21", "2027-03-21"];
  const { days } = sunFan(truth, skyTools);
  const pointsWith = (noise: () => number): FitPoint[] => {
    const tracks = dates.flatMap((date) => {
      const own = days.find((day) => day.date === date)?.moments.filter(({ isRecorded }) => isRecorded) ?? [];
      return [0.1, 0.35, 0.6, 0.9].flatMap((part): FitPoint[] => {
        const { place } = own[Math.floor(part * own.length)] ?? {};
        return place ? [{ kind: "track", s: place.s + noise(), t: place.t + noise(), date }] : [];
      });
    });
    const [line = []] = horizonLine(truth.horizon ?? [], sheetSky(truth), 1);
    const horizon = [0.3, 0.5, 0.7].flatMap((part): FitPoint[] => {
      const place = line[Math.floor(part * line.length)];
      return place ? [{ kind: "horizon", s: place.s + noise(), t: place.t + noise() }] : [];
    });
    return [...tracks, ...horizon];
  };

  test("without noise it finds the aim to 0.01°, and nothing is left over", () => {
    const fit = fitAim(
      plan,
      pointsWith(() => 0),
      skyTools,
    );
    expect(fit?.aim.azimuth).toBeCloseTo(174.3, 1);
    expect(Math.abs((fit?.aim.azimuth ?? 0) - 174.3)).toBeLessThan(0.05);
    expect(Math.abs((fit?.aim.elevation ?? 0) - 2.1)).toBeLessThan(0.1);
    expect(Math.abs((fit?.aim.roll ?? 0) + 1.6)).toBeLessThan(0.05);
    expect(fit?.rms).toBeLessThan(0.02);
  });

  test("with noise of one pixel at 400 dpi it finds the aim to 0.2°, 20 times over", () => {
    const normal = normalNumbers(chance(3));
    for (let i = 0; i < 20; i++) {
      const fit = fitAim(
        plan,
        pointsWith(() => (25.4 / 400) * normal()),
        skyTools,
      );
      expect(Math.abs((fit?.aim.azimuth ?? 0) - 174.3)).toBeLessThan(0.2);
      expect(Math.abs((fit?.aim.elevation ?? 0) - 2.1)).toBeLessThan(0.2);
      expect(Math.abs((fit?.aim.roll ?? 0) + 1.6)).toBeLessThan(0.2);
      expect(fit?.sd.azimuth).toBeGreaterThan(0.01);
      expect(fit?.sd.azimuth).toBeLessThan(0.5);
    }
  });

  test("one point turns it only as far as that point tells; no point is no fit", () => {
    const [first] = pointsWith(() => 0);
    if (first === undefined) throw new Error("no point");
    const fit = fitAim(plan, [first], skyTools);
    expect(fit?.rms).toBeLessThan(0.3);
    expect(fit?.sd.roll).toBeGreaterThan(3);
    expect(fitAim(plan, [], skyTools)).toBeNull();
  });
});

describe("When the sun came to a place", () => {
  const ask = whenAt(plan, skyTools);
  const { days } = sunFan(plan, skyTools);

  test("each moment of a track is given back: its day, to the minute", () => {
    for (const day of days.filter((_, i) => i % 23 === 5))
      for (const { at, place, isRecorded } of day.moments.filter((_, i) => i % 17 === 3)) {
        if (!isRecorded || place === null) continue;
        const [when = 0, other] = ask(place);
        expect(other).toBeUndefined();
        expect(Math.abs(when - at)).toBeLessThan(60_000);
      }
  });

  test("through a whole year a place has two dates, as far before the solstice as after", () => {
    const year: SunRequest = { ...plan, to: "2027-12-20" };
    const [noon] = sunFan({ ...plan, from: "2027-05-01", to: "2027-05-01" }, skyTools).days;
    if (!noon?.noon.place) throw new Error("no noon");
    const [first = 0, second = 0, third] = whenAt(year, skyTools)(noon.noon.place);
    expect(new Date(first).toISOString().slice(0, 10)).toBe("2027-05-01");
    expect(new Date(second).toISOString().slice(0, 10)).toMatch(/2027-08-1[0-3]/);
    expect(third).toBeUndefined();
  });

  test("a little beyond where the sun turns it is that day’s own track; farther out it is none’s", () => {
    const around = { ...plan, film: { ...plan.film, height: 400 }, from: "2027-05-01", to: "2027-08-15" };
    const beyond = (degrees: number) => {
      const declination = ((23.436 + degrees) * Math.PI) / 180;
      const place = sheetSky(around).land(directionOf((52.2 * Math.PI) / 180, { hour: 0, declination }));
      return place === null ? [] : whenAt(around, skyTools)(place);
    };
    const [turn = 0, other] = beyond(0.15);
    expect(Math.abs(turn - Date.parse("2027-06-21T12:00Z"))).toBeLessThan(3 * 86_400_000);
    expect(other).toBeUndefined();
    expect(beyond(0.6)).toEqual([]);
  });

  test("where the sun never came there is no date", () => {
    expect(ask({ s: 0, t: 60 })).toEqual([]);
  });
});

describe("The diary", () => {
  // The weeks in which days are parted.
  const spring: SunRequest = { ...plan, from: "2027-02-08", to: "2027-04-30" };
  const fan = sunFan(spring, skyTools);
  const scale = 9;
  const sky = madeUpSky(chance(11), 5);
  const skies = fan.days.map(({ moments }) => sky(moments.length));
  const picture = trailPicture(spring, fan, 254 * scale, skies);
  const noise = normalNumbers(chance(12));
  /** As a scan has it: eight bits and a little noise. */
  const depth = picture.density.map((value) => Math.round(255 * value + 0.7 * noise()) / 255);
  const exposureAt = ({ s, t }: { s: number; t: number }): number => {
    const [x, y] = [Math.floor((s + 127) * scale), Math.floor((101.6 - t) * scale)];
    if (x < 2 || y < 2 || x >= picture.width - 2 || y >= picture.height - 2) return Number.NaN;
    // A third of the track's width is one place.
    let sum = 0;
    for (let j = -2; j <= 2; j++) for (let i = -2; i <= 2; i++) sum += depth[(y + j) * picture.width + x + i] as number;
    return -Math.log(1 - Math.min(0.99, sum / 25));
  };
  const steps = readDiary(spring, exposureAt, skyTools);
  let step = steps.next();
  while (!step.done) step = steps.next();
  const diary = step.value;

  test("reads its own weather: 95 % of the moments right where tracks are parted", () => {
    let [right, all] = [0, 0];
    const across = diary.hours.length;
    for (const [day, { moments }] of fan.days.entries()) {
      for (const [i, { at, isRecorded }] of moments.entries()) {
        if (!isRecorded) continue;
        // The column whose moment lies nearest.
        let best = -1;
        for (let column = 0; column < across; column++)
          if (Math.abs((diary.at[day * across + column] as number) - at) <= 150_000) best = day * across + column;
        const told = diary.sun[best];
        if (best < 0 || told === undefined || !Number.isFinite(told) || (diary.parted[best] as number) < PARTED)
          continue;
        all++;
        if (told > SHONE === (skies[day]?.[i] === 1)) right++;
      }
    }
    expect(all).toBeGreaterThan(2000);
    expect(right / all).toBeGreaterThan(0.95);
  });

  test("the hours of its days follow those that were", () => {
    const told = hoursOfDiary(diary);
    expect(told).toHaveLength(82);
    const were = fan.days.map(({ moments }, day) =>
      moments.reduce((sum, { isRecorded }, i) => sum + (isRecorded && skies[day]?.[i] === 1 ? 5 / 60 : 0), 0),
    );
    const total = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);
    expect(total(told.map(({ sun }) => sun)) / total(were)).toBeCloseTo(1, 0);
  });
});
