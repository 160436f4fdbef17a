import type { Hit, PreviewScene } from "../../bench/preview/index.ts";
import { horizonBefore, leanedScene } from "./standingScene.ts";

/** A wall from side to side, 3 m high over the hole and 10 m ahead; the luminance is the altitude that is looked to. */
const wall: PreviewScene = {
  id: "wall",
  name: "Wall",
  sentence: "",
  ev: 15,
  look: (x, y, z, hit) => {
    hit.luminance = (Math.asin(y / Math.hypot(x, y, z)) * 180) / Math.PI;
    hit.distance = (y * 10_000) / -z < 3000 ? 10_000 / -z : Number.POSITIVE_INFINITY;
  },
};
const hitIn = (scene: PreviewScene, x: number, y: number, z: number): Hit => {
  const hit: Hit = { luminance: 0, blue: 1, distance: 0 };
  scene.look(x, y, z, hit);
  return hit;
};
const seen = (...at: Parameters<typeof hitIn>): number => hitIn(...at).luminance;
const half = Math.SQRT1_2;

describe("A scene before a camera that hangs", () => {
  test("a camera that leans back looks up into it; one that is rolled has its right below", () => {
    expect(seen(leanedScene(wall, { azimuth: 90, elevation: 20 }), 0, 0, -1)).toBeCloseTo(20, 9);
    expect(seen(leanedScene(wall, { azimuth: 90, elevation: -20 }), 0, half, -half)).toBeCloseTo(25, 9);
    expect(seen(leanedScene(wall, { azimuth: 90, roll: 90 }), half, 0, -half)).toBeCloseTo(-45, 9);
    expect(leanedScene(wall, { azimuth: 30 })).toBe(wall);
  });

  test("what lies behind a leaning camera's head is still sky: no direction is beyond the scene", () => {
    expect(hitIn(leanedScene(wall, { azimuth: 0, elevation: 60 }), 0, half, -half).distance).toBe(
      Number.POSITIVE_INFINITY,
    );
  });

  test("its skyline is the horizon where it stands higher than what was traced: 16.7° ahead, lower aside, none behind", () => {
    const points = horizonBefore(wall, 350, [
      [0, 4],
      [180, 10],
    ]);
    expect(points.map(([azimuth]) => azimuth)).toEqual([...points.keys()]);
    const at = (azimuth: number): number => points[azimuth]?.[1] ?? Number.NaN;
    expect(at(350)).toBe(16.5);
    // 60° aside the wall is twice as far: atan(3/20) = 8.53°, felt to half a degree.
    expect([at(290), at(50)]).toEqual([8.5, 8.5]);
    expect(at(180)).toBe(10);
    expect(at(75)).toBeCloseTo(4 + (6 * 75) / 180, 9);
  });
});
