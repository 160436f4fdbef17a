import DxfParser from "dxf-parser";
import { cutParts, onStock } from "../../../core/make/cutsheet/index.ts";
import { testCamera } from "../../../core/testing/cameras.ts";
import { cutOrderFor } from "../../../core/testing/cutOrders.ts";
import { drawingToDxf } from "./cutsheetDxf.ts";

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
  const order = cutOrderFor(camera);
  const parts = cutParts(order);
  const plan = onStock(parts, { of: "card", width: 400, height: 300 });
  const dxf = new DxfParser().parseSync(drawingToDxf(plan.marks));
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
    expect(names).toEqual(expect.arrayContaining(["CUT", "SCORE", "GUIDE", "TEXT", "ENGRAVE", "PINHOLE", "MARK"]));
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

  test("only what is cut is on CUT: the face and its opening to 0.001 mm; its cross is not, the stock’s edge is not", () => {
    const cut = entities.filter(({ layer }) => layer === "CUT");
    expect(cut.map(({ type }) => type).sort()).toEqual(["CIRCLE", "LWPOLYLINE"]);
    const [face] = sizes.filter(({ layer }) => layer === "CUT");
    const sides = [face?.width ?? 0, face?.height ?? 0].sort((a, b) => a - b);
    expect(sides[0]).toBeCloseTo(118, 3);
    expect(sides[1]).toBeCloseTo(165, 3);
    expect(cut.find(({ type }) => type === "CIRCLE")?.radius).toBeCloseTo(4, 3);
    expect(entities.filter(({ layer }) => layer === "MARK")).toHaveLength(2);
    expect(sizes.some(({ layer, width, height }) => layer === "GUIDE" && width === 400 && height === 300)).toBe(true);
  });

  test("of plate metal the blank is cut and the pinhole is not", () => {
    const metal = onStock(parts, { of: "plate metal", width: 100, height: 100 });
    const read = new DxfParser().parseSync(drawingToDxf(metal.marks));
    const drawn = (read?.entities ?? []) as unknown as readonly Entity[];
    expect(drawn.filter(({ layer }) => layer === "CUT").map(({ type }) => type)).toEqual(["LWPOLYLINE"]);
    expect(drawn.find(({ layer }) => layer === "PINHOLE")?.radius).toBeCloseTo(order.plan.hole.diameter / 2, 6);
  });

  test("the opening lies in the middle of its face, y pointing up", () => {
    const opening = entities.find(({ type, radius }) => type === "CIRCLE" && radius === 4);
    const face = entities.find(({ layer, type }) => layer === "CUT" && type === "LWPOLYLINE");
    const [xs, ys] = [face?.vertices?.map(({ x }) => x) ?? [], face?.vertices?.map(({ y }) => y) ?? []];
    expect(opening?.center?.x).toBeCloseTo((Math.min(...xs) + Math.max(...xs)) / 2, 6);
    expect(opening?.center?.y).toBeCloseTo((Math.min(...ys) + Math.max(...ys)) / 2, 6);
    expect(Math.max(...ys)).toBeLessThanOrEqual(0);
  });

  test("words are on TEXT, and nothing is missing", () => {
    expect(entities).toHaveLength(plan.marks.length);
    const text = entities.filter(({ type }) => type === "TEXT");
    expect(text.every(({ layer }) => layer === "TEXT" || layer === "DIMENSION")).toBe(true);
    expect(text.some(({ text: words }) => /opening 8/.test(words ?? ""))).toBe(true);
  });
});
