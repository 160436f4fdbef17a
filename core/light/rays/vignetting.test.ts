import { type Aperture, steepestSlope, vignetting, vignettingMargin } from "./vignetting.ts";

/** Hole, plate, opening and wall of very different kinds, without a plate or an opening too. */
const APERTURES: readonly (readonly [name: string, aperture: Aperture])[] = [
  ["a plate alone", { diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 5 }],
  ["an opening before a hole without thickness", { diameter: 0.3, plateThickness: 0, openingDiameter: 2, wall: 3 }],
  [
    "an opening that shuts before the plate does",
    { diameter: 0.4, plateThickness: 0.05, openingDiameter: 3, wall: 2.5 },
  ],
  ["a plate that shuts before the opening does", { diameter: 0.2, plateThickness: 0.2, openingDiameter: 30, wall: 1 }],
  ["an opening as wide as the hole", { diameter: 0.5, plateThickness: 0.02, openingDiameter: 0.5, wall: 0.6 }],
];

/** Where the light really ends: the slope from which on {@link vignetting} is nothing, by halving. */
function endOfLight(aperture: Aperture): number {
  let [low, high] = [0, 1000];
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2;
    if (vignetting(aperture, middle) > 0) low = middle;
    else high = middle;
  }
  return low;
}

describe.each(APERTURES)("%s", (_, aperture) => {
  const end = endOfLight(aperture);

  test("the steepest slope is where the light ends", () => {
    expect(steepestSlope(aperture) / end).toBeCloseTo(1, 6);
  });

  test("the margin is 1 on the axis, falls all the way, and is 0 where the light ends", () => {
    expect(vignettingMargin(aperture, 0)).toBe(1);
    expect(vignettingMargin(aperture, end)).toBeCloseTo(0, 6);
    for (const share of [0.2, 0.5, 0.8, 0.99]) {
      expect(vignettingMargin(aperture, share * end)).toBeGreaterThan(0);
      expect(vignettingMargin(aperture, share * end)).toBeLessThan(vignettingMargin(aperture, (share - 0.1) * end));
    }
    expect(vignettingMargin(aperture, 1.1 * end)).toBeLessThan(0);
  });
});

test("without thickness and opening nothing ends the light", () => {
  const open = { diameter: 0.3, plateThickness: 0, openingDiameter: null, wall: 4 };
  expect(steepestSlope(open)).toBe(Number.POSITIVE_INFINITY);
  expect(vignettingMargin(open, 1e6)).toBe(1);
  // An opening flush with the hole's own plane cuts nothing either.
  expect(steepestSlope({ ...open, openingDiameter: 5, wall: 0 })).toBe(Number.POSITIVE_INFINITY);
});
