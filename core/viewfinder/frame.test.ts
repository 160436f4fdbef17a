import fc from "fast-check";
import { focalLengthFromExif } from "../basis/plane/index.ts";
import { calibratedFocalLength, type FrameRequest, frameIn, phoneAxes } from "./index.ts";

const BOX = { hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 } } as const;
const CAN = {
  hole: { diameter: 0.3 },
  film: { surface: "cylinder", radius: 33, distance: 66, width: 150, height: 100 },
} as const;
const PHONE = { width: 1920, height: 1080, focalLength: 1500 } as const;
/** Pixels: what the two ways of writing the sum may differ by. */
const CLOSE = 1e-6;

/** A turn about an axis, as a quaternion. W. R. Hamilton; this way of writing it has nothing of the axes in PHYSICS 17. */
type Quaternion = readonly [w: number, x: number, y: number, z: number];
const turn = (angle: number, [x, y, z]: readonly [number, number, number]): Quaternion => [
  Math.cos(angle / 2),
  x * Math.sin(angle / 2),
  y * Math.sin(angle / 2),
  z * Math.sin(angle / 2),
];
const times = ([a, b, c, d]: Quaternion, [e, f, g, h]: Quaternion): Quaternion => [
  a * e - b * f - c * g - d * h,
  a * f + b * e + c * h - d * g,
  a * g - b * h + c * e + d * f,
  a * h + b * g - c * f + d * e,
];

/**
 * The same by another way: the scene is turned against the phone by quaternions (to the left, down, anticlockwise), and looked at
 * along −z. x right, y up, z back.
 */
function otherWay(
  request: FrameRequest,
  direction: readonly [number, number, number],
): readonly [number, number] | null {
  const { pose = {}, phone, offset = [0, 0, 0], subjectDistance = null } = request;
  const [a = 0, e = 0, r = 0] = [pose.azimuth, pose.elevation, pose.roll].map(
    (angle) => ((angle ?? 0) * Math.PI) / 180,
  );
  const point =
    subjectDistance === null
      ? direction
      : direction.map((value, i) => (subjectDistance * value) / -direction[2] - (offset[i] as number));
  // The phone's own turn, first to the right about the upright, then up, then clockwise; undone by its conjugate.
  const held = times(times(turn(-a, [0, 1, 0]), turn(e, [1, 0, 0])), turn(-r, [0, 0, 1]));
  const back: Quaternion = [held[0], -held[1], -held[2], -held[3]];
  const [, x, y, z] = times(times(back, [0, ...(point as [number, number, number])]), held);
  if (z >= 0) return null;
  const [X, Y] = [x / -z, y / -z];
  const q = 1 + (phone.k1 ?? 0) * (X * X + Y * Y);
  const [cx, cy] = phone.centre ?? [phone.width / 2, phone.height / 2];
  return [cx + phone.focalLength * q * X, cy - phone.focalLength * q * Y];
}

/** Directions of the edge of a flat, upright sheet on the axis, upright as the picture shows it, from its upper left corner clockwise. */
function flatEdge({ film: { distance, width, height } }: typeof BOX, n: number): (readonly [number, number, number])[] {
  const at = (x: number, y: number) => [x, y, -distance] as const;
  const steps = Array.from({ length: n }, (_, k) => k / n);
  return [
    ...steps.map((k) => at(width * (k - 0.5), height / 2)),
    ...steps.map((k) => at(width / 2, height * (0.5 - k))),
    ...steps.map((k) => at(width * (0.5 - k), -height / 2)),
    ...steps.map((k) => at(-width / 2, height * (k - 0.5))),
  ];
}

