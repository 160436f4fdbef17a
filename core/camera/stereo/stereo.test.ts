import fc from "fast-check";
import { lightFrom, opticalModel } from "../../light/solve/index.ts";
import { PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { solveRequest } from "../container/index.ts";
import { cameraStereo, parallax, stereo } from "./index.ts";

const camera = testCamera("stereo-box", { plateThickness: 0, wall: 0 });
const models = [0, 1].map((hole) => opticalModel(solveRequest(camera, PAPER_LIGHT, hole)));
const { film, holes } = camera.chambers[0];
const base = (holes[1]?.x ?? 0) - (holes[0].x ?? 0);

describe("two holes before one sheet", () => {
  const far = Number.POSITIVE_INFINITY;
  const even = stereo({ holes: [-base / 2, base / 2], distance: 90, sheetWidth: film.width, steepest: far });

  test("without plate or wall each picture reaches the far edge; the divider’s height is that of the ray it stops", () => {
    expect(even.overlap).toBe(film.width);
    // The ray from a hole at −B/2 to the far edge at W/2 crosses the middle h forward of the sheet.
    const crossing = 90 * (1 - base / 2 / (base / 2 + film.width / 2));
    expect(even.divider).toBeCloseTo(crossing, 10);
    expect(even.nearest).toBe(30 * base);
  });

  test("with that divider no ray of the ray model crosses the middle; a little lower, some do", () => {
    const [left] = models as [(typeof models)[0]];
    const wall = even.divider ?? Number.NaN;
    for (let s = 2; s < film.width / 2; s += 5) {
      expect(lightFrom([left], wall + 1e-6, s, 0)).toBe(0);
      expect(lightFrom([left], wall, -s, 0)).toBeGreaterThan(0);
    }
    expect(lightFrom([left], wall - 1, film.width / 2 - 0.1, 0)).toBeGreaterThan(0);
  });

  test("a plate that ends the light before the middle leaves nothing to part", () => {
    expect(stereo({ holes: [-100, 100], distance: 90, sheetWidth: 254, steepest: 1 })).toMatchObject({
      overlap: 0,
      divider: 0,
    });
  });

  test("a limit that the light reaches only just past the middle wants a low wall; one that stops short of it, none", () => {
    // Holes 40 aside at 90 mm: light to 40 + 10 past the middle.
    const past = stereo({ holes: [-40, 40], distance: 90, sheetWidth: 254, steepest: 50 / 90 });
    expect(past).toMatchObject({ base: 80, nearest: 2400 });
    expect(past.overlap).toBeCloseTo(20, 10);
    expect(past.divider).toBeCloseTo((90 * 10) / (10 + 40), 10);
    const short = stereo({ holes: [-40, 40], distance: 90, sheetWidth: 254, steepest: 30 / 90 });
    expect(short).toMatchObject({ overlap: 0, divider: 0 });
    // Light that ends on the middle itself: nothing to part, also where a hole stands there.
    expect(stereo({ holes: [-40, 0], distance: 90, sheetWidth: 254, steepest: 15 / 90 }).divider).toBe(0);
  });

  test("a camera’s two holes: their places are counted from its sheet’s middle; other numbers of holes make no pair", () => {
    const pair = cameraStereo(camera, PAPER_LIGHT);
    expect(pair?.base).toBeCloseTo(base, 10);
    expect(pair?.overlap).toBeCloseTo(even.overlap, 10);
    expect(pair?.divider).toBeCloseTo(even.divider ?? Number.NaN, 10);
    const [chamber] = camera.chambers;
    const withHoles = (all: typeof holes, x = 0) => ({
      ...camera,
      chambers: [{ ...chamber, holes: all, film: { ...film, x } }] as typeof camera.chambers,
    });
    const [first, second] = holes;
    if (second === undefined) throw new Error("no second hole");
    // The sheet slid to the right: the left hole is the further one.
    const slid = cameraStereo(withHoles(holes, 20), PAPER_LIGHT);
    expect(slid?.divider).toBeCloseTo(
      stereo({ holes: [-base / 2 - 20, base / 2 - 20], distance: 90, sheetWidth: film.width, steepest: far }).divider ??
        0,
      10,
    );
    expect(cameraStereo(withHoles([first]), PAPER_LIGHT)).toBeNull();
    expect(cameraStereo(withHoles([first, second, { ...second, x: 7 }]), PAPER_LIGHT)).toBeNull();
    expect(cameraStereo(withHoles([first, { ...second, x: first.x ?? 0 }]), PAPER_LIGHT)).toBeNull();
  });

  test("holes at −30 and 80 before a 10 in sheet at 90 mm: the nearer one wants 72.8, half the base would say 62.8", () => {
    const pair = stereo({ holes: [-30, 80], distance: 90, sheetWidth: 254, steepest: far });
    expect(pair.divider).toBeCloseTo((90 * 127) / (127 + 30), 10);
    expect(pair.divider).toBeCloseTo(72.8, 1);
    expect((90 * 127) / (127 + 55)).toBeCloseTo(62.8, 1);
    expect(stereo({ holes: [80, -30], distance: 90, sheetWidth: 254, steepest: far })).toEqual(pair);
  });

  test.each([
    [0, 63.5],
    [20, 90],
    [-90, -20],
  ])("holes at %p and %p: no wall on the middle parts them", (one, other) => {
    const pair = stereo({ holes: [one, other], distance: 90, sheetWidth: 254, steepest: far });
    expect(pair.divider).toBeNull();
    expect(pair.overlap).toBe(254);
  });

  test("the overlap of uneven holes under a steep limit is what both of them light (counted point by point)", () => {
    const [holes, steepest] = [[-30, 80] as const, 1.1];
    const pair = stereo({ holes, distance: 90, sheetWidth: 254, steepest });
    let both = 0;
    for (let x = -127; x < 127; x += 0.01) if (holes.every((hole) => Math.abs(x - hole) <= 99)) both += 0.01;
    expect(pair.overlap).toBeCloseTo(both, 1);
  });

  test("parallax is the difference of two projections, near less far (seeded)", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 20, max: 300, noNaN: true }),
        fc.double({ min: 500, max: 5000, noNaN: true }),
        fc.double({ min: 6000, max: 1e5, noNaN: true }),
        (b, z, near, far) => {
          const image = (hole: number, away: number): number => hole - ((0 - hole) * z) / away;
          const apart = (away: number): number => image(b / 2, away) - image(-b / 2, away);
          expect(parallax(b, z, near, far)).toBeCloseTo(apart(near) - apart(far), 8);
        },
      ),
      { seed: 7, numRuns: 200 },
    );
    expect(parallax(65, 90, 1950, null)).toBeCloseTo(3, 10);
  });
});
