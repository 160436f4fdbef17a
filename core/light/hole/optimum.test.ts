import { contrast, optimum, rayleigh, resolution, type Setting, scaledResolution, schools } from "./index.ts";

/** PHYSICS section 1 gives these constants to the digits shown. */
const AS_PRINTED = 5e-4;

describe("published rules for the hole", () => {
  test.each([
    ["petzval", Math.SQRT2, "N_F = 1/2; Mielenz, J. Res. NIST 104 (1999) 479"],
    ["airy", 1.562, "blur = Airy disc, common practice"],
    ["rayleigh", 1.8974, "Rayleigh, Phil. Mag. 31 (1891) 87, N_F = 0.9"],
    ["zone", 2, "Young, Appl. Opt. 10 (1971) 2763, N_F = 1"],
  ])("%s: c = %p (%s)", (id, constant) => {
    const school = schools.find((each) => each.id === id);
    expect(school?.constant).toBeCloseTo(constant, 4);
  });

  test.each([
    ["petzval", 0.5],
    ["rayleigh", 0.9],
    ["zone", 1],
  ])("%s: Fresnel number a²/(λz′) = %p", (id, fresnelNumber) => {
    const setting: Setting = { distance: 80, wavelengthNm: 500, subjectDistance: 400 };
    const diameter = schools.find((each) => each.id === id)?.compute(setting) ?? 0;
    expect((diameter / 2) ** 2 / (500e-6 * (80 / 1.2))).toBeCloseTo(fresnelNumber, 10);
  });

  test("0.35 mm suits about 62 mm at 550 nm by Rayleigh’s constant, f/177 (common practice; 61.9 computed)", () => {
    const d = rayleigh.compute({ distance: 61.9, wavelengthNm: 550, subjectDistance: null });
    expect(d).toBeCloseTo(0.35, 3);
    expect(61.9 / d).toBeCloseTo(177, 0);
  });

  test("one zone: the axial intensity behind the hole peaks at N_F = 1 (Young 1971)", () => {
    // |U(0)|² ∝ (1 − cos(πN_F)): largest at 1.
    const axis = (n: number): number => 1 - Math.cos(Math.PI * n);
    for (const n of [0.8, 0.9, 1.1, 1.2]) expect(axis(n)).toBeLessThan(axis(1));
  });
});

describe("computed optimum", () => {
  test.each([
    [0.47, 1.376],
    [0.2, 1.5235],
    [0.1, 1.778],
  ])("c(%p) = %p (PHYSICS section 1)", (level, constant) => {
    expect(Math.abs(optimum(level, 0.95).constant - constant)).toBeLessThan(AS_PRINTED);
  });

  test.each([
    [0.32, Math.SQRT2],
    [0.18, Math.sqrt(2.44)],
    [0.078, Math.sqrt(3.6)],
    [0.064, 2],
  ])(
    "at contrast %p the rule with c = %p is the best hole (PHYSICS section 1, to two digits of contrast)",
    (level, constant) => {
      expect(Math.abs(optimum(level, 0.95).constant - constant)).toBeLessThan(0.012);
    },
  );

  test("c has its least value near contrast 0.47 and rises on both sides", () => {
    const c = (level: number): number => optimum(level, 0.95).constant;
    const falling = [0.06, 0.1, 0.2, 0.3, 0.4, 0.47].map(c);
    expect([...falling].sort((a, b) => b - a)).toEqual(falling);
    const rising = [0.47, 0.55, 0.7, 0.85, 0.95].map(c);
    expect([...rising].sort((a, b) => a - b)).toEqual(rising);
  });

  test("the 95 % band at contrast 0.2 runs from 0.874 to 1.103 of the best (PHYSICS section 1)", () => {
    const { constant, band } = optimum(0.2, 0.95);
    expect(Math.abs(band[0] / constant - 0.874)).toBeLessThan(AS_PRINTED);
    expect(Math.abs(band[1] / constant - 1.103)).toBeLessThan(AS_PRINTED);
  });

  test("three quarters of the best hole keeps 85 %, of Rayleigh’s resolves a quarter more than Rayleigh’s (PHYSICS section 1)", () => {
    const { constant, resolution: best } = optimum(0.2, 0.95);
    expect(scaledResolution(0.2, 0.75 * constant) / best).toBeCloseTo(0.85, 2);
    expect(scaledResolution(0.2, 0.75 * rayleigh.constant) / scaledResolution(0.2, rayleigh.constant)).toBeCloseTo(
      1.25,
      1,
    );
  });

  test.each([0.02, 0.033, 0.05, 0.0555, 0.057, 0.064, 0.1, 0.15, 0.2, 0.33, 0.47, 0.62, 0.8, 0.9, 0.95])(
    "at contrast %p no diameter of a plain scan (steps of 0.005 in c) resolves more, and the band’s ends are where the scan leaves it",
    (level) => {
      const { constant, resolution: best, band } = optimum(level, 0.95);
      const step = 0.005;
      const scan = Array.from({ length: 640 }, (_, i) => 0.4 + step * i).map(
        (c) => [c, scaledResolution(level, c)] as const,
      );
      for (const [, n] of scan) expect(n).toBeLessThanOrEqual(best + 1e-12);
      const low = scan.findLast(([c, n]) => c < constant && n < 0.95 * best)?.[0] ?? 0;
      const high = scan.find(([c, n]) => c > constant && n < 0.95 * best)?.[0] ?? 0;
      expect(band[0]).toBeGreaterThanOrEqual(low);
      expect(band[0]).toBeLessThanOrEqual(low + step);
      expect(band[1]).toBeLessThanOrEqual(high);
      expect(band[1]).toBeGreaterThanOrEqual(high - step);
    },
  );

  test("resolution jumps beyond the optimum at low contrast: the band ends at the jump", () => {
    const { band, resolution: best } = optimum(0.064, 0.95);
    expect(scaledResolution(0.064, band[1] - 1e-9)).toBeGreaterThanOrEqual(0.95 * best);
    expect(scaledResolution(0.064, band[1] + 1e-6)).toBeLessThan(0.9 * best);
  });

  test("the scaled optimum is the true one: no other diameter at 66.6 mm and 440 nm resolves more", () => {
    const setting: Setting = { distance: 66.6, wavelengthNm: 440, subjectDistance: 700 };
    const best = optimum(0.2, 0.95).constant * Math.sqrt(440e-6 * (66.6 / (1 + 66.6 / 700)));
    const top = resolution(best, setting, 0.2);
    for (const factor of [0.9, 0.97, 0.995, 1.005, 1.03, 1.1]) {
      expect(resolution(best * factor, setting, 0.2)).toBeLessThan(top);
    }
    expect(contrast(top, best, setting)).toBeCloseTo(0.2, 9);
  });
});