/** Directions of the edge of a sheet in a can with the hole in its wall: an angle φ on the wall is seen under φ/2 (inscribed angle, Euclid III.20). */
function canEdge({ film: { radius, width, height } }: typeof CAN, n: number): (readonly [number, number, number])[] {
  const at = (X: number, Y: number) => {
    const half = X / radius / 2;
    const reach = 2 * radius * Math.cos(half);
    return [reach * Math.sin(half), Y, -reach * Math.cos(half)] as const;
  };
  const steps = Array.from({ length: n }, (_, k) => k / n);
  return [
    ...steps.map((k) => at(width * (k - 0.5), height / 2)),
    ...steps.map((k) => at(width / 2, height * (0.5 - k))),
    ...steps.map((k) => at(width * (0.5 - k), -height / 2)),
    ...steps.map((k) => at(-width / 2, height * (k - 0.5))),
  ];
}

test("held along the camera's axis a flat sheet is a rectangle by similar triangles, upper left first, clockwise", () => {
  const { outline, inside } = frameIn({ ...BOX, phone: PHONE, points: 2 });
  const [x, y] = [(1500 * 63.5) / 60, (1500 * 50.8) / 60];
  const expected = [
    [960 - x, 540 - y],
    [960, 540 - y],
    [960 + x, 540 - y],
    [960 + x, 540],
    [960 + x, 540 + y],
    [960, 540 + y],
    [960 - x, 540 + y],
    [960 - x, 540],
  ];
  for (const [i, [ex, ey]] of (expected as [number, number][]).entries()) {
    expect(outline[i]?.[0]).toBeCloseTo(ex, 9);
    expect(outline[i]?.[1]).toBeCloseTo(ey, 9);
  }
  // Places whose middles lie within 960 of 1587.5 px and 540 of 1270 px, of 64 × 64.
  const within = (half: number, whole: number) =>
    Array.from({ length: 64 }, (_, k) => Math.abs(whole * ((2 * k + 1) / 64 - 1))).filter((off) => off <= half).length;
  expect(inside).toBe((within(960, x) * within(540, y)) / 64 ** 2);
});

test("the phone turned to the right sees the frame go left, up: down; turned clockwise: the frame turns anticlockwise", () => {
  const middle = (pose: FrameRequest["pose"]): readonly [number, number] => {
    const { outline } = frameIn({
      ...BOX,
      film: { distance: 60, width: 10, height: 10 },
      phone: PHONE,
      pose,
      points: 1,
    });
    const [x, y] = [0, 1].map((k) => outline.reduce((sum, at) => sum + (at?.[k] ?? 0) / 4, 0));
    return [x as number, y as number];
  };
  expect(middle({ azimuth: 5 })[0]).toBeLessThan(960 - 100);
  expect(middle({ elevation: 5 })[1]).toBeGreaterThan(540 + 100);
  const [upperLeft] = frameIn({ ...BOX, phone: PHONE, pose: { roll: 20 }, points: 1 }).outline;
  const [level] = frameIn({ ...BOX, phone: PHONE, points: 1 }).outline;
  const angle = (at: readonly [number, number] | null | undefined) =>
    Math.atan2(540 - (at?.[1] ?? 0), (at?.[0] ?? 0) - 960);
  expect(angle(upperLeft) - angle(level)).toBeCloseTo((20 * Math.PI) / 180, 9);
});

