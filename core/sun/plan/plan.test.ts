import { skyTools } from "../../../workers/jobs/sun/skyTools.ts";
import { chance } from "../../basis/numeric/chance.ts";
import { sheetToScene } from "../../light/rays/index.ts";
import { madeUpSky } from "../../simulate/field/index.ts";
import { airMass, directLight } from "../astronomy/airMass.ts";
import {
  aimLaying,
  horizonLine,
  parseCoordinates,
  type SunRequest,
  sheetSky,
  sunFan,
  sunVerdicts,
  trackWidth,
  trailPicture,
} from "../index.ts";

const can: SunRequest = {
  site: { latitude: 52.2, longitude: 0.1, height: 20, timeZone: "Europe/London" },
  hole: { diameter: 0.4 },
  film: { surface: "cylinder", radius: 33, distance: 66, width: 177.8, height: 127 },
  aim: { azimuth: 180, elevation: 0, roll: 0 },
  from: "2026-12-21",
  to: "2027-06-21",
  everyDays: 7,
};
const verdictsOf = (more: Partial<SunRequest>) => {
  const request = { ...can, ...more };
  return sunVerdicts(request, sunFan(request, skyTools));
};
const codes = (more: Partial<SunRequest>) => verdictsOf(more).map(({ code }) => code);

describe("Verdicts on a plan", () => {
  test("midsummer’s noon leaves the sheet by what the ray model says: 66 mm × tan 61.25° − 63.5 mm", () => {
    const [worst] = verdictsOf({});
    if (worst?.code !== "noons-off") throw new Error(`${worst?.code}`);
    expect([worst.edge, worst.by.toFixed(1)]).toEqual([
      "bottom",
      (66 * Math.tan((61.2455 * Math.PI) / 180) - 63.5).toFixed(1),
    ]);
    expect([worst.days[0], worst.days.at(-1)]).toEqual(["2027-04-05", "2027-06-21"]);
  });

  test("each fix that is offered brings every noon onto the sheet; the lean is the least that does", () => {
    const [worst] = verdictsOf({});
    if (worst?.code !== "noons-off") throw new Error(`${worst?.code}`);
    expect(worst.fixes.map(({ kind }) => kind)).toEqual(["hole", "aim"]);
    for (const fix of worst.fixes) {
      const mended = fix.kind === "hole" ? { hole: { ...can.hole, y: fix.by } } : { aim: fix.aim };
      expect(codes(mended)).not.toContain("noons-off");
    }
    const lean = worst.fixes.flatMap((fix) => (fix.kind === "aim" ? [fix.aim.elevation ?? 0] : []))[0] ?? 0;
    expect(lean).toBeGreaterThan(0);
    expect(codes({ aim: { ...can.aim, elevation: lean - 1 } })).toContain("noons-off");
  });

  test("a camera that looks north here looks away; its fix turns it; in the south it is the other way about", () => {
    const south = { site: { latitude: -33.87, longitude: 151.21, timeZone: "Australia/Sydney" } };
    const [away] = verdictsOf({ aim: { azimuth: 10 } });
    expect(away).toEqual({ code: "looks-away", fix: { kind: "aim", aim: { azimuth: 180 } } });
    expect(verdictsOf({ ...south, aim: { azimuth: 180 } })[0]).toEqual({
      code: "looks-away",
      fix: { kind: "aim", aim: { azimuth: 0 } },
    });
    expect(codes({ ...south, aim: { azimuth: 0 } })).not.toContain("looks-away");
  });

  test("between the tropics the sun changes sides, outside it does not", () => {
    const tropic = verdictsOf({ site: { latitude: 10, longitude: 0, timeZone: "UTC" } });
    const sides = tropic.find(({ code }) => code === "changes-sides");
    if (sides?.code !== "changes-sides") throw new Error("no sides");
    // At 10° N it stands in the north while its declination is above 10°: from mid-April on.
    expect([sides.north, sides.south]).toEqual([10, 17]);
    expect(codes({})).not.toContain("changes-sides");
  });

  test("a wall of 20° hides winter’s noons: by how much, on which days", () => {
    const hidden = verdictsOf({ horizon: [[0, 20]] }).find(({ code }) => code === "noons-hidden");
    if (hidden?.code !== "noons-hidden") throw new Error("nothing hidden");
    expect(hidden.by).toBeCloseTo(20 - 14.42, 1);
    expect([hidden.days[0], hidden.days.at(-1)]).toEqual(["2026-12-21", "2027-01-25"]);
    expect(codes({ horizon: [[0, 90]] })).toEqual(["never-up"]);
  });

  test("a thick plate leaves the sheet’s ends blank: 0.4 mm in 0.3 mm of plate passes 53° to each side", () => {
    const blank = verdictsOf({ hole: { diameter: 0.4, plateThickness: 0.3 } }).find(
      ({ code }) => code === "blank-ends",
    );
    if (blank?.code !== "blank-ends") throw new Error("nothing blank");
    // On a can the azimuth is half of the angle round it.
    const lit = 2 * (2 * Math.atan(0.4 / 0.3) * 33);
    expect(blank.share).toBeCloseTo(1 - Math.min(1, lit / 177.8), 1);
    expect(codes({ hole: { diameter: 0.4, plateThickness: 0.3 }, film: { ...can.film, width: 60 } })).not.toContain(
      "blank-ends",
    );
  });

  test("days share a track where the hole draws wider than two of their steps, 0.4° a day at the most", () => {
    const [one] = verdictsOf({ hole: { diameter: 1.2 }, aim: { azimuth: 180, elevation: 30 } }).filter(
      ({ code }) => code === "tracks-merge",
    );
    if (one?.code !== "tracks-merge") throw new Error("parted");
    expect(one.width).toBeGreaterThan(1.2 + 0.0093 * 66 - 1e-9);
    const deep = { surface: "flat", distance: 400, width: 400, height: 500 } as const;
    expect(codes({ hole: { diameter: 0.1 }, film: deep })).not.toContain("tracks-merge");
    expect(codes({ hole: { diameter: 6 }, film: deep })).toContain("tracks-merge");
  });

  test("a plan with nothing to mend says so", () => {
    expect(codes({ film: { ...can.film, height: 260 } }).at(-1)).toBe("all-noons");
  });
});

