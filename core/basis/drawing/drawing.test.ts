import { benchDrawing } from "../../bench/benchDrawing/index.ts";
import { silhouette } from "../../bench/shelfDrawing/index.ts";
import { cameraBody, isBuilt, withMount } from "../../camera/container/index.ts";
import type { CameraKind } from "../../camera/kinds/index.ts";
import { cutParts, layOut, PAPERS } from "../../make/cutsheet/index.ts";
import { KINDS, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { cutOrderFor } from "../../testing/cutOrders.ts";
import { withFormatOf } from "../../testing/plans.ts";
import {
  arcPoints,
  contour,
  dimension,
  hatchedStrip,
  type LineMark,
  line,
  type Mark,
  moved,
  type Point,
  pathOf,
  quarterTurned,
  type Scene,
  sceneToSvg,
} from "./index.ts";

const BOX = ["container.depth", "container.width", "container.height", "hole.above"];
const ROUND = ["container.diameter", "container.height", "hole.above"];
/** The sizes whose figures stand on each drawing, besides the sheet's. */
const STATED: Readonly<Partial<Record<CameraKind, readonly string[]>>> = {
  "flat-box": BOX,
  "slanted-box": BOX,
  "curved-box": BOX,
  "stereo-box": [...BOX, "hole.base"],
  "bought-box": BOX,
  "roll-carton": BOX,
  "folded-box": ["film.distance", "hole.above"],
  "curled-can": ROUND,
  "far-wall-tin": ROUND,
  canister: ROUND,
  "lid-can": ROUND,
  drum: ["film.distance", "container.diameter", "container.height"],
};

function pointsOf(marks: readonly Mark[]): readonly Point[] {
  return marks.flatMap((mark) =>
    mark.kind === "line" ? mark.points : mark.kind === "circle" ? [mark.centre] : [mark.at],
  );
}

describe("pieces of drawings", () => {
  test("an arc leaves its circle by no more than the tolerance", () => {
    const points = arcPoints({ x: 0, y: 0 }, 50, 0, Math.PI, 0.02);
    for (const [i, b] of points.slice(1).entries()) {
      const a = points[i] as Point;
      expect(50 - Math.hypot((a.x + b.x) / 2, (a.y + b.y) / 2)).toBeLessThan(0.0201);
    }
  });

  test("a level line of a cone is a circle of that radius", () => {
    const side = 41;
    const values = Float64Array.from({ length: side * side }, (_, i) =>
      Math.hypot((i % side) - 20, Math.floor(i / side) - 20),
    );
    const pieces = contour({ columns: side, rows: side, values, at: (x, y) => ({ x, y }) }, 12.3);
    expect(pieces.length).toBeGreaterThan(50);
    for (const { x, y } of pointsOf(pieces)) expect(Math.abs(Math.hypot(x - 20, y - 20) - 12.3)).toBeLessThan(0.05);
  });

  test("hatching stays inside its strip of wall", () => {
    for (const { x, y } of pointsOf(hatchedStrip({ x: 10, y: 20, width: 100, height: 4 }, 5))) {
      expect(x).toBeGreaterThanOrEqual(10);
      expect(x).toBeLessThanOrEqual(110);
      expect(y).toBeGreaterThanOrEqual(20);
      expect(y).toBeLessThanOrEqual(24);
    }
  });

  test("a dimension line is as long as what it measures, beside it", () => {
    const marks = dimension({
      from: { x: 0, y: 0 },
      to: { x: 60, y: 0 },
      offset: 10,
      text: "60",
      size: 3,
      field: "container.depth",
    });
    const along = marks.find(
      (mark): mark is LineMark =>
        mark.kind === "line" && mark.points.length === 2 && mark.points[0]?.y === mark.points[1]?.y,
    );
    expect(along?.points).toEqual([
      { x: 0, y: -10 },
      { x: 60, y: -10 },
    ]);
    expect(marks.find((mark) => mark.kind === "label")).toMatchObject({ text: "60", field: "container.depth" });
  });

  test("four quarter turns bring a mark back; moving moves every point", () => {
    const marks: readonly Mark[] = [
      line("cut", { x: 1, y: 2 }, { x: 3, y: 5 }),
      { kind: "circle", layer: "cut", centre: { x: 4, y: 1 }, radius: 2 },
    ];
    const turned = [1, 2, 3, 4].reduce<readonly Mark[]>((now) => quarterTurned(now), marks);
    expect(pointsOf(turned).map(({ x, y }) => [x + 0, y + 0])).toEqual(pointsOf(marks).map(({ x, y }) => [x, y]));
    expect(pointsOf(moved(marks, 10, -1))[0]).toEqual({ x: 11, y: 1 });
  });

  test("SVG: size in mm, matching view box, escaped words, one group a layer", () => {
    const scene: Scene = {
      bounds: { x: -5, y: 0, width: 210, height: 297 },
      marks: [
        line("cut", { x: 0, y: 0 }, { x: 100, y: 0 }),
        { kind: "label", layer: "label", at: { x: 1, y: 2 }, text: "5 < 7 & “x”", size: 3, anchor: "start" },
      ],
    };
    const svg = sceneToSvg(scene, "Tin & lid");
    // SVG 2, 13.5.5: the ways in which lines may join.
    const joins = [...svg.matchAll(/stroke-linejoin="([^"]*)"/g)].map(([, way]) => way);
    expect([...new Set(joins)]).toEqual(["round"]);
    expect(svg).toContain('width="210mm" height="297mm" viewBox="-5 0 210 297"');
    expect(svg).toContain("<title>Tin &amp; lid</title>");
    expect(svg).toContain("5 &lt; 7 &amp;");
    expect(svg).toContain('d="M0 0L100 0"');
    expect(pathOf(line("cut", { x: 1, y: 1 }, { x: 2, y: 1 }), 10)).toBe("M10 10L20 10");
  });
});

describe.each(KINDS)("the Bench’s drawing of a %s", (kind) => {
  const drawn = benchDrawing(
    testCamera(kind),
    PAPER_LIGHT,
    { width: 800, height: 560 },
    { widths: [], heights: [] },
    (mm) => mm.toFixed(1),
  );

  test("stays inside its area and states every size that can be typed over", () => {
    const { width, height } = drawn.scene.bounds;
    const outside = drawn.scene.marks.filter(({ layer }) => layer !== "light" && layer !== "beam");
    for (const { x, y } of pointsOf(outside)) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(width);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(height);
    }
    const fields = drawn.scene.marks.flatMap((mark) => (mark.kind === "label" && mark.field ? [mark.field] : []));
    expect(fields.sort()).toEqual([...(STATED[kind] ?? BOX), "film.height", "film.width"].sort());
  });

  test("shows the sheet at its true length, in plan along its curve", () => {
    const lengths = drawn.scene.marks.flatMap((mark) => {
      if (mark.kind !== "line" || mark.layer !== "sheet" || mark.closed) return [];
      return [
        mark.points
          .slice(1)
          .reduce((sum, b, i) => sum + Math.hypot(b.x - (mark.points[i]?.x ?? 0), b.y - (mark.points[i]?.y ?? 0)), 0),
      ];
    });
    const { width, height } = testCamera(kind).chambers[0].film;
    expect(lengths.some((length) => Math.abs(length - width) < width * 2e-3)).toBe(true);
    expect(lengths.some((length) => Math.abs(length - height) < 1e-6)).toBe(true);
  });

  test("has handles for size, hole and sheet; held, its scale stays while a size changes", () => {
    expect(drawn.handles.map(({ id }) => id)).toEqual(
      expect.arrayContaining(["far-wall", ...(kind === "drum" ? [] : ["hole-side"]), "sheet-corner", "sheet-middle"]),
    );
    const larger = testCamera(kind, kind === "flat-box" ? { depth: 200 } : { diameter: 320 });
    const held = benchDrawing(larger, PAPER_LIGHT, { width: 800, height: 560 }, { widths: [], heights: [] }, String, {
      held: drawn.layout,
    });
    expect(held.layout.pixel).toBe(drawn.layout.pixel);
    expect(held.layout.front).toBe(drawn.layout.front);
  });

  test("its silhouette has the container’s true width", () => {
    const { across, high } = cameraBody(testCamera(kind));
    const { bounds } = silhouette(testCamera(kind), 2);
    expect(bounds.width).toBeGreaterThanOrEqual(across);
    expect(bounds.height).toBeGreaterThanOrEqual(high);
  });
});

