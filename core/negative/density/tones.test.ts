import PerspectiveTransform from "perspective-transform";
import { chance } from "../../basis/numeric/chance.ts";
import { fromSrgb } from "../../basis/pictureValues/index.ts";
import { derivativeAt, inverseOf, mappedBy, type PlanePoint, type Quad, rectangleTo } from "../../basis/plane/index.ts";
import { judgeLight } from "../judge/judgeLight.ts";
import { distributionBuilder, quantile, shareWhere } from "../model/distribution.ts";
import { negativeCurve } from "../model/negativeCurve.ts";
import { eyeSettings } from "../reproject/eyeSettings.ts";
import { PROJECTIONS } from "../reproject/projection.ts";
import { sheetInScan } from "../scan/sheetInScan.ts";
import { srgbOfLightness, toneFor, toneOfLog, toneTable } from "./tone.ts";

describe("tones", () => {
  // Well-known greys, from memory; each follows from the two standards with a pocket calculator.
  test.each([
    [0, 0],
    [64, 27.093],
    [119, 50.034],
    [128, 53.585],
    [192, 77.704],
    [255, 100],
  ])("sRGB %d is L* %d (IEC 61966-2-1, CIE 15:2004)", (value, lightness) => {
    expect(255 * srgbOfLightness(lightness)).toBeCloseTo(value, 1);
  });

  test("L* = 8 is where the cube root begins: Y = 216/24389 (CIE 15:2004)", () => {
    expect(fromSrgb(srgbOfLightness(8))).toBeCloseTo(216 / 24389, 6);
    expect(fromSrgb(srgbOfLightness(8 + 1e-9))).toBeCloseTo(216 / 24389, 6);
  });

  test("the bend puts the median at L* = 50 and keeps to 0.6 … 1.7", () => {
    const spread = (middle: number) => {
      const { add, read } = distributionBuilder(-8, 8);
      for (let i = 0; i < 1000; i++) add(i < 10 ? -1 : i > 990 ? 1 : middle);
      return read();
    };
    const tone = toneFor(spread(-0.2), { low: null, high: null, gamma: null });
    expect([tone.low, tone.high]).toEqual([expect.closeTo(-1, 3), expect.closeTo(1, 3)]);
    expect(toneOfLog(tone, -0.2)).toBeCloseTo(srgbOfLightness(50), 3);
    expect(toneFor(spread(-0.95), { low: null, high: null, gamma: null }).gamma).toBe(0.6);
    expect(toneFor(spread(0.95), { low: null, high: null, gamma: null }).gamma).toBe(1.7);
    expect(toneFor(spread(0), { low: -2, high: 3, gamma: 1.2 })).toEqual({ low: -2, high: 3, gamma: 1.2 });
  });

  test("the table says what the formula says, also at the ends and for a sheet of one tone", () => {
    const tone = { low: -0.8, high: 1.1, gamma: 0.7 };
    for (const most of [255, 65535]) {
      const table = toneTable(tone, most);
      for (let log = -1.2; log < 1.5; log += 0.0037) {
        expect(Math.abs(table(log) - most * toneOfLog(tone, log))).toBeLessThan(most === 255 ? 0.51 : 3);
      }
    }
    const { add, read } = distributionBuilder(-8, 8);
    add(0.4);
    const one = toneFor(read(), { low: null, high: null, gamma: null });
    expect(one.high).toBeGreaterThan(one.low);
    expect(Number.isFinite(toneTable(one, 255)(0.4))).toBe(true);
  });
});

describe("a negative’s curve", () => {
  const MEDIUM = { least: 0.05, most: 2.05, range: 110, iso: 6 };

  test("mid-grey is fog + 0.6, 9.8/S lx·s (PHYSICS section 9); density is kept 2 % from both ends", () => {
    const curve = negativeCurve(MEDIUM, 0.85);
    expect(curve.logExposure(0.85 * 10 ** -0.6)).toBeCloseTo(curve.middle, 9);
    expect(10 ** curve.middle).toBeCloseTo(9.817 / 6, 3);
    // H₅₀ is where half of ΔD is reached; by the slope 2.404 of R = 110.
    expect(curve.logExposure(0.85 / 10) - curve.middle).toBeCloseTo(Math.log10(2 / 0.6 - 1) / 2.404, 4);
    expect(curve.logExposure(0.85)).toBe(curve.least);
    expect(curve.logExposure(0)).toBe(curve.most);
    expect(curve.least).toBeCloseTo(curve.logExposure(0.85 / 10) + Math.log10(0.02 / 0.98) / 2.404, 4);
    expect([curve.isBlank(0.85 * 10 ** -0.039), curve.isBlank(0.85 * 10 ** -0.041)]).toEqual([true, false]);
    expect([curve.isBurnt(0.85 * 10 ** -1.901), curve.isBurnt(0.85 * 10 ** -1.899)]).toEqual([true, false]);
  });
});

describe("spreads", () => {
  test("quantiles as of the sorted numbers themselves; shares", () => {
    const random = chance(4);
    const numbers = Array.from({ length: 4001 }, () => Math.round(200 * random() ** 2) / 200);
    const { add, read } = distributionBuilder(0, 1);
    numbers.forEach(add);
    const sorted = [...numbers].sort((a, b) => a - b);
    for (const share of [0, 0.005, 0.25, 0.5, 0.95, 0.998, 1]) {
      expect(quantile(read(), share)).toBeCloseTo(sorted[Math.round(share * 4000)] as number, 9);
    }
    expect(shareWhere(read(), (value) => value > 0.5)).toBeCloseTo(
      numbers.filter((value) => value > 0.5).length / 4001,
      9,
    );
    expect(quantile(distributionBuilder(0, 1).read(), 0.5)).toBeNaN();
  });
});