describe("Light through the air", () => {
  test("air mass of Kasten and Young’s table (1989, from memory): 1 at the zenith, 2 at 30°, 5.6 at 10°, 38 at the horizon", () => {
    const at = (degrees: number): number => airMass((degrees * Math.PI) / 180);
    expect(at(90)).toBeCloseTo(1, 3);
    expect(at(30)).toBeCloseTo(1.994, 2);
    expect(at(10)).toBeCloseTo(5.586, 2);
    expect(at(0)).toBeCloseTo(37.92, 1);
    expect(directLight(Math.PI / 2)).toBeCloseTo(0.7, 3);
    // 0.7^(1.994^0.678), worked out by hand.
    expect(directLight(Math.PI / 6)).toBeCloseTo(0.5657, 3);
  });
});

describe("A made-up sky", () => {
  const sky = madeUpSky(chance(5), 5);
  const days = Array.from({ length: 2000 }, () => sky(120));

  test("has overcast, clear and mixed days, and shines about half of the time", () => {
    const shares = days.map((day) => day.reduce((sum, each) => sum + each, 0) / day.length);
    expect(shares.filter((share) => share < 0.1).length / days.length).toBeGreaterThan(0.25);
    expect(shares.filter((share) => share > 0.9).length / days.length).toBeGreaterThan(0.1);
    expect(shares.reduce((sum, share) => sum + share, 0) / days.length).toBeCloseTo(0.41, 1);
  });

  test("keeps for spells, not for moments", () => {
    const changes = days.map((day) => day.filter((each, i) => i > 0 && each !== day[i - 1]).length);
    expect(changes.reduce((sum, count) => sum + count, 0) / days.length).toBeLessThan(6);
  });

  test("is the same for the same seed", () => {
    expect([...madeUpSky(chance(9), 5)(50)]).toEqual([...madeUpSky(chance(9), 5)(50)]);
  });
});

describe("The picture", () => {
  const request: SunRequest = { ...can, everyDays: 1, from: "2027-03-20", to: "2027-03-20" };
  const fan = sunFan(request, skyTools);
  const picture = trailPicture([{ request, fan, skies: null }], 356);
  const at = (s: number, t: number): number => {
    const [x, y] = [Math.floor((s + 88.9) * 2.0022), Math.floor((63.5 - t) * 2.0022)];
    return picture.density[y * picture.width + x] as number;
  };

  test("is as large as the sheet, dark where the sun went and nowhere else", () => {
    expect([picture.width, picture.height]).toEqual([356, 254]);
    const noon = fan.days[0]?.noon.place;
    if (!noon) throw new Error("no noon");
    expect(at(noon.s, noon.t)).toBeGreaterThan(10 * at(noon.s, noon.t + 4));
    expect(at(noon.s, noon.t)).toBeGreaterThan(10 * at(noon.s, noon.t - 4));
  });

  test("one day’s noon gets the time the sun takes over its own width, times E: 1 − 2^(−E·minutes/60)", () => {
    const { place, altitude } = fan.days[0]?.noon ?? {};
    if (!place || altitude === undefined) throw new Error("no noon");
    // In the can's plane the light goes 2R = 66 mm; the sun moves cos δ·15° an hour there, δ ≈ 0.
    const ray = 66 / Math.cos(altitude);
    const width = 0.4 + 0.0093 * ray;
    const speed = (((15 * Math.PI) / 180) * 66) / Math.cos(altitude);
    const minutes = (((Math.PI / 4) * width) / speed) * 60;
    const e = Math.cos(altitude) ** 4;
    expect(at(place.s, place.t)).toBeGreaterThan(1 - 2 ** (-(0.85 * e * minutes) / 60));
    expect(at(place.s, place.t)).toBeLessThan(1 - 2 ** (-(1.2 * e * minutes) / 60));
  });

  test("cloud leaves gaps: with no sun there are no tracks", () => {
    const clouded = trailPicture([{ request, fan, skies: [new Uint8Array(fan.days[0]?.moments.length ?? 0)] }], 356);
    const noon = fan.days[0]?.noon.place ?? { s: 0, t: 0 };
    const [x, y] = [Math.floor((noon.s + 88.9) * 2.0022), Math.floor((63.5 - noon.t) * 2.0022)];
    expect(clouded.density[y * 356 + x]).toBeLessThan(0.01);
  });

  test("the land is darker in the sky’s view: it prints less than the sky", () => {
    expect(at(0, 20)).toBeLessThan(0.5 * at(0, -10));
  });
});