// A box that is bought whole has nothing to cut.
const BUILT = KINDS.filter((kind) => isBuilt(testCamera(kind)));

describe.each(BUILT)("the cut sheet of a %s", (kind) => {
  const camera = withMount(testCamera(kind, { openingDiameter: 6.35 }), "plate");
  const parts = cutParts(cutOrderFor(camera));

  test("has wall or face, plate and sheet at true size with the opening where the hole is", () => {
    const [plate, sheet] = ["plate", "sheet"].map((name) => parts.find(({ id }) => id === name));
    const wall = parts.find(({ id }) => id === "wall" || id === "face");
    const { container } = camera;
    const { across, high, face } = cameraBody(camera);
    const round = "diameter" in container ? Math.PI * (container.diameter + 2 * container.wall) : 0;
    expect(wall?.width).toBeCloseTo(face === "wall" ? round + 12 : across, 9);
    expect(wall?.height).toBe(container.shape === "drum" ? container.height : high);
    const opening = wall?.marks.find((mark) => mark.kind === "circle" && mark.radius < 10);
    expect(opening).toMatchObject({
      radius: 3.175,
      centre: { y: high / 2 - (camera.chambers[0].holes[0].y ?? 0) },
    });
    expect(plate?.height).toBe(19);
    expect([sheet?.width, sheet?.height]).toEqual([camera.chambers[0].film.width, camera.chambers[0].film.height]);
  });

  test.each(PAPERS)(
    "every mark on $name is inside the printer’s margin and every page has both rulers, name and date",
    (paper) => {
      for (const { scene } of layOut(parts, paper, { camera: "Tin", date: "1 May 2026" })) {
        const outside = pointsOf(scene.marks).filter(
          ({ x, y }) => x < 9.99 || x > paper.width - 9.99 || y < 9.99 || y > paper.height - 9.99,
        );
        expect(outside).toEqual([]);
        const lengths = scene.marks.flatMap((mark) =>
          mark.kind === "line" && mark.layer === "mark" && mark.points.length === 2
            ? [Math.abs((mark.points[1]?.x ?? 0) - (mark.points[0]?.x ?? 0))]
            : [],
        );
        expect(lengths.some((length) => Math.abs(length - 100) < 1e-9)).toBe(true);
        expect(lengths.some((length) => Math.abs(length - 101.6) < 1e-9)).toBe(true);
        const words = scene.marks.flatMap((mark) => (mark.kind === "label" ? [mark.text] : [])).join("\n");
        expect(words).toMatch(/Tin/);
        expect(words).toMatch(/1 May 2026 · page \d+ of \d+/);
      }
    },
  );
});

test("a sheet cut from a larger format shows that sheet with trim lines", () => {
  const camera = testCamera("far-wall-tin", { diameter: 150, height: 120, sheetWidth: 177.8, sheetHeight: 101.6 });
  const sheet = cutParts(cutOrderFor(withFormatOf(camera, "in-5x7"))).find(({ id }) => id === "sheet");
  expect([sheet?.width, sheet?.height]).toEqual([177.8, 127]);
  const trims = sheet?.marks.filter(({ layer }) => layer === "trim") ?? [];
  expect(pointsOf(trims)).toEqual([
    { x: 0, y: 101.6 },
    { x: 177.8, y: 101.6 },
  ]);
});
