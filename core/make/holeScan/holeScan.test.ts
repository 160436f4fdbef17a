import Ajv from "ajv/dist/2020.js";
import { refusalWords, saidHoleAnswer } from "../../../wording/make/holeScanWords.ts";
import { chance } from "../../basis/numeric/chance.ts";
import schema from "../../document/schemas/hole-answer.schema.json";
import { type PlateSample, type ScanSettings, sampleArea, scanPlate } from "../../simulate/flatbed/index.ts";
import { CLEAN, ROUND } from "../../testing/scans.ts";
import { type Candidate, findCandidates } from "./candidates.ts";
import { fieldRound } from "./field.ts";
import { type HoleOutline, type HoleRefusal, holeAnswer, measureHole } from "./index.ts";
import { levelsOf } from "./levels.ts";
import type { GreyPicture } from "./picture.ts";

const PIXEL = 25.4 / 4800;

function measured(plate: Partial<PlateSample>, settings: Partial<ScanSettings> = {}, seed = 1) {
  const picture = scanPlate({ ...ROUND, ...plate }, { ...CLEAN, ...settings }, chance(seed));
  // A file for screens says so, as our own scanner's do.
  const encoding = settings.encoding === "srgb" ? "srgb" : null;
  return measureHole({ picture: { ...picture, encoding }, pixel: PIXEL, at: null });
}

function outline(...args: Parameters<typeof measured>): HoleOutline {
  const result = measured(...args);
  if (!result.ok) throw new Error(refusalWords(result.error));
  return result.value;
}

function refusal(...args: Parameters<typeof measured>): HoleRefusal {
  const result = measured(...args);
  if (result.ok) throw new Error(`measured ${result.value.diameter} px`);
  return result.error;
}

function truth(plate: Partial<PlateSample>): number {
  return (2 * Math.sqrt(sampleArea({ ...ROUND, ...plate }) / Math.PI)) / PIXEL;
}

/** The bar, px. */
function tolerance(pixels: number): number {
  return Math.max(0.3, 0.02 * pixels);
}

const SHAPES: readonly (readonly [string, (d: number) => Partial<PlateSample>])[] = [
  ["round", (diameter) => ({ diameter })],
  ["ellipse 0.8", (diameter) => ({ diameter, axisRatio: 0.8, angle: 0.4 })],
  [
    "two burrs",
    (d) => ({
      diameter: d,
      burrs: [
        { at: 1, depth: d * 0.08, wide: d * 0.15 },
        { at: 4, depth: d * 0.06, wide: d * 0.1 },
      ],
    }),
  ],
  ["a speck of dust", (d) => ({ diameter: d, dust: [{ x: d * 0.1, y: d * 0.05, size: d * 0.12 }] })],
  ["leaning 15°", (diameter) => ({ diameter, tiltDeg: 15 })],
];
const WAYS: readonly (readonly [string, Partial<ScanSettings>])[] = [
  ["16 bits, light from behind", {}],
  ["8 bits", { bits: 8 }],
  ["8 bits of sRGB", { bits: 8, encoding: "srgb" }],
  ["reflected light", { light: "reflected", uneven: 0.2 }],
  ["light falling off by half", { uneven: 0.5 }],
  ["blur of 2.5 px", { blur: 2.5 }],
  ["noise of 6 %", { noise: 0.06 }],
];

