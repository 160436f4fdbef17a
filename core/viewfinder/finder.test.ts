import fc from "fast-check";
import { quat, vec3 } from "gl-matrix";
import { RADIANS } from "../basis/units/index.ts";
import { pictureRequest } from "../camera/container/index.ts";
import { PAPER_LIGHT, testCamera } from "../testing/cameras.ts";
import {
  aimMove,
  calibrationError,
  cameraFrame,
  emptySweep,
  frameIn,
  linesSeen,
  phoneAxes,
  phoneOverGround,
  poseFrom,
  seenBy,
  sweepInto,
} from "./index.ts";

const angle = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
const xyz = ({ x, y, z }: { x: number; y: number; z: number }) => [x, y, z];
const close = (one: readonly number[], other: readonly number[], digits = 9) => {
  for (const [i, value] of one.entries()) expect(value).toBeCloseTo(other[i] as number, digits);
};

describe("how a phone lies over the ground", () => {
  test.each([
    ["upright, its back to the north", { alpha: 0, beta: 90, gamma: 0 }, [0, 0, -1], [0, 1, 0]],
    ["upright, its back to the east", { alpha: 270, beta: 90, gamma: 0 }, [1, 0, 0], [0, 1, 0]],
    ["leaned back by 30°: looks up to the north", { alpha: 0, beta: 120, gamma: 0 }, [0, 0.5, -Math.sqrt(0.75)], null],
    ["flat, screen up: looks down, its top edge north", { alpha: 0, beta: 0, gamma: 0 }, [0, -1, 0], [0, 0, -1]],
  ])("%s", (_, turn, forward, up) => {
    const axes = phoneOverGround(turn, 0);
    close(xyz(axes.forward), forward);
    if (up) close(xyz(axes.up), up);
  });

  test("the screen turned: the picture's up follows it, on both sides and upside down", () => {
    // Turned left by a quarter: its right edge is up. By the sensors of a phone upright that is beta 0, gamma −90.
    const left = phoneOverGround({ alpha: 0, beta: 0, gamma: -90 }, 90);
    close(xyz(left.up), [0, 1, 0]);
    const right = phoneOverGround({ alpha: 0, beta: 0, gamma: 90 }, 270);
    close(xyz(right.up), [0, 1, 0]);
    const over = phoneOverGround({ alpha: 0, beta: -90, gamma: 0 }, 180);
    close(xyz(over.up), [0, 1, 0]);
  });

  test("against the same turns as quaternions (gl-matrix 3.4, W3C's Z-X′-Y″)", () => {
    fc.assert(
      fc.property(angle(180), angle(180), angle(90), fc.constantFrom(0, 90, 180, 270), (alpha, beta, gamma, screen) => {
        const turned = quat.create();
        quat.rotateZ(turned, turned, alpha * RADIANS);
        quat.rotateX(turned, turned, beta * RADIANS);
        quat.rotateY(turned, turned, gamma * RADIANS);
        // The picture on the screen is turned against the phone about the axis out of it.
        quat.rotateZ(turned, turned, -screen * RADIANS);
        const axes = phoneOverGround({ alpha, beta, gamma }, screen);
        const other = (v: [number, number, number]) => {
          const [east, north, up] = vec3.transformQuat(vec3.create(), v, turned) as [number, number, number];
          return [east, up, -north];
        };
        close(xyz(axes.right), other([1, 0, 0]), 6);
        close(xyz(axes.up), other([0, 1, 0]), 6);
        close(xyz(axes.forward), other([0, 0, -1]), 6);
      }),
      { seed: 41 },
    );
  });
});

test("a pose is found again from axes, whatever the camera's own aim; both turned alike, it stays", () => {
  fc.assert(
    fc.property(angle(3), angle(1.4), angle(3), angle(3), angle(1), (azimuth, elevation, roll, heading, tilt) => {
      const own = poseFrom({ azimuth: 0, elevation: 0, roll: 0 }, phoneAxes({ azimuth, elevation, roll }));
      close([own.azimuth, own.elevation, own.roll], [azimuth, elevation, roll], 6);
      const aim = { azimuth: heading, elevation: tilt, roll: roll / 4 };
      const same = poseFrom(aim, phoneAxes(aim));
      close([same.azimuth, same.elevation, same.roll], [0, 0, 0], 6);
    }),
    { seed: 42 },
  );
});

test("from north by east: the camera looks east, the phone five degrees farther and three up", () => {
  const pose = poseFrom(
    { azimuth: 90 * RADIANS, elevation: 0, roll: 0 },
    phoneOverGround({ alpha: 265, beta: 93, gamma: 0 }, 0),
  );
  close([pose.azimuth / RADIANS, pose.elevation / RADIANS, pose.roll / RADIANS], [5, 3, 0]);
});

test("moves: the shorter way round; a card under the front edge leans back", () => {
  const at = (azimuth: number, elevation: number) => ({
    azimuth: azimuth * RADIANS,
    elevation: elevation * RADIANS,
    roll: 0,
  });
  const move = aimMove(at(350, 2), at(5, -2), 130);
  close([move.turn, move.lean, move.card], [15, -4, 130 * Math.sin(4 * RADIANS)]);
  expect(aimMove(at(5, 0), at(350, 0), 100).turn).toBeCloseTo(-15, 9);
});

test("a calibration's ± (worked by hand): 3, 10 and 1 parts in a thousand are together 10.5", () => {
  expect(calibrationError([300, 0.9], [1000, 10], [210, 0.21])).toBeCloseTo(Math.hypot(0.003, 0.01, 0.001), 12);
});

