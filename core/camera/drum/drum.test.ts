import fc from "fast-check";
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