describe("diameter of made-up scans within the larger of 2 % and 0.3 px (PHYSICS section 8)", () => {
  const cases = SHAPES.flatMap(([shape, plate]) =>
    WAYS.flatMap(([way, settings]) => [0.11, 0.45].map((d) => [shape, way, d, plate(d), settings] as const)),
  );
  test.each(cases)("%s, %s, %f mm", (_shape, _way, _d, plate, settings) => {
    const found = outline(plate, settings, 3);
    const pixels = truth(plate);
    expect(Math.abs(found.diameter - pixels)).toBeLessThan(tolerance(pixels));
    expect(Math.abs(found.diameter - pixels)).toBeLessThan(4 * found.uncertainty);
  });

  test.each([0.032, 0.042, 0.052])(
    "%f mm, 6 to 10 px across, bare glass beside the plate: area of linear values",
    (diameter) => {
      const found = outline({ diameter }, { open: 40 });
      expect(Math.abs(found.diameter - diameter / PIXEL)).toBeLessThan(tolerance(diameter / PIXEL));
    },
  );

  test("without bare glass the light is reckoned from the spread, and said so", () => {
    const found = outline({ diameter: 0.042 });
    expect(found.warnings).toContain("light-from-spread");
    expect(Math.abs(found.diameter - 0.042 / PIXEL)).toBeLessThan(tolerance(8));
  });

  test("numbers for screens that no one declared are noticed where the blur is wide, and the doubt said where it is not", () => {
    const undeclared = (blur: number) =>
      measureHole({
        picture: scanPlate(ROUND, { ...CLEAN, bits: 8, encoding: "srgb", blur }, chance(4)),
        pixel: PIXEL,
        at: null,
      });
    const wide = undeclared(3);
    expect(wide.ok && wide.value.warnings).toContain("undid-srgb");
    expect(wide.ok && Math.abs(wide.value.diameter - 0.3 / PIXEL)).toBeLessThan(tolerance(57));
    const fine = undeclared(0.7);
    expect(fine.ok && fine.value.warnings).toContain("numbers-unsaid");
    expect(fine.ok && Math.abs(fine.value.diameter - 0.3 / PIXEL)).toBeLessThan(
      4 * (fine.ok ? fine.value.uncertainty : 0),
    );
  });

  test("under 6 px: a wide ±, and advice", () => {
    const found = outline({ diameter: 0.024 }, { open: 40, noise: 0.005 });
    expect(found.warnings).toContain("few-pixels");
    expect(found.uncertainty).toBeGreaterThan(0.07 * found.diameter);
    expect(Math.abs(found.diameter - 0.024 / PIXEL)).toBeLessThan(2 * found.uncertainty);
  });

  test("the stated ± is kept to, through blur, noise and uneven light", () => {
    const offs = Array.from({ length: 40 }, (_, seed) => {
      const plate = { diameter: 0.1 + 0.012 * seed, axisRatio: 0.85 + (seed % 4) * 0.05 };
      const found = outline(plate, { noise: 0.03, blur: 0.5 + (seed % 3), uneven: 0.3 }, seed);
      return (found.diameter - truth(plate)) / found.uncertainty;
    });
    expect(offs.filter((off) => Math.abs(off) < 2).length).toBe(40);
  });
});

describe("shape of a scanned hole", () => {
  test("an ellipse of 0.8: axis ratio, both Feret diameters, circularity from its closed perimeter", () => {
    const found = outline({ diameter: 0.4, axisRatio: 0.8, angle: 0.7 });
    const long = 0.4 / Math.sqrt(0.8) / PIXEL;
    expect(found.axisRatio).toBeCloseTo(0.8, 2);
    expect(Math.abs(found.feretGreatest - long)).toBeLessThan(0.5);
    expect(Math.abs(found.feretLeast - 0.8 * long)).toBeLessThan(0.5);
    expect(found.circularity).toBeCloseTo(0.9815, 2);
    expect(found.roughness).toBeLessThan(0.15);
    expect(found.warnings).toContain("oval");
  });

  test("burrs are counted and placed, and roughen the rim", () => {
    const burrs = [1, 3.5].map((at) => ({ at, depth: 0.05, wide: 0.07 }));
    const found = outline({ diameter: 0.4, burrs });
    expect(found.burrs).toHaveLength(2);
    for (const [index, at] of [1, 3.5].entries()) {
      const burr = [...found.burrs].sort((a, b) => b.y - a.y)[index];
      const angle = Math.atan2((burr?.y ?? 0) - CLEAN.at.y, (burr?.x ?? 0) - CLEAN.at.x);
      expect(Math.cos(angle - at)).toBeGreaterThan(0.99);
      expect(burr?.out).toBeLessThan(-5);
    }
    expect(found.roughness).toBeGreaterThan(5 * outline({ diameter: 0.4 }).roughness);
  });

  test("dust is counted, placed, and left out of the size", () => {
    const found = outline({
      diameter: 0.4,
      dust: [
        { x: 0.05, y: -0.08, size: 0.04 },
        { x: -0.1, y: 0, size: 0.03 },
      ],
    });
    expect(found.dust).toHaveLength(2);
    expect(found.dust.map(({ x }) => Math.round((x - CLEAN.at.x) * PIXEL * 100))).toEqual([5, -10]);
    expect(Math.abs(found.diameter - 0.4 / PIXEL)).toBeLessThan(1);
  });

  test("the centre to a tenth of a pixel, whatever the light", () => {
    for (const light of ["behind", "reflected"] as const) {
      const { centre } = outline({ diameter: 0.3 }, { light });
      expect(Math.hypot(centre.x - CLEAN.at.x, centre.y - CLEAN.at.y)).toBeLessThan(0.1);
    }
  });
});

