import besselJ1 from "@stdlib/math-base-special-besselj1";
import fc from "fast-check";
import { fresnelSum } from "../../testing/fresnelSum.ts";
import { contrast, effectiveDistance, resolution, type Setting, scaledContrast } from "./index.ts";

const FAR: Setting = { distance: 60, wavelengthNm: 550, subjectDistance: null };
/** PHYSICS section 1 asks for 1e-6 of the quadrature. */
const QUADRATURE = 1e-6;
/** The strip sum itself is good to about this. */
const STRIP_SUM = 2e-5;

describe("contrast", () => {
  test.each([
    [0.3, 60, 550, null],
    [0.5, 66.6, 440, null],
    [0.2, 30, 440, 300],
    [1.6, 66, 550, null],
    [0.9, 300, 500, 1200],
  ] as const)(
    "agrees with a brute-force Fresnel sum over the pupil: d %p, z %p, λ %p, u %p",
    (d, z, wavelengthNm, u) => {
      const setting: Setting = { distance: z, wavelengthNm, subjectDistance: u };
      for (const frequency of [0, 0.5, 1, 2, 3.5, 5, 8, 12]) {
        const strips = frequency * d > 5 ? 40_000 : 8000;
        expect(Math.abs(contrast(frequency, d, setting) - fresnelSum(frequency, d, setting, strips))).toBeLessThan(
          STRIP_SUM,
        );
      }
    },
  );

  test("tends to 2J₁(x)/x, x = πνd(1 + z/u), as the wavelength goes to 0 (geometric shadow; J₁ from @stdlib)", () => {
    for (const [d, u] of [
      [0.3, null],
      [1, 500],
    ] as const) {
      for (const frequency of [0.3, 1, 2, 3, 5]) {
        const x = Math.PI * frequency * d * (1 + (u === null ? 0 : 60 / u));
        const got = contrast(frequency, d, { distance: 60, wavelengthNm: 1e-4, subjectDistance: u });
        expect(Math.abs(got - (2 * besselJ1(x)) / x)).toBeLessThan(1e-5);
      }
    }
  });

  test("tends to the diffraction-limited circular pupil for a hole far smaller than a zone (Goodman, Fourier Optics, ch. 6)", () => {
    const setting: Setting = { distance: 1000, wavelengthNm: 550, subjectDistance: null };
    const d = 0.01;
    const cutOff = d / (550e-6 * 1000);
    for (const share of [0.1, 0.3, 0.5, 0.8, 0.99]) {
      const pupil = (2 / Math.PI) * (Math.acos(share) - share * Math.sqrt(1 - share * share));
      expect(contrast(share * cutOff, d, setting)).toBeCloseTo(pupil, 6);
    }
    expect(contrast(cutOff * 1.0001, d, setting)).toBe(0);
  });

  test("holds 1e-6 where the integrand oscillates most: ν 40, d 3, z up to 1000 (against 400,000 strips)", () => {
    for (const distance of [5, 60, 300, 1000]) {
      const setting: Setting = { distance, wavelengthNm: 550, subjectDistance: null };
      for (const frequency of [11, 26, 40]) {
        const slow = fresnelSum(frequency, 3, setting, 400_000);
        expect(Math.abs(contrast(frequency, 3, setting) - slow)).toBeLessThan(QUADRATURE);
      }
    }
  });

  test("is 1 at frequency 0 and never beyond 1 in size", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (d, frequency) => {
          expect(Math.abs(contrast(frequency, d, FAR))).toBeLessThanOrEqual(1 + 1e-12);
          expect(contrast(0, d, FAR)).toBeCloseTo(1, 12);
        },
      ),
      { seed: 11, numRuns: 200 },
    );
  });

  test("depends on n and c alone: every length and wavelength scaled leaves it as it is", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        (k, d, frequency) => {
          const base = contrast(frequency, d, { distance: 80, wavelengthNm: 500, subjectDistance: 900 });
          const scaled = contrast(frequency / k, d * k, {
            distance: 80 * k,
            wavelengthNm: 500 * k,
            subjectDistance: 900 * k,
          });
          expect(scaled).toBeCloseTo(base, 9);
        },
      ),
      { seed: 12, numRuns: 100 },
    );
  });

  test("NaN in, NaN out", () => {
    expect(scaledContrast(Number.NaN, 1)).toBeNaN();
  });
});

describe("resolution", () => {
  test("is the lowest frequency at which contrast falls to the level: a fine scan finds none before it", () => {
    for (const d of [0.15, 0.3, 0.37, 0.41, 0.6, 1.6]) {
      for (const level of [0.06, 0.2, 0.45]) {
        const found = resolution(d, FAR, level);
        expect(contrast(found, d, FAR)).toBeCloseTo(level, 9);
        for (let share = 0.001; share < 0.999; share += 0.001) {
          expect(contrast(found * share, d, FAR)).toBeGreaterThan(level);
        }
      }
    }
  });

  test("a subject at the hole’s own distance halves z′ (Rayleigh 1891: 1/z′ = 1/z + 1/u)", () => {
    expect(effectiveDistance(100, 100)).toBe(50);
    expect(effectiveDistance(100, null)).toBe(100);
  });
});
