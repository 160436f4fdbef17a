import { chance } from "../../basis/numeric/chance.ts";
import { densityCurve, exposureFor, flashDose, midExposure, turnedDensity } from "../../light/exposure/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { scanSheet } from "../../simulate/flatbed/index.ts";
import { CAN, FLAT, MEDIUM, SCANNER } from "../../testing/negatives.ts";
import { curveFromStrip } from "../density/curveFromStrip.ts";
import type { NegativeScan } from "../model/negativeScan.ts";
import type { ProofSettings } from "../model/proofSettings.ts";
import { proofExposure, proofPicture } from "../proof.ts";
import { lightAt } from "../restore/evenLight.ts";
import { judgeScan } from "./judgeScan.ts";

const POSITIVE = { ...MEDIUM, positive: true };

/** A slope of stops over a sheet: dark at its left as it lies, light at its right, through what the hole lets fall. */
const STOPS = (u: number): number => -2 + 4 * u;

/** A scan of a sheet of this slope; `dark`: where nothing falls, from this share of the width on. */
function scanOf(medium: typeof MEDIUM, film: { width: number; height: number }, dark = 1): NegativeScan {
  const [columns, rows] = [Math.round(4 * film.width), Math.round(4 * film.height)];
  // PHYSICS section 9 by hand, and section 11 for the positive: Dmin + Dmax − D.
  const [span, slope] = [2, (Math.log10(9) + Math.log10(1.96 / 0.04)) / 1.1];
  const half = ((Math.PI * 12.5) / (4 * 6)) * (span / 0.6 - 1) ** (1 / slope);
  const density = Float32Array.from({ length: columns * rows }, (_, i) => {
    const u = ((i % columns) + 0.5) / columns;
    const exposure = u > dark ? 0 : ((Math.PI * 12.5) / 24) * 2 ** STOPS(u);
    const grown = 0.05 + (exposure === 0 ? 0 : span / (1 + (half / exposure) ** slope));
    return ("positive" in medium ? 0.05 + 2.05 - grown : grown) - 0.05;
  });
  const { picture } = scanSheet({ ...film, columns, rows, density }, { ...SCANNER, border: 0 }, chance(3));
  return { ...picture, channels: 1 };
}

const settings = (medium: typeof MEDIUM, film: { width: number; height: number }): ProofSettings => ({
  medium,
  encoding: "linear",
  sheet: { width: film.width, height: film.height, corners: null },
  white: SCANNER.white,
});

test("a density is turned once: the curve, its inverse and the pre-flash agree on a direct positive", () => {
  const curve = densityCurve(POSITIVE, 6);
  expect(curve(0)).toBeCloseTo(2.05, 12);
  expect(curve(midExposure(6))).toBeCloseTo(2.05 - 0.6, 12);
  expect(curve(1e6)).toBeCloseTo(0.05, 6);
  for (const density of [0.2, 0.9, 1.8]) expect(curve(exposureFor(POSITIVE, 6, density))).toBeCloseTo(density, 10);
  expect(turnedDensity(POSITIVE, turnedDensity(POSITIVE, 0.7))).toBeCloseTo(0.7, 12);
  expect(turnedDensity(MEDIUM, 0.7)).toBe(0.7);
  expect(flashDose(POSITIVE, 6)).toBeCloseTo(flashDose(MEDIUM, 6), 12);
});

test("negative and direct positive of one exposure are judged alike, and their pictures are the same right-reading one", () => {
  const film = FLAT.film;
  const made = (medium: typeof MEDIUM) => {
    const scan = scanOf(medium, film);
    const judged = judgeScan(scan, settings(medium, film));
    if (!judged.ok) throw new Error(judged.error);
    const steps = proofExposure(scan, settings(medium, film), { transformOf: () => ({}) as never });
    let step = steps.next();
    while (!step.done) step = steps.next();
    if (!step.value.ok) throw new Error(step.value.error);
    return { judged: judged.value, picture: proofPicture(step.value.value, settings(medium, film)) };
  };
  const [negative, positive] = [made(MEDIUM), made(POSITIVE)];
  for (const name of ["p05", "p50", "p95", "blank", "burnt", "correction"] as const) {
    expect(positive.judged[name]).toBeCloseTo(negative.judged[name], 2);
  }
  const pixels = ({ picture }: typeof negative) =>
    [0.1, 0.3, 0.5, 0.7, 0.9].map((share) => {
      const { width, height, data } = picture;
      return data[2 * (Math.floor(height / 2) * width + Math.floor(share * width))] as number;
    });
  // As it lies, its right had the most light: seen from the emulsion, right stays right, and is light.
  expect(pixels(positive)).toEqual([...pixels(positive)].sort((a, b) => a - b));
  for (const [i, value] of pixels(negative).entries())
    expect(Math.abs(value - (pixels(positive)[i] as number))).toBeLessThan(3);
});

test("a direct positive's strip gives back the curve it was made by, its ends the right way up", () => {
  const curve = densityCurve(POSITIVE, 6);
  const steps = Array.from({ length: 9 }, (_, i) => ({ exposure: 0.2 * 2 ** i, density: curve(0.2 * 2 ** i) }));
  const found = curveFromStrip(steps, true);
  if (!found.ok) throw new Error(found.error);
  expect(found.value).toMatchObject({ positive: true });
  expect(found.value.least).toBeCloseTo(0.05, 3);
  expect(found.value.most).toBeCloseTo(2.05, 3);
  expect(found.value.range).toBeCloseTo(110, 1);
  expect(found.value.iso).toBeCloseTo(6, 2);
});

test("within two stops only what the hole lets light fall on counts; where that is next to nothing, all of it does", () => {
  const film = CAN.film;
  const model = opticalModel(CAN);
  const scan = scanOf(MEDIUM, film, 0.6);
  const judge = (more: Partial<ProofSettings>) => {
    const judged = judgeScan(scan, { ...settings(MEDIUM, film), ...more });
    if (!judged.ok) throw new Error(judged.error);
    return judged.value;
  };
  expect(judge({}).share).toBe(1);
  // The share by hand: middles of a grid inside the margin, E of section 2.
  const plate = { ...CAN, hole: { diameter: 0.3, plateThickness: 0.15 } };
  const plated = opticalModel(plate);
  let [lit, all] = [0, 0];
  for (let i = 0; i < 400; i++) {
    for (let j = 0; j < 300; j++) {
      const [s, t] = [((i + 0.5) / 400 - 0.5) * 0.94 * film.width, ((j + 0.5) / 300 - 0.5) * 0.94 * film.height];
      all++;
      if (lightAt(plated, s, t) >= 0.25) lit++;
    }
  }
  const within = judge({ camera: plate, within: 2 });
  expect(within.share).toBeCloseTo(lit / all, 2);
  expect(within.share).toBeLessThan(0.95);
  expect(within.blank).not.toBeCloseTo(judge({}).blank, 2);
  // A hole whose plate shuts nearly all of the sheet out: all counts, as if nothing had been said.
  const shut = { ...CAN, hole: { diameter: 0.3, plateThickness: 3 } };
  expect(judge({ camera: shut, within: 2 })).toEqual(judge({}));
  expect(lightAt(model, 0, 0)).toBeCloseTo(1, 9);
});