describe("pictures that give no size", () => {
  test("nothing bright", () => expect(refusal({ diameter: 0.3 }, { exposure: 0.02 }).reason).toBe("no-contrast"));
  test("noise alone", () => expect(refusal({ diameter: 0.0001 }, { noise: 0.05 }).reason).toBe("no-contrast"));
  test("white all over", () => expect(refusal({ diameter: 0.3 }, { exposure: 40, noise: 0 }).reason).toBe("white"));
  test("over-exposed four times", () =>
    expect(refusal({ diameter: 0.3 }, { exposure: 4, blur: 2 }).reason).toBe("saturated"));
  test("light just at the end of the scale is measured, with a warning", () => {
    const found = outline({ diameter: 0.3 }, { exposure: 1.02, noise: 0, blur: 1 });
    expect(found.warnings).toContain("clipped");
    expect(Math.abs(found.diameter - 0.3 / PIXEL)).toBeLessThan(tolerance(57));
  });
  test("cut by the edge", () => {
    const cut = refusal({ diameter: 0.3 }, { at: { x: 8, y: 120 } });
    expect(cut.reason).toBe("cut-off");
    expect(refusalWords(cut)).toMatch(/cut by the picture’s edge/);
  });
  test("a blur without a rim", () =>
    expect(refusal({ diameter: 0.12 }, { blur: 14 }).reason).toMatch(/blurred|no-contrast/));
  test("several: their places; a place chooses; a place beside all is refused", () => {
    const one = scanPlate({ ...ROUND, diameter: 0.3 }, { ...CLEAN, at: { x: 60, y: 70 } }, chance(1));
    const other = scanPlate({ ...ROUND, diameter: 0.25 }, { ...CLEAN, at: { x: 180, y: 160 } }, chance(2));
    const samples = one.samples.map((value, i) => Math.max(value, other.samples[i] as number));
    const picture = { ...one, samples };
    const both = measureHole({ picture, pixel: PIXEL, at: null });
    expect(both).toMatchObject({ ok: false, error: { reason: "several" } });
    expect(!both.ok && refusalWords(both.error)).toMatch(/at 60, 70; 180, 160/);
    const chosen = measureHole({ picture, pixel: PIXEL, at: { x: 176, y: 162 } });
    expect(chosen.ok && chosen.value.diameter * PIXEL).toBeCloseTo(0.25, 2);
    expect(measureHole({ picture, pixel: PIXEL, at: { x: 230, y: 10 } })).toMatchObject({
      ok: false,
      error: { reason: "not-there" },
    });
  });
});

test("an answer in mm adds what the scanner’s scale may be wrong by", () => {
  const found = outline({ diameter: 0.3 });
  const answer = holeAnswer(found, PIXEL);
  expect(answer.diameter).toBeCloseTo(0.3, 2);
  expect(answer.uncertainty).toBeCloseTo(Math.hypot(found.uncertainty * PIXEL, 0.003 * answer.diameter), 9);
  expect(answer.pixel).toBe(PIXEL);
  expect(new Ajv().validate(schema, saidHoleAnswer(answer))).toBe(true);
  expect(new Ajv().validate(schema, { ...saidHoleAnswer(answer), diameter: 0 })).toBe(false);
  expect(Object.keys(answer).sort()).toEqual([
    "axisRatio",
    "centre",
    "circularity",
    "debris",
    "diameter",
    "feretGreatest",
    "feretLeast",
    "pixel",
    "roughness",
    "uncertainty",
    "warnings",
  ]);
});

describe("levels", () => {
  /** A picture of one grey with Gaussian grain (Box and Muller). */
  function grain(sigma: number, seed: number, at = 30_000): GreyPicture {
    const random = chance(seed);
    const samples = Uint16Array.from({ length: 300 * 200 }, () => {
      const normal = Math.sqrt(-2 * Math.log(random() + 1e-12)) * Math.cos(2 * Math.PI * random());
      return at + sigma * normal;
    });
    return { width: 300, height: 200, samples, most: 65_535, encoding: "linear" };
  }

  test.each([100, 600, 3000])("noise of %i is found to 5 %", (sigma) => {
    for (const seed of [1, 2, 3]) expect(levelsOf(grain(sigma, seed)).noise / sigma).toBeCloseTo(1, 1);
    const mean = [1, 2, 3, 4, 5, 6].reduce((sum, seed) => sum + levelsOf(grain(sigma, seed)).noise, 0) / 6;
    expect(Math.abs(mean / sigma - 1)).toBeLessThan(0.02);
  });

  test("what is left in doubt of a measured level is a half per cent and the noise over the root of its pixels", () => {
    const field = (noise: number) => {
      const picture = { ...scanPlate({ ...ROUND, diameter: 0.5 }, { ...CLEAN, noise }, chance(4)), encoding: null };
      const found = findCandidates(picture, PIXEL);
      if ("reason" in found) throw new Error(found.reason);
      return fieldRound(picture, found.candidates[0] as Candidate, (value) => value, 3, null);
    };
    const [still, grainy] = [field(0), field(0.08)];
    if (still === null || grainy === null) throw new Error("no field");
    expect(still.lightFrom).toBe("inside");
    expect(still.unsure).toBeCloseTo(0.005, 4);
    // The hole less three pixels of rim: a disc of 44.2 px.
    const pixels = Math.PI * (0.25 / PIXEL - 3) ** 2;
    expect((grainy.unsure - 0.005) / (0.08 / Math.sqrt(pixels))).toBeGreaterThan(0.7);
    expect((grainy.unsure - 0.005) / (0.08 / Math.sqrt(pixels))).toBeLessThan(1.4);
  });
});