describe("against the same sums written with quaternions and similar triangles", () => {
  const held = fc.record({
    azimuth: fc.double({ min: -180, max: 180, noNaN: true }),
    elevation: fc.double({ min: -90, max: 90, noNaN: true }),
    roll: fc.double({ min: -180, max: 180, noNaN: true }),
  });
  const more = fc.record({
    pose: held,
    offset: fc.tuple(...[0, 1, 2].map(() => fc.double({ min: -300, max: 300, noNaN: true }))) as fc.Arbitrary<
      [number, number, number]
    >,
    subjectDistance: fc.option(fc.double({ min: 400, max: 1e5, noNaN: true })),
    k1: fc.double({ min: -0.5, max: 0.5, noNaN: true }),
    centre: fc.tuple(fc.double({ min: 900, max: 1000, noNaN: true }), fc.double({ min: 500, max: 600, noNaN: true })),
  });

  test.each([
    ["a flat box", BOX, flatEdge(BOX, 8)],
    ["a can at 150°, to what lies before it", CAN, canEdge(CAN, 8)],
  ] as const)("%s, however it is held", (_, camera, edge) => {
    fc.assert(
      fc.property(more, ({ k1, centre, ...rest }) => {
        const request: FrameRequest = { ...camera, phone: { ...PHONE, k1, centre }, ...rest, points: 8 };
        const { outline } = frameIn(request);
        expect(outline).toHaveLength(32);
        for (const [i, direction] of edge.entries()) {
          const other = direction[2] < 0 ? otherWay(request, direction) : null;
          const own = outline[i] ?? null;
          // On the rim of what is seen the last digit decides.
          if (other === null || own === null) {
            const far = other ?? own;
            if (far !== null) expect(Math.hypot(...far)).toBeGreaterThan(1e6);
            continue;
          }
          const size = Math.max(1, Math.hypot(...other) / 1e4);
          expect(Math.hypot(own[0] - other[0], own[1] - other[1]) / size ** 3).toBeLessThan(CLOSE);
        }
      }),
      { seed: 30, numRuns: 400 },
    );
  });
});

test("what is near shifts with the lens beside the hole, what is far does not; to the side by f·offset/distance", () => {
  const at = (subjectDistance: number | null, offset: [number, number, number]) =>
    frameIn({ ...BOX, phone: PHONE, offset, subjectDistance, points: 1 }).outline[0];
  expect(at(null, [60, 0, 0])).toEqual(at(null, [0, 0, 0]));
  const [here, beside] = [at(1000, [0, 0, 0]), at(1000, [60, 0, 0])];
  expect((here?.[0] ?? 0) - (beside?.[0] ?? 0)).toBeCloseTo((1500 * 60) / 1000, 9);
  // A lens above the hole sees it lower; one behind it, smaller.
  expect(at(1000, [0, 60, 0])?.[1]).toBeCloseTo((here?.[1] ?? 0) + 90, 9);
  expect(at(1000, [0, 0, 1000])?.[0]).toBeCloseTo(960 + ((here?.[0] ?? 0) - 960) / 2, 9);
});

test("what lies behind the phone, or as far off the camera's axis as a square, is not seen", () => {
  const away = frameIn({ ...BOX, phone: PHONE, pose: { azimuth: 180 }, points: 4 });
  expect([away.outline.every((at) => at === null), away.inside]).toEqual([true, 0]);
  // With the hole inside the curve the sheet's ends lie behind it.
  const whole = frameIn({
    hole: { diameter: 0.3 },
    film: { surface: "cylinder", radius: 33, distance: 20, width: 150, height: 10 },
    phone: PHONE,
    points: 64,
  });
  expect(whole.outline.filter((at) => at === null).length).toBeGreaterThan(0);
});

test("axes stand at right angles and turn the right way round, however it is held", () => {
  fc.assert(
    fc.property(
      fc.tuple(...[0, 1, 2].map(() => fc.double({ min: -7, max: 7, noNaN: true }))),
      ([azimuth, elevation, roll]) => {
        const {
          forward: f,
          right: r,
          up: u,
        } = phoneAxes({
          azimuth: azimuth as number,
          elevation: elevation as number,
          roll: roll as number,
        });
        const cross = [r.y * u.z - r.z * u.y, r.z * u.x - r.x * u.z, r.x * u.y - r.y * u.x];
        // Right × up points back, against forward.
        for (const [i, value] of [f.x, f.y, f.z].entries()) expect(cross[i]).toBeCloseTo(-value, 12);
        expect(Math.hypot(f.x, f.y, f.z)).toBeCloseTo(1, 12);
      },
    ),
    { seed: 31 },
  );
});

test("focal lengths: a 26 mm phone of 4000 × 3000, and a sheet of A4 across a metre (worked by hand)", () => {
  expect(focalLengthFromExif(26, 4000, 3000)).toBeCloseTo(3004.6, 1);
  expect(calibratedFocalLength(630, 1000, 210)).toBe(3000);
});
