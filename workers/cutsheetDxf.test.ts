import DxfParser from "dxf-parser";
import { cutParts } from "../core/make/cutsheet/index.ts";
import { testCamera } from "../core/testing/cameras.ts";
import { cutOrderFor } from "../core/testing/cutOrders.ts";
import { partsToDxf } from "./cutsheetDxf.ts";

interface Entity {
  readonly type: string;
  readonly layer: string;
  readonly vertices?: readonly { readonly x: number; readonly y: number }[];
  readonly center?: { readonly x: number; readonly y: number };
  readonly radius?: number;
  readonly text?: string;
  readonly shape?: boolean;
}

describe("DXF read back by dxf-parser", () => {
  const camera = testCamera("flat-box", { width: 165, height: 118, openingDiameter: 8 });
  const parts = cutParts(cutOrderFor(camera));
  const dxf = new DxfParser().parseSync(partsToDxf(parts));
  const entities = (dxf?.entities ?? []) as unknown as readonly Entity[];
  const sizes = entities.flatMap(({ vertices, layer }) => {
    if (vertices === undefined || vertices.length < 3) return [];
    const [xs, ys] = [vertices.map(({ x }) => x), vertices.map(({ y }) => y)];
    return [{ layer, width: Math.max(...xs) - Math.min(...xs), height: Math.max(...ys) - Math.min(...ys) }];
  });

  test("its unit is the millimetre, its layers have names", () => {
    expect(dxf?.header.$INSUNITS).toBe(4);
    const table = dxf?.tables.layer as unknown as { readonly layers: object } | undefined;
    const names = Object.keys(table?.layers ?? {});
    expect(names).toEqual(expect.arrayContaining(["CUT", "SCORE", "GUIDE", "TEXT", "ENGRAVE"]));
  });

  test("it says how far it reaches: every corner and circle lies within, the outermost on it", () => {
    const { $EXTMIN: least, $EXTMAX: most } = (dxf?.header ?? {}) as unknown as Record<
      string,
      { x: number; y: number }
    >;
    const points = entities.flatMap(({ vertices = [], center, radius = 0 }) => [
      ...vertices,
      ...(center ? [-1, 1].map((way) => ({ x: center.x + way * radius, y: center.y + way * radius })) : []),
    ]);
    const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
    expect(least?.x).toBeLessThanOrEqual(Math.min(...xs) + 1e-9);
    expect(most?.y).toBeGreaterThanOrEqual(Math.max(...ys) - 1e-9);
    expect(most?.x).toBeCloseTo(Math.max(...xs), 6);
    expect(least?.y).toBeCloseTo(Math.min(...ys), 6);
  });

  test("face, plate and opening have their sizes to 0.001 mm, on CUT", () => {
    for (const [width, height] of [
      [165, 118],
      [19, 19],
    ] as const) {
      expect(
        sizes.some(
          (each) =>
            each.layer === "CUT" && Math.abs(each.width - width) < 0.001 && Math.abs(each.height - height) < 0.001,
        ),
      ).toBe(true);
    }
    const circles = entities.filter(({ type }) => type === "CIRCLE");
    expect(circles.some(({ radius, layer }) => layer === "CUT" && Math.abs((radius ?? 0) - 4) < 0.001)).toBe(true);
  });

  test("the opening lies in the middle of its face, y pointing up", () => {
    const opening = entities.find(({ type, radius }) => type === "CIRCLE" && radius === 4);
    const left = 0;
    expect(opening?.center?.x).toBeCloseTo(left + 82.5, 6);
    expect(opening?.center?.y).toBeCloseTo(-59, 6);
  });

  test("trim lines are on SCORE, words on TEXT, and nothing is missing", () => {
    const marks = parts.flatMap((part) => part.marks);
    expect(entities).toHaveLength(marks.length);
    const text = entities.filter(({ type }) => type === "TEXT");
    expect(text.every(({ layer }) => layer === "TEXT" || layer === "DIMENSION")).toBe(true);
    expect(text.some(({ text: words }) => /plate 19/.test(words ?? ""))).toBe(true);
    const shutter = entities.filter(({ layer }) => layer === "SCORE");
    expect(shutter.length).toBeGreaterThan(0);
  });
});
