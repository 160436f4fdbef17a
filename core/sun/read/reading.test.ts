import { skyTools } from "../../../workers/jobs/sun/skyTools.ts";
import { chance } from "../../basis/numeric/chance.ts";
import { normalNumbers } from "../../basis/numeric/index.ts";
import type { SheetPlace } from "../../light/rays/index.ts";
import { madeUpSky } from "../../simulate/field/index.ts";
import { COLD_FRAMES, pointsOn } from "../../testing/coldFrames.ts";
import {
  type CanStand,
  findDisturbance,
  type SunRequest,
  sheetSky,
  sunFan,
  type TrailPicture,
  trailPicture,
} from "../index.ts";
import { hoursOfDiary, PARTED, readDiary, SHONE } from "./diary.ts";
import { fitAim } from "./fitAim.ts";
import { directionOf, hourPlaceOf } from "./hourPlace.ts";
import { whenAt } from "./whenAt.ts";

const plan = COLD_FRAMES;

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
  const fan = sunFan(truth, skyTools);
  const pointsWith = (noise: () => number) => pointsOn(fan, truth.horizon, dates, noise);

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

/** The exposures of a sheet as a scan has them: eight bits and a little noise, a third of a track's width one place. */
function exposuresOf({ film }: SunRequest, { width, height, density }: TrailPicture, random: () => number) {
  const noise = normalNumbers(random);
  const depth = density.map((value) => Math.round(255 * value + 0.7 * noise()) / 255);
  const scale = width / film.width;
  const reach = Math.floor(0.28 * scale);
  return ({ s, t }: SheetPlace): number => {
    const [x, y] = [Math.floor((s + film.width / 2) * scale), Math.floor((film.height / 2 - t) * scale)];
    if (x < reach || y < reach || x >= width - reach || y >= height - reach) return Number.NaN;
    let sum = 0;
    for (let j = -reach; j <= reach; j++)
      for (let i = -reach; i <= reach; i++) sum += depth[(y + j) * width + x + i] as number;
    return -Math.log(1 - Math.min(0.99, sum / (2 * reach + 1) ** 2));
  };
}

/** What a long sum comes to. */
function ended<T>(steps: Generator<number, T, void>): T {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

describe("The diary", () => {
  // The weeks in which days are parted.
  const spring: SunRequest = { ...plan, from: "2027-02-08", to: "2027-04-30" };
  const fan = sunFan(spring, skyTools);
  const scale = 9;
  const sky = madeUpSky(chance(11), 5);
  const skies = fan.days.map(({ moments }) => sky(moments.length));
  const picture = trailPicture([{ request: spring, fan, skies }], 254 * scale);
  const exposureAt = exposuresOf(spring, picture, chance(12));
  const diary = ended(readDiary(spring, exposureAt, skyTools));

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

  test("of days on which it was shut nothing is told, and the days beside them are no worse for it", () => {
    const isShut = (date: string): boolean => date >= "2027-03-01" && date <= "2027-03-20";
    const without = ended(readDiary(spring, exposureAt, skyTools, (date) => !isShut(date)));
    for (const { date, known } of hoursOfDiary(without)) expect(known > 0).toBe(!isShut(date));
  });
});

describe("What befell a can on its way", () => {
  /** The months of a can whose days lie in parts, each with its aim. */
  const findIn = (parts: readonly Partial<SunRequest>[], seed: number) => {
    const sky = madeUpSky(chance(seed), 5);
    const stands = parts.map((part): CanStand => {
      const request = { ...plan, ...part };
      const fan = sunFan(request, skyTools);
      return { request, fan, skies: fan.days.map(({ moments }) => sky(moments.length)) };
    });
    const picture = trailPicture(stands as [CanStand, ...CanStand[]], 762);
    return ended(findDisturbance(plan, exposuresOf(plan, picture, chance(seed + 1)), skyTools));
  };
  const daysBeside = (date: string, other: string): number => Math.abs(Date.parse(date) - Date.parse(other)) / 864e5;

  test("one that was left in peace: nothing is found", () => {
    expect(findIn([{}], 3)).toBeNull();
  });

  test("knocked: the day to five, lean and twist to a degree, the turn to two", () => {
    const aim = { azimuth: 188.5, elevation: -2, roll: 3 };
    const found = findIn([{ to: "2027-03-01" }, { from: "2027-03-02", aim }], 3);
    if (found?.kind !== "moved") throw new Error(JSON.stringify(found));
    expect(daysBeside(found.date, "2027-03-02")).toBeLessThanOrEqual(5);
    expect(Math.abs(found.aim.azimuth - 188.5)).toBeLessThan(2);
    expect(Math.abs((found.aim.elevation ?? 0) + 2)).toBeLessThan(1);
    expect(Math.abs((found.aim.roll ?? 0) - 3)).toBeLessThan(1);
  });

  test("shut for two weeks in winter, when days lie close: found, its ends to five days", () => {
    const found = findIn([{ to: "2027-01-19" }, { from: "2027-02-03" }], 3);
    if (found?.kind !== "shut") throw new Error(JSON.stringify(found));
    expect(daysBeside(found.from, "2027-01-20")).toBeLessThanOrEqual(5);
    expect(daysBeside(found.to, "2027-02-02")).toBeLessThanOrEqual(5);
  });

  test("of a few days alone nothing can be said", () => {
    const steps = findDisturbance({ ...plan, to: "2026-12-30" }, () => 0.1, skyTools);
    expect(ended(steps)).toBeNull();
  });
});
