import { chance } from "../../../basis/numeric/chance.ts";
import { contrast } from "../../../light/hole/index.ts";
import { FLAT, MEDIUM, negativeOf } from "../../../testing/negatives.ts";
import type { NegativeScan } from "../../model/negativeScan.ts";
import type { ProofSettings } from "../../model/proofSettings.ts";
import { type FaultCode, negativeFaults } from "./index.ts";
import { edgeWidth } from "./soft.ts";

const SETTINGS: ProofSettings = { medium: MEDIUM, sheet: { width: 127, height: 101.6 }, camera: FLAT, white: 0.85 };

const soft = (x: number, wide: number): number =>
  x > 12 * wide ? 1 : x < -12 * wide ? 0 : 1 / (1 + Math.exp(-x / wide));
const random = chance(21);
/** A made-up scene, softened as the hole softens it: a sky, and before it round things of many sizes and tones. */
const THINGS = Array.from({ length: 45 }, () => ({
  s: 130 * random() - 65,
  t: 75 * random() - 22,
  radius: 1.5 + 9 * random(),
  tone: 0.9 * random() - 0.5,
}));
function scene(s: number, t: number, wide = 0.07): number {
  let sum = 0.1 + 0.8 * soft(-22 - t, 3 * wide);
  for (const thing of THINGS) {
    const [x, y] = [s - thing.s, t - thing.t];
    // Nothing of it reaches so far.
    const reach = thing.radius + 12 * wide;
    if (x > reach || x < -reach || y > reach || y < -reach) continue;
    sum += thing.tone * soft(thing.radius - Math.hypot(x, y), wide);
  }
  return sum;
}

function codes(
  logOf: (s: number, t: number) => number,
  more: Parameters<typeof negativeOf>[2] = {},
  fine = 4,
): readonly FaultCode[] {
  const { scan, corners } = negativeOf(FLAT, (_, s, t) => logOf(s, t), { dpi: 200, grain: 0.006, ...more }, fine);
  return [...new Set(faultsOf(scan, corners).map(({ code }) => code))];
}

function faultsOf(scan: NegativeScan, corners: readonly (readonly [number, number])[]) {
  return negativeFaults(scan, { ...SETTINGS, sheet: { ...SETTINGS.sheet, corners } });
}

