import { chance } from "../basis/numeric/chance.ts";
import { RADIANS } from "../basis/units/index.ts";
import { type PhoneModel, type PhonePicture, type Pose, phoneAxes, turnedFocalLength, turnSeen } from "./index.ts";

/** A phone that sees 60° across. */
const PHONE: PhoneModel = {
  width: 240,
  height: 180,
  focalLength: 120 / Math.tan(30 * RADIANS),
  centre: [120, 90],
  k1: 0,
};

/** Waves of all directions over the sphere, as a wood or a row of beds has detail of all sizes. */
function landscape(seed: number): (azimuth: number, elevation: number) => number {
  const random = chance(seed);
  const waves = Array.from({ length: 40 }, (_, i) => ({
    across: (random() - 0.5) * (6 + 3 * i),
    up: (random() - 0.5) * (6 + 3 * i),
    phase: 2 * Math.PI * random(),
    size: 1 / (1 + 0.3 * i),
  }));
  return (azimuth, elevation) =>
    0.2 *
    Math.exp(
      0.4 *
        waves.reduce(
          (sum, { across, up, phase, size }) => sum + size * Math.cos(across * azimuth + up * elevation + phase),
          0,
        ),
    );
}

/** What the phone sees of it, each pixel by its own ray; a camera that makes itself brighter by so much. */
function seen(at: ReturnType<typeof landscape>, pose: Pose, gain = 1): PhonePicture {
  const { forward, right, up } = phoneAxes(pose);
  const luminance = new Float32Array(PHONE.width * PHONE.height);
  for (let y = 0; y < PHONE.height; y++) {
    for (let x = 0; x < PHONE.width; x++) {
      const [a, b] = [(x + 0.5 - 120) / PHONE.focalLength, (90 - y - 0.5) / PHONE.focalLength];
      const d = (axis: "x" | "y" | "z") => forward[axis] + a * right[axis] + b * up[axis];
      luminance[y * PHONE.width + x] =
        gain * at(Math.atan2(d("x"), -d("z")), Math.atan2(d("y"), Math.hypot(d("x"), d("z"))));
    }
  }
  return { width: PHONE.width, height: PHONE.height, luminance };
}

const LEVEL: Pose = { azimuth: 0, elevation: 0, roll: 0 };

test.each([
  ["not at all", 0, 0, 1],
  ["to the right", 4, 0, 1],
  ["to the left, and the camera makes itself brighter", -7, 0, 1.8],
  ["up", 0, 3, 1],
  ["down and to the right", 5, -4, 0.6],
] as const)("a phone that turned %s is found to have, to 0.4 of a degree", (_, azimuth, elevation, gain) => {
  for (const seed of [1, 2, 3]) {
    const at = landscape(seed);
    const turn = turnSeen(
      seen(at, LEVEL),
      seen(at, { azimuth: azimuth * RADIANS, elevation: elevation * RADIANS, roll: 0 }, gain),
      PHONE,
    );
    expect(Math.abs((turn?.azimuth ?? 9) / RADIANS - azimuth)).toBeLessThan(0.4);
    expect(Math.abs((turn?.elevation ?? 9) / RADIANS - elevation)).toBeLessThan(0.4);
    expect(turn?.fit).toBeGreaterThan(0.7);
  }
});

test("a turn that leaves a fifth of the picture behind is found, to a degree", () => {
  const at = landscape(2);
  const turn = turnSeen(seen(at, LEVEL), seen(at, { azimuth: 13 * RADIANS, elevation: 0, roll: 0 }), PHONE);
  expect(Math.abs((turn?.azimuth ?? 9) / RADIANS - 13)).toBeLessThan(1);
});

test("a phone of another angle than was taken for granted is found by a turn of 15°, to 4 %", () => {
  const at = landscape(3);
  const taken = { ...PHONE, focalLength: 0.8 * PHONE.focalLength };
  const pictures = [seen(at, LEVEL), seen(at, { azimuth: 15 * RADIANS, elevation: 0, roll: 0 })] as const;
  const turn = turnSeen(...pictures, taken)?.azimuth ?? 1;
  expect(turnedFocalLength(taken.focalLength, turn, 15 * RADIANS) / PHONE.focalLength).toBeCloseTo(1, 1);
  expect(Math.abs(turnedFocalLength(taken.focalLength, turn, 15 * RADIANS) / PHONE.focalLength - 1)).toBeLessThan(0.04);
});

test("pictures of two places do not fit", () => {
  for (const seed of [4, 6, 8]) {
    const turn = turnSeen(seen(landscape(seed), LEVEL), seen(landscape(seed + 1), LEVEL), PHONE);
    expect(turn?.fit).toBeLessThan(0.6);
  }
});

test("a wall without a mark is nothing to hold on to", () => {
  const wall = { width: 240, height: 180, luminance: new Float32Array(240 * 180).fill(0.4) };
  expect(turnSeen(wall, wall, PHONE)).toBeNull();
});
