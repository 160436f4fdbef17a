import fc from "fast-check";
import { solveRequest, withField, withHoleAdded } from "../../camera/container/index.ts";
import { PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { illumination, rayTo } from "../rays/index.ts";
import { lightFrom, opticalModel, sightGrid } from "./index.ts";

describe("light from several holes", () => {
  const two = withField(withHoleAdded(testCamera("flat-box", { plateThickness: 0.02 })), "hole.above", 80, 1);
  const models = [0, 1].map((hole) => opticalModel(solveRequest(two, PAPER_LIGHT, hole)));

  test("is the sum of each one’s (seeded)", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -63, max: 63, noNaN: true }),
        fc.double({ min: -50, max: 50, noNaN: true }),
        (s, t) => {
          const each = models.map(({ place, surface, aperture, distance }) =>
            illumination(aperture, distance, rayTo(place, surface, s, t)),
          );
          expect(lightFrom(models, 0, s, t)).toBeCloseTo((each[0] ?? 0) + (each[1] ?? 0), 12);
        },
      ),
      { seed: 2, numRuns: 100 },
    );
  });

  test("with one hole straight before the middle it is 1 there, and falls by cos⁴ (flat back)", () => {
    const one = [opticalModel(solveRequest(testCamera("flat-box", { plateThickness: 0, wall: 0 }), PAPER_LIGHT))];
    expect(lightFrom(one, 0, 0, 0)).toBe(1);
    expect(lightFrom(one, 0, 70, 0)).toBeCloseTo(Math.cos(Math.PI / 4) ** 4, 12);
  });

  test("a divider takes from each half only what the other hole gave", () => {
    const pair = testCamera("stereo-box", { plateThickness: 0.02 });
    const both = [0, 1].map((hole) => opticalModel(solveRequest(pair, PAPER_LIGHT, hole)));
    const [left, right] = both as [(typeof both)[0], (typeof both)[0]];
    for (const s of [-100, -55, -20, 20, 55, 100]) {
      const own = s < 0 ? left : right;
      expect(lightFrom(both, 89, s, 10)).toBeCloseTo(lightFrom([own], 0, s, 10), 12);
      expect(lightFrom(both, 89, s, 10)).toBeLessThan(lightFrom(both, 0, s, 10));
    }
  });
});

test("a grid of lost stops has its first row at the sheet's lower edge, its first column at s < 0; each holds what its place has", () => {
  // A hole moved up and to the side: the four corners differ.
  const model = opticalModel({
    hole: { diameter: 0.3, x: 15, y: 20 },
    film: { distance: 60, width: 120, height: 90 },
  });
  const { stops, margin, placeOf, columns, rows } = sightGrid([model], 0, 5, 3);
  expect([placeOf(0, 0), placeOf(4, 2), placeOf(2, 1)]).toEqual([
    { s: -60, t: -45 },
    { s: 60, t: 45 },
    { s: 0, t: 0 },
  ]);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const { s, t } = placeOf(column, row);
      expect(stops[row * columns + column]).toBeCloseTo(Math.min(5, -Math.log2(lightFrom([model], 0, s, t))), 9);
    }
  }
  expect(stops[0]).toBeGreaterThan(stops[stops.length - 1] as number);
  expect(Math.min(...margin)).toBeGreaterThan(-1);
});
