import { RADIANS } from "../basis/units/index.ts";
import { makersShadow } from "./index.ts";

// By hand: the sun in the south at 45°, the camera looks north; who stands 600 mm behind the hole throws 1700 mm of shadow
// to the north, so its head lies 1100 mm before the hole.
test("with the sun behind, the shadow runs ahead of the camera", () => {
  const shadow = makersShadow({ sun: { azimuth: 180 * RADIANS, altitude: 45 * RADIANS }, heading: 0, height: 800 });
  expect(shadow.every(({ y }) => y === -800)).toBe(true);
  expect(Math.min(...shadow.map(({ z }) => z))).toBeCloseTo(600 - 1700, 6);
  expect(Math.max(...shadow.map(({ z }) => z))).toBeCloseTo(600, 6);
  expect(Math.max(...shadow.map(({ x }) => Math.abs(x)))).toBeCloseTo(250, 6);
});

test("with the sun ahead it falls behind the maker; from the side it falls to the other side, broadside to the sun", () => {
  const ahead = makersShadow({ sun: { azimuth: 0, altitude: 30 * RADIANS }, heading: 0, height: 500 });
  expect(Math.min(...ahead.map(({ z }) => z))).toBeCloseTo(600, 6);
  // From the east at 30°, the camera looks south: 1700·√3 to the west of somebody who stands north of the hole.
  const side = makersShadow({
    sun: { azimuth: 90 * RADIANS, altitude: 30 * RADIANS },
    heading: 180 * RADIANS,
    height: 500,
  });
  expect(Math.min(...side.map(({ x }) => x))).toBeCloseTo(-1700 * Math.sqrt(3), 6);
  expect(Math.max(...side.map(({ z }) => z))).toBeCloseTo(-600 + 250, 6);
});

test("under a sun that hardly stands over the horizon there is none", () => {
  expect(makersShadow({ sun: { azimuth: 1, altitude: 1.9 * RADIANS }, heading: 0, height: 800 })).toEqual([]);
});