test("a track is as wide as hole and sun’s image together (PHYSICS 9): 0.4 + 0.0093 × 66 mm", () => {
  expect(trackWidth(sheetSky(can).model, { s: 0, t: 0 })).toBeCloseTo(0.4 + 0.0093 * 66, 9);
});

test("the horizon lies on the sheet where the rays say: level straight ahead at t = 0, 10° lower by 66 mm × tan 10°", () => {
  const [level] = horizonLine([], sheetSky(can), 1);
  expect(Math.max(...(level ?? []).map(({ t }) => Math.abs(t)))).toBeLessThan(1e-9);
  const [hill] = horizonLine([[0, 10]], sheetSky(can), 1);
  const ahead = (hill ?? []).find(({ s }) => Math.abs(s) < 1e-6);
  expect(ahead?.t).toBeCloseTo(-66 * Math.tan((10 * Math.PI) / 180), 6);
});

describe("Coordinates as people write them", () => {
  test.each([
    ["52.2, 0.1", 52.2, 0.1],
    ["52.2 0.1", 52.2, 0.1],
    ["-33.87, 151.21", -33.87, 151.21],
    ["52,2; 0,1", 52.2, 0.1],
    ["geo:52.2,0.1", 52.2, 0.1],
    ["52°12′N 0°6′E", 52.2, 0.1],
    ["52° 12' 30\" N, 0° 6' W", 52 + 12.5 / 60, -0.1],
    ["N 52 12.5 W 0 6", 52 + 12.5 / 60, -0.1],
    ["33.87 S 151.21 E", -33.87, 151.21],
    ["151.21 E 33.87 S", -33.87, 151.21],
    ["33°52′S, 151°12′36″E", -(33 + 52 / 60), 151.21],
    ["−33.87; 151.21", -33.87, 151.21],
  ])("%s", (text, latitude, longitude) => {
    const read = parseCoordinates(text);
    if (!read.ok) throw new Error(read.error);
    expect(read.value.latitude).toBeCloseTo(latitude, 9);
    expect(read.value.longitude).toBeCloseTo(longitude, 9);
  });

  test.each([
    ["91, 0", /latitude lies between/],
    ["0, 181", /longitude lies between/],
    ["52°61′N 0°E", /Write it like/],
    ["52.2", /Write it like/],
    ["by the cold frames", /Write it like/],
    ["1,234,5", /Write it like/],
    ["", /Write it like/],
  ])("%s is refused with what is allowed", (text, words) => {
    const read = parseCoordinates(text);
    expect(read.ok ? "" : read.error).toMatch(words);
  });
});

describe("The sky pulled by hand", () => {
  test.each([
    ["a level can", {}],
    ["one that leans and is turned", { aim: { azimuth: 200, elevation: 15, roll: -8 } }],
    ["a flat sheet", { film: { surface: "flat", distance: 60, width: 127, height: 101.6 } }],
  ] as const)("%s: what lay at one place lies at the other, to a hundredth of a millimetre", (_, more) => {
    const request = { ...can, ...more } as SunRequest;
    for (const [from, to] of [
      [
        { s: 0, t: 0 },
        { s: 9, t: -4 },
      ],
      [
        { s: -20, t: -30 },
        { s: -5, t: -38 },
      ],
      [
        { s: 30, t: -10 },
        { s: 25, t: 12 },
      ],
    ] as const) {
      const scene = sheetSky(request);
      const direction = scene.toSky(sheetToScene(scene.model.place, scene.model.surface, from) as never);
      const place = sheetSky({ ...request, aim: aimLaying(request, from, to) }).land(direction);
      expect(Math.hypot((place?.s ?? 99) - to.s, (place?.t ?? 99) - to.t)).toBeLessThan(0.01);
    }
  });

  test("the zenith can't be pulled over by more than it leans: the camera stays within straight up and down", () => {
    const { elevation } = aimLaying({ ...can, aim: { azimuth: 180, elevation: 88 } }, { s: 0, t: 0 }, { s: 0, t: 40 });
    expect(Math.abs(elevation)).toBeLessThanOrEqual(90);
  });
});
