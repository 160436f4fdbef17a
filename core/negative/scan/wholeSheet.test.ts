import type { PlanePoint, Quad } from "../../basis/plane/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";
import { FLAT, MEDIUM, negativeOf, SCANNER } from "../../testing/negatives.ts";
import { skySide } from "../judge/skySide.ts";
import { findSheet } from "./findSheet.ts";
import { partOfSheet } from "./partOfSheet.ts";
import { placeSheet } from "./placeSheet.ts";

const film = (width: number, height: number): typeof FLAT => ({ ...FLAT, film: { ...FLAT.film, width, height } });
/** Light of paper as black as it gets, in such a scan: a table as dark as that hides it. */
const BLACK = SCANNER.white * 10 ** (MEDIUM.least - MEDIUM.most);

/** How far, px, the worst of the true corners lies from the nearest one of a figure. */
const worst = (corners: readonly (readonly [number, number])[], figure: Quad): number =>
  Math.max(...corners.map(([x, y]) => Math.min(...figure.map((p) => Math.hypot(p.x - x, p.y - y)))));

describe("a negative on a dark table, where its black half is not seen", () => {
  /** Black where the share of the width from the left, as the scan has it, is below a rim; else a bean row in the sun. */
  const halfBlack =
    (width: number, rim: (t: number) => number) =>
    (_: OpticalModel, s: number, t: number): number =>
      0.5 - s / width < rim(t) ? 4 : 0.1 + 0.25 * Math.sin(s / 5) * Math.cos(t / 7);

  test("other proportions than the paper’s: half is found, said, and the whole is among what is offered", () => {
    for (const [width, height, share] of [
      [127, 101.6, 0.5],
      [178, 127, 0.35],
      [90, 90, 0.5],
    ] as const) {
      const camera = film(width, height);
      const { scan, corners } = negativeOf(
        camera,
        halfBlack(width, () => share),
        { lid: BLACK, border: 60 },
      );
      const found = findSheet(scan, "file");
      if (found === null) throw new Error("nothing found");
      expect(worst(corners, found.corners)).toBeGreaterThan(50);
      const part = partOfSheet(found, camera.film, scan);
      expect(part?.why).toBe("proportions");
      expect(part?.paper).toBeCloseTo(Math.max(width, height) / Math.min(width, height), 9);
      const best = Math.min(...(part?.wholes ?? []).map((whole) => worst(corners, whole.corners)));
      expect(best).toBeLessThan(4);
      expect(part?.wholes.length).toBeLessThanOrEqual(4);
    }
  });

  test("half of a sheet of 1 : √2 has its proportions too: the ragged side tells, and is the first to be offered", () => {
    const [width, height] = [148, 105];
    const camera = film(width, height);
    const ragged = (t: number): number => 0.5 + 0.03 * Math.sin(t / 3) + 0.02 * Math.sin(t * 1.7);
    const { scan, corners } = negativeOf(camera, halfBlack(width, ragged), { lid: BLACK, border: 90 });
    const found = findSheet(scan, "file");
    if (found === null) throw new Error("nothing found");
    const part = partOfSheet(found, camera.film, scan);
    expect(part?.why).toBe("ragged");
    // The scan's left side is the one from the last corner to the first.
    expect(part?.wholes[0]?.side).toBe(3);
    // A ragged side has no true corners: the maker draws those the last bit, of 874 px here.
    expect(worst(corners, part?.wholes[0]?.corners as Quad)).toBeLessThan(70);
  });

  test("what would lie far outside the picture is not offered, and a straight edge of right proportions says nothing", () => {
    const corners = [
      { x: 2, y: 0 },
      { x: 52, y: 0 },
      { x: 52, y: 80 },
      { x: 2, y: 80 },
    ] as const satisfies readonly PlanePoint[];
    const found = { corners, straight: [0.9, 0.9, 0.9, 0.9] } as const;
    const offered = partOfSheet(found, { width: 100, height: 80 }, { width: 110, height: 82 });
    expect(offered?.wholes.every(({ side }) => side === 1)).toBe(true);
    expect(offered?.wholes.some(({ more }) => Math.abs(more - 1) < 0.01)).toBe(true);
    expect(partOfSheet(found, { width: 80, height: 50 })).toBeNull();
    expect(partOfSheet({ ...found, straight: [0.9, 0.9, 0.9, 0.3] }, { width: 80, height: 50 })?.why).toBe("ragged");
    // Where no side is clear the lid is to blame, not the sheet.
    expect(partOfSheet({ ...found, straight: [0.3, 0.4, 0.3, 0.3] }, { width: 80, height: 50 })).toBeNull();
  });
});

describe("the sky on a square sheet", () => {
  const camera = film(90, 90);
  const settings = { medium: MEDIUM, sheet: { width: 90, height: 90 }, white: SCANNER.white };
  // The sky is above: it falls on places below the hole, t < 0.
  const landscape = (_: OpticalModel, s: number, t: number): number => (t < -8 ? 1 : -0.2 + 0.2 * Math.sin(s / 4));

  test.each([
    [0, "emulsion"],
    [1, "emulsion"],
    [2, "back"],
    [3, "back"],
    [1, "back"],
  ] as const)("after %i quarter turns, seen from the %s, is at its lower edge", (quarters, seen) => {
    const { scan, corners } = negativeOf(camera, landscape, { quarters, turnDeg: 2 });
    const of = { ...settings, sheet: { ...settings.sheet, seen } };
    const placed = placeSheet(scan, of);
    const sky = skySide(scan, of, placed) as number;
    const found = [placed.sheet.corners[sky], placed.sheet.corners[(sky + 1) % 4]] as const;
    for (const [i, end] of found.entries()) {
      const [x, y] = corners[2 + i] as readonly [number, number];
      expect(Math.hypot((end?.x ?? 0) - x, (end?.y ?? 0) - y)).toBeLessThan(1);
    }
  });

  test("is not made up where there is none", () => {
    const even = (_: OpticalModel, s: number, t: number): number => 0.3 * Math.sin(s / 3) * Math.cos(t / 3);
    const { scan } = negativeOf(camera, even);
    expect(skySide(scan, settings, placeSheet(scan, settings))).toBeNull();
    const slanting = (_: OpticalModel, s: number, t: number): number => (s + t) / 90;
    const { scan: slope } = negativeOf(camera, slanting);
    expect(skySide(slope, settings, placeSheet(slope, settings))).toBeNull();
  });
});
