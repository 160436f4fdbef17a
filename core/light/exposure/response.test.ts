import fc from "fast-check";
import {
  coveredShare,
  curveSlope,
  densityCurve,
  exposureFor,
  flashDose,
  imageSpeed,
  LEAST_SEEN,
  MID_DENSITY,
  midExposure,
  movement,
} from "./index.ts";

const PAPER = { least: 0.05, most: 2.05, range: 110 } as const;

describe("density", () => {
  test("g is 2.404 for R = 110 and ΔD = 2 (PHYSICS section 9, ISO 6846)", () => {
    expect(curveSlope(PAPER)).toBeCloseTo(2.404, 3);
  });

  test("mid-grey, H = πK/(4S) ≈ 9.8/S lx·s, gives fog + 0.6", () => {
    expect(midExposure(6) * 6).toBeCloseTo(9.8, 1);
    expect(densityCurve(PAPER, 6)(midExposure(6))).toBeCloseTo(PAPER.least + MID_DENSITY, 12);
  });

  test("between 0.04 above fog and 90 % of the range lie R/100 decades of exposure: the definition read back", () => {
    for (const range of [60, 110, 160]) {
      const density = densityCurve({ ...PAPER, range }, 6);
      const exposureFor = (wanted: number): number => {
        let [low, high] = [1e-6, 1e6];
        for (let i = 0; i < 200; i++) {
          const middle = Math.sqrt(low * high);
          if (density(middle) < wanted) low = middle;
          else high = middle;
        }
        return low;
      };
      const decades = Math.log10(exposureFor(0.05 + 0.9 * 2) / exposureFor(0.05 + 0.04));
      expect(decades * 100).toBeCloseTo(range, 6);
    }
  });

  test("rises with exposure, from fog to the greatest density", () => {
    const density = densityCurve(PAPER, 6);
    expect(density(0)).toBe(PAPER.least);
    expect(density(1e9)).toBeCloseTo(PAPER.most, 6);
    fc.assert(
      fc.property(
        fc.double({ min: 1e-3, max: 1e3, noNaN: true }),
        (exposure) => density(exposure * 1.1) > density(exposure),
      ),
      { seed: 5, numRuns: 100 },
    );
  });
});

describe("pre-flash", () => {
  test.each([60, 90, 110, 160])(
    "range %p: a tenth more than 1/0.8 of the dose shows, the dose itself doesn’t",
    (range) => {
      const paper = { ...PAPER, range };
      const density = densityCurve(paper, 6);
      const dose = flashDose(paper, 6);
      expect(density(dose)).toBeLessThan(PAPER.least + 0.04);
      expect(density(dose / 0.8)).toBeCloseTo(PAPER.least + 0.04, 12);
      expect(density((1.1 * dose) / 0.8)).toBeGreaterThan(PAPER.least + 0.04);
    },
  );

  test("for range 110 and ΔD = 2 it lies 2.15 stops under mid-grey: 0.8·(0.04/1.96)^(1/g)·(2/0.6 − 1)^(1/g)", () => {
    const g = curveSlope(PAPER);
    const sum = 0.8 * ((0.04 / 1.96) * (2 / 0.6 - 1)) ** (1 / g);
    expect(flashDose(PAPER, 6) / midExposure(6)).toBeCloseTo(sum, 12);
    expect(-Math.log2(sum)).toBeCloseTo(2.15, 2);
  });

  test("exposureFor reads the curve back", () => {
    for (const exposure of [0.01, 0.3, 1.6, 20])
      expect(exposureFor(PAPER, 6, densityCurve(PAPER, 6)(exposure))).toBeCloseTo(exposure, 9);
  });
});

describe("movement", () => {
  test("the share of time a point is covered, counted moment by moment", () => {
    const passer = { width: 500, speed: 1300, brightness: 0.25 };
    for (const seconds of [0.2, 1, 7, 60]) {
      const steps = 100_000;
      const way = passer.speed * seconds;
      let covered = 0;
      // Someone passes a point in the middle of their way.
      for (let i = 0; i < steps; i++) if (Math.abs((way * (i + 0.5)) / steps - way / 2) < passer.width / 2) covered++;
      expect(coveredShare(passer, seconds)).toBeCloseTo(covered / steps, 3);
    }
  });

  test("solid in a moment, a ghost in seconds, gone in a minute; 1/8 stop is where it shows (PHYSICS section 4)", () => {
    const passer = { width: 500, speed: 1300, brightness: 0.25 };
    expect([0.3, 2, 60].map((seconds) => movement(passer, seconds).word)).toEqual(["solid", "ghost", "vanishes"]);
    const q = (1 - 2 ** -LEAST_SEEN) / (1 - 0.25);
    const limit = passer.width / (passer.speed * q);
    expect(movement(passer, limit * 1.001).word).toBe("vanishes");
    expect(movement(passer, limit * 0.999).word).toBe("ghost");
    expect(movement(passer, 60).stops).toBeCloseTo(Math.abs(Math.log2(1 - (0.75 * 500) / (1300 * 60))), 12);
  });

  test("its picture goes v·z/u", () => {
    expect(imageSpeed(1200, 70, 5500)).toBeCloseTo(15.27, 2);
  });
});
