import fc from "fast-check";
import { type SolveRequest, solve } from "./index.ts";

const BOX: SolveRequest = { hole: { diameter: 0.3 }, film: { distance: 100, width: 127, height: 101.6 } };

/** A 500 ml can, R = 33.3 mm, with a 5×7 in sheet round the wall. */
const CAN: SolveRequest = {
  hole: { diameter: 0.3 },
  film: { surface: "cylinder", radius: 33.3, distance: 66.6, width: 177.8, height: 127 },
};

describe("solve", () => {
  test("100 mm / 0.3 mm = f/333.3 (PHYSICS section 3)", () => {
    expect(solve(BOX).fNumber).toBeCloseTo(333.333, 3);
  });

  test("ISO 6, f/333, full sun (EV 15): 56 s (PHYSICS section 3; ISO 2720:1974)", () => {
    expect(Math.round(solve({ hole: { diameter: 100 / 333 }, film: BOX.film }).fullSunSeconds)).toBe(56);
  });

  test("flat, centred: horizontal view 2·atan(w/2z), diagonal over the corners", () => {
    const { view } = solve(BOX);
    const degrees = (side: number): number => (2 * Math.atan(side / 200) * 180) / Math.PI;
    expect(view.horizontal).toBeCloseTo(degrees(127), 10);
    expect(view.vertical).toBeCloseTo(degrees(101.6), 10);
    expect(view.diagonal).toBeCloseTo(degrees(Math.hypot(127, 101.6)), 10);
  });

  test("round the wall: 153° for R = 33.3 (about 160°, common practice), nothing lost at the sides", () => {
    const { view, stopsLost, imageCircle } = solve(CAN);
    expect(view.horizontal).toBeCloseTo(152.96, 2);
    expect(stopsLost.edgeHorizontal).toBeCloseTo(0, 10);
    expect(stopsLost.edgeVertical).toBeGreaterThan(1);
    expect(imageCircle).toBeNull();
  });

  test("a 0.1 mm plate with a 0.3 mm hole passes 2·atan(d/t) = 143°, so the ends of that sheet stay dark (PHYSICS section 2)", () => {
    const { stopsLost, warnings } = solve({ ...CAN, hole: { diameter: 0.3, plateThickness: 0.1 } });
    expect((2 * Math.atan(3) * 180) / Math.PI).toBeCloseTo(143, 0);
    expect(stopsLost.edgeHorizontal).toBeNull();
    expect(stopsLost.corner).toBeNull();
    expect(warnings.map(({ code }) => code)).toContain("corner-cut-by-plate");
    expect(solve({ ...CAN, hole: { diameter: 0.3, plateThickness: 0.016 } }).stopsLost.edgeHorizontal).not.toBeNull();
  });

  test("the smallest opening is the least that costs no corner any light", () => {
    const wall = 2;
    const least = solve({ ...BOX, hole: { diameter: 0.3, wall } }).smallestOpening ?? 0;
    const corner = (openingDiameter: number | null): number =>
      solve({ ...BOX, hole: { diameter: 0.3, wall, openingDiameter } }).stopsLost.corner ?? 99;
    expect(corner(least)).toBeCloseTo(corner(null), 12);
    expect(corner(least - 0.05)).toBeGreaterThan(corner(null));
    expect(least).toBeCloseTo(0.3 + 2 * wall * (Math.hypot(127, 101.6) / 2 / 100), 10);
  });

  test("an opening too small puts corners in the dark and says so; a corner beside the hole is out of sight", () => {
    const tight = solve({ ...BOX, hole: { diameter: 0.3, wall: 5, openingDiameter: 2 } });
    expect(tight.stopsLost.corner).toBeNull();
    expect(tight.warnings.map(({ code }) => code)).toEqual(expect.arrayContaining(["corner-cut-by-opening"]));
    const behind = solve({ hole: { diameter: 0.3 }, film: { distance: 10, width: 200, height: 20, tiltY: 60 } });
    expect(behind.warnings.map(({ code }) => code)).toContain("corner-out-of-sight");
    expect(behind.smallestOpening).toBeNull();
  });

  test("warns outside the band and only there; “best” is Rayleigh’s", () => {
    const { best, band95 } = solve(BOX);
    const codes = (diameter: number | "best"): string[] =>
      solve({ ...BOX, hole: { diameter } }).warnings.map(({ code }) => code);
    expect(codes(best.computed)).toEqual([]);
    expect(codes(band95[0] * 1.0001)).toEqual([]);
    expect(codes(band95[1] * 1.0001)).toEqual(["hole-outside-band"]);
    expect(solve({ ...BOX, hole: { diameter: "best" } }).fNumber).toBeCloseTo(100 / best.rayleigh, 9);
  });

  test("resolution is largest at the computed hole and 95 % of that at the band’s ends", () => {
    const { best, band95, bestResolution } = solve(BOX);
    const at = (diameter: number): number => solve({ ...BOX, hole: { diameter } }).resolution;
    expect(at(best.computed)).toBeCloseTo(bestResolution, 9);
    expect(at(band95[0]) / bestResolution).toBeCloseTo(0.95, 6);
    expect(at(band95[1]) / bestResolution).toBeCloseTo(0.95, 6);
  });

  test("all lengths and the wavelength × k: angles, stops, f-number stay; lengths × k; resolution ÷ k", () => {
    const k = fc.double({ min: 0.45, max: 3, noNaN: true });
    fc.assert(
      fc.property(k, fc.double({ min: 20, max: 300, noNaN: true }), (factor, distance) => {
        const hole = { diameter: 0.4, plateThickness: 0.05, openingDiameter: 6, wall: 1, x: 4, y: -3 };
        const film = { distance, width: 120, height: 90, x: 2, y: 1, tiltY: 10 };
        const times = <T extends object>(values: T, f: number): T =>
          Object.fromEntries(
            Object.entries(values).map(([name, value]) => [name, name.startsWith("tilt") ? value : value * f]),
          ) as T;
        const base = solve({ hole, film, light: { wavelength: 500, subjectDistance: 900 } });
        const large = solve({
          hole: times(hole, factor),
          film: times(film, factor),
          light: { wavelength: 500 * factor, subjectDistance: 900 * factor },
        });
        expect(large.fNumber).toBeCloseTo(base.fNumber, 8);
        expect(large.view.diagonal).toBeCloseTo(base.view.diagonal, 8);
        expect(large.stopsLost.corner ?? -1).toBeCloseTo(base.stopsLost.corner ?? -1, 8);
        expect(large.best.computed / factor).toBeCloseTo(base.best.computed, 8);
        expect(large.resolution * factor).toBeCloseTo(base.resolution, 7);
        expect((large.smallestOpening ?? 0) / factor).toBeCloseTo(base.smallestOpening ?? 0, 7);
      }),
      { seed: 51, numRuns: 40 },
    );
  });

  test("mirrored left to right and upside down, a camera gives the same answers", () => {
    const film = { distance: 70, width: 127, height: 101.6, x: 6, y: -9, tiltX: 12, tiltY: -20 };
    const hole = { diameter: 0.35, plateThickness: 0.1, openingDiameter: 6.35, wall: 1, x: -8, y: 5 };
    const mirrored = solve({ hole: { ...hole, x: 8, y: -5 }, film: { ...film, x: -6, y: 9, tiltX: -12, tiltY: 20 } });
    const straight = solve({ hole, film });
    expect(mirrored.view).toEqual(
      expect.objectContaining({
        horizontal: expect.closeTo(straight.view.horizontal, 9),
        diagonal: expect.closeTo(straight.view.diagonal, 9),
      }),
    );
    expect(mirrored.stopsLost.corner ?? -1).toBeCloseTo(straight.stopsLost.corner ?? -1, 9);
    expect(mirrored.stopsLost.edgeVertical ?? -1).toBeCloseTo(straight.stopsLost.edgeVertical ?? -1, 9);
  });

  test("more depth: narrower view, less lost at the corners, larger best hole, longer time", () => {
    const at = (distance: number) => solve({ hole: { diameter: "best" }, film: { ...BOX.film, distance } });
    for (let distance = 30; distance < 300; distance += 30) {
      const [near, far] = [at(distance), at(distance + 30)];
      expect(far.view.horizontal).toBeLessThan(near.view.horizontal);
      expect(far.stopsLost.corner ?? 99).toBeLessThan(near.stopsLost.corner ?? 99);
      expect(far.best.computed).toBeGreaterThan(near.best.computed);
      expect(far.fullSunSeconds).toBeGreaterThan(near.fullSunSeconds);
    }
  });
});
