import { ideal } from "../../testing/cameras.ts";
import { fresnelSum } from "../../testing/fresnelSum.ts";
import { bandContrast, bandResolution } from "./bandContrast.ts";
import { contrast, obliqueContrast, optimum, scaledContrast } from "./index.ts";
import { glow, lightBand, meanWavelength, ONE_LINE } from "./lightBand.ts";
import { resolutionCurve } from "./resolutionCurve.ts";

const PAPER = [
  [360, 0.35],
  [400, 0.9],
  [430, 1],
  [460, 0.8],
  [490, 0.3],
  [520, 0.05],
  [540, 0],
] as const;

describe("a band of light", () => {
  test("Planck’s law peaks where Wien’s displacement law says: 2.897772 mm·K / T (CODATA)", () => {
    for (const kelvin of [2856, 5500]) {
      let best = 300;
      for (let nm = 300; nm < 1500; nm += 0.5) if (glow(nm, kelvin) > glow(best, kelvin)) best = nm;
      expect(best).toBeCloseTo(2.897772e6 / kelvin, -0.5);
    }
  });

  test("steps of 10 nm (PHYSICS section 1), shares that add to 1; lamps move it towards red", () => {
    const day = lightBand(PAPER, 5500);
    expect(day.length).toBeGreaterThanOrEqual(9);
    expect(day.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 3);
    expect(day.every(({ wavelengthNm }) => wavelengthNm % 10 === 0)).toBe(true);
    expect(meanWavelength(day)).toBeGreaterThan(420);
    expect(meanWavelength(lightBand(PAPER, 2856))).toBeGreaterThan(meanWavelength(day) + 5);
  });

  test("its contrast is the weighted sum of brute-force Fresnel sums, line by line", () => {
    const band = lightBand(PAPER, 5500);
    const mean = meanWavelength(band);
    const [distance, diameter] = [70, 0.3];
    const scale = Math.sqrt(mean * 1e-6 * distance);
    for (const frequency of [1, 3, 6]) {
      const slow = band.reduce(
        (sum, { wavelengthNm, share }) =>
          sum + share * fresnelSum(frequency, diameter, { distance, wavelengthNm, subjectDistance: null }),
        0,
      );
      expect(bandContrast(band, frequency * scale, diameter / scale)).toBeCloseTo(slow, 4);
    }
  });

  test("the resolution is where that contrast falls to κ", () => {
    const band = lightBand(PAPER, 5500);
    const n = bandResolution(band, 0.2, 1.6);
    expect(bandContrast(band, n, 1.6)).toBeCloseTo(0.2, 5);
    expect(bandContrast(band, 0.98 * n, 1.6)).toBeGreaterThan(0.2);
  });
});

describe("the curve of detail against diameter", () => {
  test("with one wavelength its top and band are the computed optimum’s: 0.874 to 1.103 at κ = 0.2 (PHYSICS section 1)", () => {
    const curve = resolutionCurve(ONE_LINE(), 0.2);
    expect(curve.best[0]).toBeCloseTo(ideal.constant, 2);
    expect(curve.best[1]).toBeCloseTo(ideal.resolution, 4);
    expect(curve.band95[0] / ideal.constant).toBeCloseTo(0.874, 2);
    expect(curve.band95[1] / ideal.constant).toBeCloseTo(1.103, 2);
    const wide = optimum(0.2, 0.9).band;
    expect(curve.band90[0]).toBeCloseTo(wide[0], 2);
    expect(curve.band90[1]).toBeCloseTo(wide[1], 2);
  });

  test("strong contrast asks for a smaller hole than faint detail, also over a band", () => {
    const band = lightBand(PAPER, 5500);
    const best = [0.45, 0.2, 0.1].map((contrastAt) => resolutionCurve(band, contrastAt).best[0]);
    expect(best[0]).toBeLessThan(best[1] as number);
    expect(best[1]).toBeLessThan(best[2] as number);
  });
});

describe("the hole seen at a slant", () => {
  const wavelength = 550e-6;
  const round = { along: 0.15, across: 0.15, length: 60, subjectDistance: null };

  test("straight on it is the round hole’s contrast, near and far", () => {
    for (const frequency of [0, 0.5, 2, 4, 8]) {
      expect(obliqueContrast(round, wavelength, frequency, 0)).toBeCloseTo(
        contrast(frequency, 0.3, { distance: 60, wavelengthNm: 550, subjectDistance: null }),
        8,
      );
      expect(obliqueContrast({ ...round, subjectDistance: 300 }, wavelength, 0, frequency)).toBeCloseTo(
        contrast(frequency, 0.3, { distance: 60, wavelengthNm: 550, subjectDistance: 300 }),
        8,
      );
    }
  });

  test("for an ellipse and any direction it is the shifted pupils’ sum, counted point by point", () => {
    const pupil = { along: 0.1, across: 0.16, length: 80, subjectDistance: 500 };
    for (const [f1, f2] of [
      [2, 0],
      [0, 3],
      [1.5, 2],
      [-2, 1],
    ] as const) {
      expect(obliqueContrast(pupil, wavelength, f1, f2)).toBeCloseTo(pupilSum(pupil, wavelength, f1, f2), 2.5);
    }
  });

  test("a foreshortened hole blurs less of its shadow but spreads more: past the cut-off nothing is left", () => {
    const narrow = { ...round, along: 0.05 };
    const cutOff = (2 * narrow.along) / (wavelength * narrow.length);
    expect(obliqueContrast(narrow, wavelength, cutOff * 1.0001, 0)).toBe(0);
    expect(obliqueContrast(narrow, wavelength, 0, cutOff * 1.0001)).not.toBe(0);
    expect(scaledContrast(3, 2)).toBe(0);
  });
});

/** Autocorrelation of the elliptical pupil with its Fresnel phase on a fine grid: slow and plain. */
function pupilSum(
  {
    along,
    across,
    length,
    subjectDistance,
  }: { along: number; across: number; length: number; subjectDistance: number | null },
  wavelength: number,
  f1: number,
  f2: number,
): number {
  const curvature = 1 / length + (subjectDistance === null ? 0 : 1 / subjectDistance);
  const [s1, s2] = [wavelength * length * f1, wavelength * length * f2];
  const inside = (x: number, y: number): boolean => (x / along) ** 2 + (y / across) ** 2 < 1;
  const cells = 600;
  let [sum, all] = [0, 0];
  for (let i = 0; i < cells; i++) {
    for (let j = 0; j < cells; j++) {
      const [x, y] = [along * ((2 * (i + 0.5)) / cells - 1), across * ((2 * (j + 0.5)) / cells - 1)];
      if (inside(x, y)) all++;
      if (!inside(x + s1 / 2, y + s2 / 2) || !inside(x - s1 / 2, y - s2 / 2)) continue;
      sum += Math.cos(((2 * Math.PI) / wavelength) * curvature * (x * s1 + y * s2));
    }
  }
  return sum / all;
}

test.each([0.1, 0.2, 0.32, 0.45])(
  "at κ = %f the curve’s top is the optimum’s, between its rows too: a row is 0.02 apart",
  (contrast) => {
    const { best } = resolutionCurve([{ wavelengthNm: 550, share: 1 }], contrast);
    const { constant, resolution: n } = optimum(contrast, 0.95);
    expect(Math.abs(best[0] - constant)).toBeLessThan(0.004);
    expect(Math.abs(best[1] / n - 1)).toBeLessThan(2e-4);
  },
);
