import { RADIANS } from "../../basis/units/index.ts";
import { aimed } from "./aim.ts";
import { type KnownPlace, pictureDirections, withTraced } from "./horizonPicture.ts";

const SIZE = { width: 4000, height: 3000 };

/** Where a direction comes on a picture through a lens that looks somewhere: a pinhole's own projection, the plate upright. */
function photographed(aim: { azimuth: number; elevation: number; roll: number }, focal: number) {
  const { toScene } = aimed(aim);
  return (azimuth: number, altitude: number): KnownPlace => {
    const scene = toScene({ azimuth: azimuth * RADIANS, altitude: altitude * RADIANS });
    return {
      x: SIZE.width / 2 + focal * Math.tan(scene.azimuth),
      y: SIZE.height / 2 - (focal * Math.tan(scene.elevation)) / Math.cos(scene.azimuth),
      azimuth,
      altitude,
    };
  };
}

describe("A horizon on a picture", () => {
  test.each([
    ["level, a wide lens", { azimuth: 180, elevation: 0, roll: 0 }, 2700],
    ["held askew and upwards, a long lens, over north", { azimuth: 355, elevation: 12, roll: 7 }, 6000],
  ])("a photograph (%s): two known places tell all others, to 0.001°", (_, aim, focal) => {
    const place = photographed(aim, focal);
    const known = [place(aim.azimuth - 12, 4), place(aim.azimuth + 11, 9)] as const;
    const read = pictureDirections("photograph", SIZE, known);
    if (!read.ok) throw new Error(read.error);
    for (const [aside, altitude] of [
      [0, 0],
      [-15, 2],
      [14, 14],
      [5, 20],
    ] as const) {
      const { x, y, azimuth } = place(aim.azimuth + aside, altitude);
      const found = read.value(x, y);
      expect(found.altitude).toBeCloseTo(altitude, 3);
      expect(((found.azimuth - azimuth + 540) % 360) - 180).toBeCloseTo(0, 3);
      expect(found.azimuth).toBeGreaterThanOrEqual(0);
      expect(found.azimuth).toBeLessThan(360);
    }
  });

  test("a panorama: even steps for even angles, also past north, whichever place was set first", () => {
    const known = [
      { x: 3000, y: 400, azimuth: 20, altitude: 0 },
      { x: 1000, y: 380, azimuth: 300, altitude: 0.8 },
    ] as const;
    const read = pictureDirections("panorama", { width: 4000, height: 800 }, known);
    if (!read.ok) throw new Error(read.error);
    const middle = read.value(2000, 390);
    expect(middle.azimuth).toBeCloseTo(340, 6);
    expect(middle.altitude).toBeCloseTo(0.4, 6);
    // Ten degrees are 250 px, upwards too.
    expect(read.value(2000, 390 - 250).altitude).toBeCloseTo(10.4, 1);
  });

  test("what can’t be is refused with words", () => {
    const place = photographed({ azimuth: 180, elevation: 0, roll: 0 }, 2700);
    const [one, other] = [place(170, 3), place(195, 5)];
    const said = (kind: "photograph" | "panorama", a: KnownPlace, b: KnownPlace): string => {
      const read = pictureDirections(kind, SIZE, [a, b]);
      return read.ok ? "taken" : read.error;
    };
    expect(said("photograph", one, { ...other, x: one.x + 20, y: one.y })).toMatch(/too near/);
    expect(said("photograph", one, { ...other, azimuth: 170.2, altitude: 3 })).toMatch(/nearly the same/);
    // The left one is said to look further right.
    expect(said("photograph", { ...one, azimuth: 195 }, { ...other, azimuth: 170 })).toMatch(/mixed up/);
    expect(said("panorama", { ...one, altitude: 80 }, other)).toMatch(/mixed up/);
    expect(said("photograph", one, other)).toBe("taken");
  });
});

describe("A part traced anew", () => {
  test("takes the place of what was there, and leaves the rest", () => {
    expect(
      withTraced(
        [
          [90, 3],
          [180, 8],
          [270, 4],
        ],
        [
          [190, 10.04],
          [170, 12],
        ],
      ),
    ).toEqual([
      [90, 3],
      [170, 12],
      [190, 10],
      [270, 4],
    ]);
  });

  test("over north; below the level is the level; of two at one azimuth the higher", () => {
    expect(
      withTraced(
        [
          [5, 20],
          [180, 8],
        ],
        [
          [350, 2],
          [10, -1],
          [359.96, 3],
          [0.01, 4],
        ],
      ),
    ).toEqual([
      [0, 4],
      [10, 0],
      [180, 8],
      [350, 2],
    ]);
  });

  test("where it ends at an old point, that is the traced one's", () => {
    const traced = [
      [90, 5],
      [100, 4],
    ] as const;
    expect(withTraced([[100, 9]], traced)).toEqual(traced);
    expect(withTraced([[90, 9]], traced)).toEqual(traced);
  });

  test("one point, or none", () => {
    expect(withTraced([[90, 3]], [[45, 6]])).toEqual([
      [45, 6],
      [90, 3],
    ]);
    expect(withTraced([[90, 3]], [])).toEqual([[90, 3]]);
  });
});