describe("what a negative has beside its picture", () => {
  test("a clean sheet has nothing, neither straight nor turned on the glass, nor in a grainy scan", () => {
    expect(codes(scene)).toEqual([]);
    expect(codes(scene, { turnDeg: 2 })).toEqual([]);
    expect(codes(scene, { grain: 0.02 })).toEqual([]);
  });

  test("all black, all white, and the one dark spot of a covered hole", () => {
    expect(codes(() => 2.5)).toEqual(["all-black"]);
    expect(codes(() => -2.5)).toEqual(["all-white"]);
    expect(codes((s, t) => (Math.hypot(s - 8, t + 4) < 12 ? 0.8 : -2.5))).toEqual(["covered"]);
  });

  test("a streak from an edge is pointed out where it comes in", () => {
    const streak = (s: number, t: number): number =>
      scene(s, t) + 1.6 * Math.exp(-(((s - 30) / 7) ** 2)) * Math.exp(-(50.8 - t) / 12);
    const { scan, corners } = negativeOf(FLAT, (_, s, t) => streak(s, t), { dpi: 150 });
    const leaks = faultsOf(scan, corners).filter(({ code }) => code === "leak");
    expect(leaks).toHaveLength(1);
    const [{ at }] = leaks as [(typeof leaks)[0]];
    // Upright, what lies at s = 30 is at X = −30, and t = 50.8 at the lower edge.
    expect((at.left + at.right) / 2).toBeCloseTo(0.5 - 30 / 127, 1);
    expect(at.bottom).toBe(1);
  });

  test("a blank bar that ends in a step: its width in mm", () => {
    const { scan, corners } = negativeOf(FLAT, (_, s, t) => (s > 127 / 2 - 14 ? -3 : 0.5 + 0.3 * scene(s, t)), {
      dpi: 150,
    });
    const bars = faultsOf(scan, corners).filter(({ code }) => code === "bar");
    expect(bars).toEqual([expect.objectContaining({ measured: expect.closeTo(14, 0) })]);
    expect(bars[0]?.at.left).toBe(0);
  });

  test("edges twice, by how much; a picture that repeats itself is none", () => {
    const twice = (s: number, t: number): number => Math.log10((10 ** scene(s, t) + 10 ** scene(s - 5, t - 2.5)) / 2);
    const { scan, corners } = negativeOf(FLAT, (_, s, t) => twice(s, t), { dpi: 150 });
    const [doubled] = faultsOf(scan, corners).filter(({ code }) => code === "doubled");
    expect(doubled?.measured).toBeCloseTo(Math.hypot(5, 2.5), 0);
    expect(codes((s, t) => scene(s, t) + 0.3 * Math.sin((2 * Math.PI * s) / 4))).not.toContain("doubled");
  });

  /** A small sheet, scanned finely. */
  const SMALL = { hole: { diameter: 0.3 }, film: { ...FLAT.film, width: 44, height: 34 } };
  const small = (logOf: (s: number, t: number) => number, hair: boolean): readonly FaultCode[] => {
    const { scan, corners } = negativeOf(SMALL, (_, s, t) => logOf(s, t), { dpi: 600, grain: 0.006, hair }, 10);
    const settings = { ...SETTINGS, camera: SMALL, sheet: { width: 44, height: 34, corners } };
    return [...new Set(negativeFaults(scan, settings).map(({ code }) => code))];
  };

  test("a hair is a line thinner than the hole draws; a line of the scene is none", () => {
    expect(small(scene, true)).toContain("scratch");
    const wires = (s: number, t: number): number =>
      scene(s, t) - 0.8 * Math.max(0, 1 - ((t + 12 + s / 30) / 0.15) ** 2) ** 0.5;
    expect(small(wires, false)).not.toContain("scratch");
  });

  test("the print of a finger: ridges half a millimetre apart", () => {
    const print = (s: number, t: number): number =>
      scene(s, t) + (Math.hypot(s - 8, t - 4) < 8 ? 0.25 * Math.sin((2 * Math.PI * Math.hypot(s - 6, t)) / 0.55) : 0);
    expect(small(print, false)).toContain("finger");
    expect(small(scene, false)).toEqual([]);
  });

  test("softer than the hole explains: so many times too wide; as the hole draws it, nothing", () => {
    const blurred = (s: number, t: number): number => scene(s, t, 0.45);
    const { scan, corners } = negativeOf(FLAT, (_, s, t) => blurred(s, t), { dpi: 200, grain: 0.003 }, 6);
    const [found] = faultsOf(scan, corners).filter(({ code }) => code === "soft");
    expect(found?.measured).toBeGreaterThan(1.7);
  });

  test("the width of an edge: from 10 to 90 % by the hole’s own profile, summed another way", () => {
    const setting = { distance: 60, wavelengthNm: 550, subjectDistance: null };
    const cutoff = 0.3 / (0.00055 * 60);
    const steps = 3000;
    const profile = (x: number): number => {
      let sum = 0.5;
      for (let i = 0; i < steps; i++) {
        const frequency = ((i + 0.5) / steps) * cutoff;
        sum +=
          (contrast(frequency, 0.3, setting) * Math.sin(2 * Math.PI * frequency * x) * cutoff) /
          steps /
          (Math.PI * frequency);
      }
      return sum;
    };
    const half = edgeWidth(0.3, setting) / 2;
    expect(profile(half)).toBeCloseTo(0.9, 2);
    expect(profile(-half)).toBeCloseTo(0.1, 2);
  });
});
