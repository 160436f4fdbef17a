import { obliqueContrast } from "../../light/hole/index.ts";
import { steepestSlope, vignetting } from "../../light/rays/index.ts";
import { opticalModel, sightAt } from "../../light/solve/index.ts";
import { kernelAt, spread } from "./index.ts";

const LINE = [{ wavelengthNm: 550, share: 1 }];
const STRAIGHT = { a11: 1, a12: 0, a21: 0, a22: 1 };

/** Mean square width of a kernel along columns and along rows, pixels². */
function widths({ reach, weights }: ReturnType<typeof kernelAt>): readonly [number, number] {
  const side = 2 * reach + 1;
  let [across, up] = [0, 0];
  weights.forEach((weight, index) => {
    // The rings’ long tails outweigh the core in a mean square: only the core is looked at.
    const [x, y] = [(index % side) - reach, Math.floor(index / side) - reach];
    if (Math.hypot(x, y) > 4) return;
    across += weight * x * x;
    up += weight * y * y;
  });
  return [across, up];
}

describe("the blur as a place sees the hole", () => {
  test("is round straight on, and symmetric about its middle", () => {
    const kernel = kernelAt(
      { along: 0.15, across: 0.15, length: 70, subjectDistance: null },
      STRAIGHT,
      LINE,
      0.06,
      8,
      false,
    );
    const [across, up] = widths(kernel);
    expect(across / up).toBeCloseTo(1, 6);
    const { weights } = kernel;
    for (let i = 0; i < weights.length; i++)
      expect(weights[i]).toBeCloseTo(weights[weights.length - 1 - i] as number, 7);
  });

  test("a wide shadow of a foreshortened hole is narrower along the slant", () => {
    // Far above the best size the geometric shadow rules.
    const pupil = { along: 0.15, across: 0.3, length: 40, subjectDistance: null };
    const [across, up] = widths(kernelAt(pupil, STRAIGHT, LINE, 0.1, 8, false));
    expect(across).toBeLessThan(0.6 * up);
    const [turnedAcross, turnedUp] = widths(kernelAt(pupil, { a11: 0, a12: 1, a21: -1, a22: 0 }, LINE, 0.1, 8, false));
    expect(turnedUp / across).toBeCloseTo(1, 4);
    expect(turnedAcross / up).toBeCloseTo(1, 4);
  });

  test("a sheet struck at a slant shows it longer: by 1/cos β", () => {
    const pupil = { along: 0.25, across: 0.25, length: 40, subjectDistance: null };
    const cos = 0.5;
    const [across, up] = widths(kernelAt(pupil, { a11: cos, a12: 0, a21: 0, a22: 1 }, LINE, 0.16, 10, false));
    expect(across / up).toBeGreaterThan(2);
  });

  test("its contrast at a frequency of the grid is the integral’s", () => {
    const pupil = { along: 0.12, across: 0.15, length: 80, subjectDistance: 600 };
    const [pitch, reach] = [0.07, 10];
    const { weights } = kernelAt(pupil, STRAIGHT, LINE, pitch, reach, false);
    const [side, size] = [2 * reach + 1, 2 * reach + 2];
    for (const [kx, ky] of [
      [1, 0],
      [0, 2],
      [2, 1],
      [3, 3],
    ] as const) {
      let sum = 0;
      weights.forEach((weight, index) => {
        const [x, y] = [(index % side) - reach, Math.floor(index / side) - reach];
        sum += weight * Math.cos((2 * Math.PI * (kx * x + ky * y)) / size);
      });
      const exact = obliqueContrast(pupil, 550e-6, kx / (size * pitch), ky / (size * pitch));
      expect(Math.abs(sum - exact)).toBeLessThan(0.01);
    }
  });

  test("near things blur more, and the light’s spread says how far", () => {
    expect(spread(0.3, 70, 440, 300)).toBeGreaterThan(spread(0.3, 70, 440, null));
    expect(spread(0.3, 70, 440, null)).toBeCloseTo(0.15 + (2 * 440e-6 * 70) / 0.3, 12);
  });
});

describe("how a place sees the hole", () => {
  const model = opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } });

  test("at 45° to the side: √2 as far, foreshortened by cos 45°, the sheet struck at 45°", () => {
    const sight = sightAt(model, 60, 0);
    if (sight === null) throw new Error("out of sight");
    expect(sight.length).toBeCloseTo(60 * Math.SQRT2, 9);
    expect(sight.cosAxis).toBeCloseTo(Math.SQRT1_2, 9);
    // s lies in the plane of the slant, t across it.
    expect(Math.abs(sight.projection.a11)).toBeCloseTo(Math.SQRT1_2, 5);
    expect(Math.abs(sight.projection.a12)).toBeCloseTo(0, 5);
    expect(Math.abs(sight.projection.a22)).toBeCloseTo(1, 5);
  });

  test("in the middle both directions are seen full; behind the hole there is nothing to see", () => {
    const { a11, a12, a21, a22 } = sightAt(model, 0, 0)?.projection ?? { a11: 0, a12: 0, a21: 0, a22: 0 };
    expect(Math.abs(a11 * a22 - a12 * a21)).toBeCloseTo(1, 6);
    const steep = opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: 150, height: 40, tiltY: 80 } });
    expect(sightAt(steep, 70, 0)).toBeNull();
    expect(sightAt(steep, -70, 0)).not.toBeNull();
  });
});

describe("the steepest ray", () => {
  test.each([
    [{ diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 }, 3],
    [{ diameter: 0.3, plateThickness: 0, openingDiameter: 6, wall: 1 }, 3.15],
    [{ diameter: 0.3, plateThickness: 0.1, openingDiameter: 2, wall: 1 }, 2.3 / 2.2],
  ] as const)("of %j has tan α = %d: just inside some light passes, just outside none", (aperture, slope) => {
    expect(steepestSlope(aperture)).toBeCloseTo(slope, 12);
    expect(vignetting(aperture, slope * 0.99)).toBeGreaterThan(0);
    expect(vignetting(aperture, slope * 1.0001)).toBe(0);
  });

  test("is endless where nothing shuts it", () => {
    expect(steepestSlope({ diameter: 0.3, plateThickness: 0, openingDiameter: null, wall: 2 })).toBe(
      Number.POSITIVE_INFINITY,
    );
  });
});
