import fc from "fast-check";
import type { DrumSetting } from "./crossLight.ts";
import { baffleFor, crossLight } from "./index.ts";

const DRUM = { radius: 160, sectors: 4, gap: 2, tierHeight: 120, baffle: null } as const;
const APERTURE = { diameter: 0.4, plateThickness: 0.1, openingDiameter: null, wall: 0 } as const;

describe("light that creeps round a vane", () => {
  test("comes at the chord’s angle: midway between vanes 45° away, 67.5° off the axis (inscribed angle)", () => {
    const { to, from, share } = crossLight(DRUM, APERTURE, 100);
    // A chord that spans an angle θ of the circle leaves the tangent by θ/2: 90° − 45°/2 off the axis.
    expect((Math.atan(to) * 180) / Math.PI).toBeCloseTo(67.5, 0);
    expect(from).toBeLessThan(to + 1e-9);
    expect(share).toBeGreaterThan(0.001);
  });

  test("is none without a gap, and none through a plate that closes before that angle", () => {
    expect(crossLight({ ...DRUM, gap: 0 }, APERTURE, 100).share).toBe(0);
    expect(crossLight(DRUM, { ...APERTURE, plateThickness: 0.25 }, 100).share).toBe(0);
  });

  test("without a gap there is no way at all; where nothing passes, the way beside the vane is told", () => {
    expect(crossLight({ ...DRUM, gap: 0 }, APERTURE, 100)).toEqual({ from: 0, to: 0, share: 0 });
    const shut = crossLight(DRUM, { ...APERTURE, plateThickness: 0.25 }, 100);
    const slope = (r: number): number => (r * Math.SQRT1_2) / (160 - r * Math.SQRT1_2);
    expect(shut.from).toBeCloseTo(Math.min(slope(158), slope(160)), 10);
    expect(shut.to).toBeCloseTo(Math.max(slope(158), slope(160)), 10);
  });

  test("a strip must have room between the sheet’s rays and the stray ones: a fiftieth", () => {
    expect(baffleFor(1, 1.01, 10)).toBeNull();
    expect(baffleFor(1, 1.03, 10)?.height).toBeCloseTo(10 / Math.sqrt(1.03), 10);
  });

  test("a strip midway between the sheet’s rays and the stray ones stops it and spares the sheet (seeded)", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 1.6, noNaN: true }),
        fc.double({ min: 1.7, max: 6, noNaN: true }),
        fc.double({ min: 5, max: 40, noNaN: true }),
        (own, stray, aside) => {
          const strip = baffleFor(own, stray, aside);
          if (strip === null) throw new Error("no strip");
          const limit = strip.aside / strip.height;
          expect(limit).toBeGreaterThan(own);
          expect(limit).toBeLessThan(stray);
        },
      ),
      { seed: 11, numRuns: 200 },
    );
    expect(baffleFor(2.5, 2.4, 10)).toBeNull();
    const strip = baffleFor(1, 2.3, 15);
    expect(crossLight({ ...DRUM, baffle: strip }, APERTURE, 100).share).toBe(0);
  });
});

describe("the way stray light takes, ray by ray", () => {
  /** Whether a level ray at `slope` from the hole crosses the vane's line outside the vane's edge, inside the wall. */
  function passes({ radius, sectors, gap }: DrumSetting, slope: number): boolean {
    const angle = Math.PI / sectors;
    // From (0, −R) along (slope, 1): it meets r·(sin, −cos) where slope·(R − r·cos) = r·sin.
    const meets = (slope * radius) / (Math.sin(angle) + slope * Math.cos(angle));
    return meets > radius - gap && meets < radius;
  }

  test.each([
    [4, 2],
    [4, 12],
    [6, 5],
    [3, 20],
  ] as const)(
    "%i sectors, %i mm of air: the flattest and the steepest ray are those that just pass",
    (sectors, gap) => {
      const drum = { ...DRUM, sectors, gap, tierHeight: 1e6 };
      const slopes = Array.from({ length: 40_000 }, (_, i) => (i + 1) / 4000).filter((slope) => passes(drum, slope));
      const { from, to } = crossLight(drum, { ...APERTURE, plateThickness: 0 }, 100);
      expect(from).toBeCloseTo(Math.min(...slopes), 2);
      expect(to).toBeCloseTo(Math.max(...slopes), 2);
    },
  );

  test("its strength is that of a chord as long as 2R·cos α: (z/2R)²/cos α at the steepest", () => {
    const { to, share } = crossLight({ ...DRUM, tierHeight: 1e6 }, { ...APERTURE, plateThickness: 0 }, 100);
    const cos = 1 / Math.hypot(1, to);
    expect(2 * cos).toBeGreaterThan(0.3);
    expect(share).toBeCloseTo((100 / 320) ** 2 / cos, 6);
  });

  test("a low tier lets it through above, from the slope of half a tier over the air on", () => {
    const low = crossLight({ ...DRUM, tierHeight: 3, gap: 2 }, { ...APERTURE, plateThickness: 0 }, 100);
    expect(low.from).toBeCloseTo(0.75, 12);
    expect(crossLight(DRUM, APERTURE, 100).from).toBeGreaterThan(1);
  });

  test("strips stop what is steeper than they are, and only that", () => {
    const open = crossLight(DRUM, { ...APERTURE, plateThickness: 0 }, 100);
    const half = (open.from + open.to) / 2;
    const cut = crossLight(
      { ...DRUM, baffle: { aside: half * 10, height: 10 } },
      { ...APERTURE, plateThickness: 0 },
      100,
    );
    expect(cut.share).toBeGreaterThan(0);
    expect(cut.share).toBeLessThan(open.share);
  });
});