describe("a camera's frame", () => {
  const phone = { width: 1920, height: 1080, focalLength: 1500 };
  const pose = { azimuth: 7, elevation: -4, roll: 12 };

  test.each(["flat-box", "curled-can", "slanted-box", "drum"] as const)(
    "of a %s is that of the headless answer",
    (kind) => {
      const camera = testCamera(kind);
      const { outlines } = linesSeen(cameraFrame(camera, PAPER_LIGHT, 8), seenBy({ phone, pose }));
      const { outline } = frameIn({ ...pictureRequest(camera, PAPER_LIGHT), phone, pose, points: 8 });
      expect(outlines).toEqual([outline]);
    },
  );

  test("of a pair are two, beside each other; lines of stops lie within, the outer ones farther out", () => {
    const [left, right] = cameraFrame(testCamera("stereo-box"), PAPER_LIGHT).outlines;
    expect(left?.length).toBe(right?.length);
    expect(left).not.toEqual(right);
    // So thin a plate that it takes no light by itself.
    const { stops } = cameraFrame(testCamera("flat-box", { plateThickness: 0.0001 }), PAPER_LIGHT);
    const off = (lost: number) =>
      stops
        .filter((line) => line.lost === lost)
        .flatMap(({ pieces }) => pieces.flat())
        .map((d) => Math.acos(-(d?.z ?? -1)) / RADIANS);
    // cos⁴: a stop is lost at 32.8° off the axis, two at 45°.
    expect(Math.min(...off(1))).toBeGreaterThan(31.5);
    expect(Math.max(...off(1))).toBeLessThan(33.5);
    // Round the middle: as far up as down, as far left as right.
    const heights = stops
      .filter(({ lost }) => lost === 1)
      .flatMap(({ pieces }) => pieces.flat().map((d) => [d?.x ?? 0, d?.y ?? 0]));
    for (const axis of [0, 1]) {
      const values = heights.map((at) => at[axis] as number);
      expect(Math.max(...values) + Math.min(...values)).toBeCloseTo(0, 2);
    }
    if (off(2).length > 0) expect(Math.min(...off(2))).toBeGreaterThan(43.5);
  });
});

describe("a swept view", () => {
  /** A scene whose light tells its own azimuth: sin of it, between 0 and 1. */
  const light = (azimuth: number, elevation: number) =>
    0.5 + 0.3 * Math.sin(2 * azimuth) + 0.2 * Math.sin(3 * elevation);
  const size = { width: 320, height: 240 };
  const phone = { ...size, focalLength: 300, centre: [160, 120] as const, k1: 0 };
  const picture = (azimuth: number, elevation: number, roll: number) => {
    const { forward: f, right: r, up: u } = phoneAxes({ azimuth, elevation, roll });
    const luminance = new Float32Array(size.width * size.height);
    for (let row = 0; row < size.height; row++) {
      for (let column = 0; column < size.width; column++) {
        const [X, Y] = [(column + 0.5 - 160) / 300, (120 - row - 0.5) / 300];
        const [x, y, z] = [f.x + X * r.x + Y * u.x, f.y + X * r.y + Y * u.y, f.z + X * r.z + Y * u.z];
        luminance[row * size.width + column] = light(Math.atan2(x, -z), Math.asin(y / Math.hypot(x, y, z)));
      }
    }
    return { ...size, luminance };
  };

  test("fills up from several pictures, each at its place whatever the roll; nothing is known of the rest", () => {
    const view = emptySweep(240, 120, 60);
    let share = 0;
    for (const [a, e, r] of [
      [-0.6, 0.05, 0.2],
      [0, -0.1, -0.3],
      [0.6, 0, 1.2],
    ] as const) {
      const more = sweepInto(view, picture(a, e, r), phone, phoneAxes({ azimuth: a, elevation: e, roll: r }));
      expect(more).toBeGreaterThan(share);
      share = more;
    }
    expect(share).toBeGreaterThan(0.6);
    expect(share).toBeLessThan(1);
    const step = (120 * RADIANS) / 240;
    let [worst, sum, count] = [0, 0, 0];
    for (let i = 0; i < view.seen.length; i++) {
      const [column, row] = [i % 240, Math.floor(i / 240)];
      const truth = light((column + 0.5 - 120) * step, (view.height / 2 - row - 0.5) * step);
      const off = Math.abs((view.luminance[i] as number) - (view.seen[i] ? truth : 0));
      worst = Math.max(worst, off);
      if (view.seen[i]) [sum, count] = [sum + off, count + 1];
    }
    // Half a pixel off everywhere would be 0.0006 in the mean; it is so at a picture's rim alone.
    expect(sum / count).toBeLessThan(0.0001);
    expect(worst).toBeLessThan(0.0015);
  });

  test("whoever walks by is gone: what fewer than half of the last looks showed; what comes to stay is there", () => {
    const view = emptySweep(60, 30, 20);
    const axes = phoneAxes({ azimuth: 0, elevation: 0, roll: 0 });
    const even = (value: number) => ({ width: 8, height: 6, luminance: new Float32Array(48).fill(value) });
    const look = (...values: readonly number[]): number => {
      for (const value of values) sweepInto(view, even(value), phone, axes);
      return view.luminance[view.luminance.length >> 1] as number;
    };
    expect(look(0.5)).toBeCloseTo(0.5, 6);
    // Of two the mean; of four with two walkers too; then the walkers are outnumbered.
    expect(look(0.1)).toBeCloseTo(0.3, 6);
    expect(look(0.1, 0.5)).toBeCloseTo(0.3, 6);
    expect(look(0.5)).toBeCloseTo(0.5, 6);
    expect(look(0.5, 0.5, 0.5, 0.5)).toBeCloseTo(0.5, 6);
    expect(look(0.9, 0.9, 0.9, 0.9)).toBeCloseTo(0.5, 6);
    expect(look(0.9)).toBeCloseTo(0.9, 6);
  });
});