describe("projective maps", () => {
  test("are those of another library (perspective-transform), there and back", () => {
    const random = chance(8);
    for (let round = 0; round < 50; round++) {
      const near = (x: number, y: number): PlanePoint => ({ x: x + 40 * random(), y: y + 40 * random() });
      const quad: Quad = [near(0, 0), near(300, 0), near(300, 200), near(0, 200)];
      const [w, h] = [127, 101.6];
      const there = PerspectiveTransform(
        [0, 0, w, 0, w, h, 0, h],
        quad.flatMap(({ x, y }) => [x, y]),
      );
      const map = rectangleTo(quad, w, h);
      for (let i = 0; i < 10; i++) {
        const [u, v] = [w * random(), h * random()];
        const [x, y] = there.transform(u, v) as [number, number];
        const here = mappedBy(map, u, v);
        expect([here.x, here.y]).toEqual([expect.closeTo(x, 4), expect.closeTo(y, 4)]);
        const back = mappedBy(inverseOf(map), here.x, here.y);
        expect([back.x, back.y]).toEqual([expect.closeTo(u, 6), expect.closeTo(v, 6)]);
        const [xx, xy, yx, yy] = derivativeAt(map, u, v);
        const [right, down] = [mappedBy(map, u + 1e-4, v), mappedBy(map, u, v + 1e-4)];
        expect([xx, yx]).toEqual([
          expect.closeTo((right.x - here.x) / 1e-4, 3),
          expect.closeTo((right.y - here.y) / 1e-4, 3),
        ]);
        expect([xy, yy]).toEqual([
          expect.closeTo((down.x - here.x) / 1e-4, 3),
          expect.closeTo((down.y - here.y) / 1e-4, 3),
        ]);
      }
    }
  });
});

describe("projections", () => {
  test("there and back is where one began, whichever direction is in the middle", () => {
    const random = chance(31);
    for (const project of Object.values(PROJECTIONS)) {
      for (let i = 0; i < 60; i++) {
        const projection = project({ azimuth: random() - 0.5, elevation: 0.8 * (random() - 0.5) });
        const [x, y] = [1.2 * (random() - 0.5), 1.2 * (random() - 0.5)];
        const direction = projection.toScene(x, y);
        const back = direction === null ? null : projection.toPicture(direction);
        expect([back?.x, back?.y]).toEqual([expect.closeTo(x, 9), expect.closeTo(y, 9)]);
      }
    }
  });
});

describe("a judgement as a bound", () => {
  test("begins past 30 % burnt or blank, and not before (PHYSICS section 11)", () => {
    const medium = { least: 0.05, most: 2.05, range: 110, iso: 6 };
    const sheet = (blank: number, burnt: number) => ({
      values: Float64Array.of(0.85 * 10 ** -1.95, 0.85 * 10 ** -0.6, 0.85),
      counts: Float64Array.of(burnt, 100 - blank - burnt, blank),
      total: 100,
    });
    expect(judgeLight(sheet(29, 29), 0.85, medium).atLeast).toBe(false);
    expect(judgeLight(sheet(31, 0), 0.85, medium)).toMatchObject({ atLeast: true, blank: 0.31 });
    expect(judgeLight(sheet(0, 31), 0.85, medium)).toMatchObject({ atLeast: true, burnt: 0.31 });
  });
});

describe("which side lay on the glass", () => {
  const corners = [
    { x: 0, y: 0 },
    { x: 400, y: 0 },
    { x: 400, y: 200 },
    { x: 0, y: 200 },
  ] as const;

  test("the emulsion: s = w/2 − u, t = h/2 − v; through the back: s = u − w/2 (PHYSICS section 11)", () => {
    const at = (seen: "emulsion" | "back") => sheetInScan({ width: 40, height: 20, seen, corners });
    expect(at("emulsion").toSheet(100, 50)).toEqual({ s: expect.closeTo(10, 9), t: expect.closeTo(5, 9) });
    expect(at("back").toSheet(100, 50)).toEqual({ s: expect.closeTo(-10, 9), t: expect.closeTo(5, 9) });
    for (const seen of ["emulsion", "back"] as const) {
      const { x, y } = at(seen).toScan(-7, 3);
      expect(at(seen).toSheet(x, y)).toEqual({ s: expect.closeTo(-7, 9), t: expect.closeTo(3, 9) });
    }
  });

  test("a sheet of two pictures: each eye’s half is the one its hole stands before", () => {
    const film = { distance: 90, width: 40, height: 20 };
    const whole = {
      medium: { least: 0.05, most: 2.05, range: 110, iso: 6 },
      sheet: { width: 40, height: 20, corners: corners.map(({ x, y }) => [x, y] as const) },
      camera: { hole: { diameter: 0.3 }, film },
    };
    const right = { hole: { diameter: 0.3, x: 10 }, film: { ...film, width: 20, x: 10 } };
    // The hole at greater x has s > 0: seen from the emulsion, the left half of the scan.
    expect(eyeSettings(whole, right)?.sheet.corners).toEqual([
      [0, 0],
      [200, 0],
      [200, 200],
      [0, 200],
    ]);
    const back = eyeSettings({ ...whole, sheet: { ...whole.sheet, seen: "back" } }, right);
    expect(back?.sheet.corners?.[0]).toEqual([200, 0]);
    expect(eyeSettings({ ...whole, sheet: { width: 40, height: 20 } }, right)).toBeNull();
  });
});
