import type { LabelMark, LineMark, Mark } from "../../basis/drawing/index.ts";
import {
  type Camera,
  fieldValue,
  seated,
  withContainer,
  withField,
  withHoleAdded,
} from "../../camera/container/index.ts";
import type { CameraKind } from "../../camera/kinds/index.ts";
import { surfacePoint } from "../../light/rays/index.ts";
import { surfaceOf } from "../../light/solve/index.ts";
import { PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { type BenchDrawing, benchDrawing, type Showing } from "./index.ts";

function drawn(camera: Camera, showing: Showing = {}): BenchDrawing {
  return benchDrawing(
    camera,
    PAPER_LIGHT,
    { width: 800, height: 560 },
    { widths: [127], heights: [101.6] },
    (mm) => mm.toFixed(1),
    showing,
  );
}

const linesOf = (marks: readonly Mark[], layer: string): readonly LineMark[] =>
  marks.filter((mark): mark is LineMark => mark.kind === "line" && mark.layer === layer);
const labelOf = ({ scene }: BenchDrawing, field: string): LabelMark | undefined =>
  scene.marks.find((mark): mark is LabelMark => mark.kind === "label" && mark.field === field);

describe.each(["flat-box", "slanted-box", "curved-box", "stereo-box", "lid-can", "folded-box", "drum"] as const)(
  "a drawn %s",
  (kind) => {
    const camera = testCamera(kind);
    const drawing = drawn(camera);

    test("shows the sheet where the ray model has it", () => {
      const { film } = camera.chambers[0];
      const { layout, scene } = drawing;
      const right = surfacePoint(surfaceOf(film), film.width / 2, 0).place;
      const at = { x: layout.hole + right.z, y: layout.planMiddle - right.x };
      const found = linesOf(scene.marks, "sheet").some(({ points }) =>
        points.some(({ x, y }) => Math.hypot(x - at.x, y - at.y) < 1e-6),
      );
      expect(found).toBe(true);
    });

    test("has a light cone for every hole in both views, from the hole itself", () => {
      const { layout, scene } = drawing;
      const beams = linesOf(scene.marks, "beam");
      for (const { x = 0, y = 0 } of camera.chambers[0].holes) {
        for (const at of [
          { x: layout.hole, y: layout.planMiddle - x },
          { x: layout.hole, y: layout.sideMiddle - y },
        ]) {
          expect(
            beams.filter(({ points: [first] }) => first?.x === at.x && Math.abs(first.y - at.y) < 1e-9).length,
          ).toBeGreaterThanOrEqual(2);
        }
      }
    });

    test("every handle pulls its size the way the hand goes: a mm on the page moves the drawing by a mm", () => {
      for (const handle of drawing.handles) {
        for (const [pull, axis] of [
          [handle.across, "x"],
          [handle.up, "y"],
        ] as const) {
          if (pull === null || handle.id === "bow") continue;
          const step = 0.5;
          const value = (fieldValue(camera, pull.field, handle.hole) ?? 0) + step * pull.perMm;
          const moved = drawn(withField(camera, pull.field, value, handle.hole), { held: drawing.layout });
          const there = moved.handles.find(({ id }) => id === handle.id);
          const way = axis === "x" ? (there?.at.x ?? 0) - handle.at.x : handle.at.y - (there?.at.y ?? 0);
          // A leaning sheet’s end goes by its chord, and the sheet moves so that it still touches the back.
          if (handle.id.startsWith("tilt")) expect(way).toBeGreaterThanOrEqual(-1e-9);
          else expect(way).toBeCloseTo(step, 6);
        }
      }
    });
    test("centred, a hole stands opposite the sheet’s middle, and a sheet opposite the hole or as it stands", () => {
      const placed = drawing.handles.flatMap(({ hole, across, up }) =>
        [across, up].flatMap((pull) => (pull?.home === undefined ? [] : [{ ...pull, home: pull.home, hole }])),
      );
      for (const { field, home, hole } of placed) {
        const astray = withField(camera, field, home + 2, hole);
        const { chambers } = withField(astray, field, home, hole);
        const { x = 0, y = 0 } = chambers[0].holes[hole ?? 0] ?? chambers[0].holes[0];
        const { film: sheet } = chambers[0];
        if (field === "hole.x") expect(x).toBeCloseTo(sheet.x ?? 0, 9);
        if (field === "hole.above") expect(y).toBeCloseTo(sheet.y ?? 0, 9);
        expect(fieldValue(withField(astray, field, home, hole), field, hole)).toBeCloseTo(home, 9);
      }
    });
  },
);

test("a hole is centred on a sheet that stands aside, and a sheet in its room", () => {
  const aside = withField(withField(testCamera("flat-box"), "film.x", 6), "hole.x", -3);
  const homes = Object.fromEntries(
    drawn(aside).handles.flatMap(({ id, up, across }) =>
      [up, across].flatMap((pull) => (pull?.home === undefined ? [] : [[`${id} ${pull.field}`, pull.home]])),
    ),
  );
  expect(homes["hole-plan hole.x"]).toBeCloseTo(6, 9);
  expect(homes["sheet-middle film.x"]).toBe(0);
});

describe("what stands inside", () => {
  test("a drum has its vanes and discs, and its strips once they are put in", () => {
    const drum = withContainer(testCamera("drum"), { baffle: null });
    const vanes = linesOf(drawn(drum).scene.marks, "wall").filter(({ points }) => points.length === 2);
    expect(vanes.length).toBeGreaterThanOrEqual(5);
    const count = (camera: Camera): number => linesOf(drawn(camera).scene.marks, "plate").length;
    expect(count(withContainer(drum, { baffle: { aside: 15, height: 10 } })) - count(drum)).toBe(2);
  });

  test("a carton has two spools and a mask; a divider stands on the sheet’s middle", () => {
    const circles = drawn(testCamera("roll-carton")).scene.marks.filter(({ kind }) => kind === "circle");
    expect(circles).toHaveLength(3);
    const parted = withField(testCamera("stereo-box"), "chamber.divider", 40);
    const { scene, layout } = drawn(parted);
    const wall = linesOf(scene.marks, "plate").find(
      ({ points: [a, b] }) => Math.abs((b?.x ?? 0) - (a?.x ?? 0) - 40) < 1e-9,
    );
    expect(wall?.points[1]).toEqual({ x: layout.hole + 90, y: layout.planMiddle });
  });

  test("folded boxes are as long as their own walls, and slide", () => {
    const lengths = (distance: number): readonly number[] => {
      const { scene } = drawn(withField(testCamera("folded-box"), "film.distance", distance));
      return linesOf(scene.marks, "wall").map(
        ({ points }) => Math.max(...points.map(({ x }) => x)) - Math.min(...points.map(({ x }) => x)),
      );
    };
    const longest = (distance: number): number => Math.max(...lengths(distance));
    expect(longest(100)).toBeLessThan(100);
    expect(longest(100)).toBeCloseTo(longest(80), 0);
  });

  test("a plate outside the wall is drawn there, and the rays start from it", () => {
    const box = testCamera("flat-box", { wall: 6 });
    const outside = seated(withContainer(box, { plateSide: "outside" }));
    const { layout } = drawn(outside);
    expect(layout.front - layout.hole).toBe(6);
    expect(drawn(box).layout.hole).toBe(drawn(box).layout.front);
    expect(linesOf(drawn(outside).scene.marks, "plate")[0]?.points[0]?.x).toBeLessThan(layout.front);
  });
});

describe("the view", () => {
  const box = testCamera("flat-box");

  test("enlarged, the same sizes fill more of the area; type and handles keep their size", () => {
    const whole = drawn(box);
    const near = drawn(box, { view: { zoom: 3, panX: 100, panY: 50 } });
    expect(near.layout.pixel).toBeCloseTo(whole.layout.pixel / 3, 12);
    expect(near.scene.bounds.width).toBeCloseTo(whole.scene.bounds.width / 3, 9);
    expect(near.scene.bounds.x).toBeCloseTo(100 * whole.layout.pixel, 9);
    expect(near.layout.front).toBe(whole.layout.front);
    const height = (drawing: BenchDrawing): number =>
      (labelOf(drawing, "container.depth")?.size ?? 0) / drawing.layout.pixel;
    expect(height(near)).toBeCloseTo(height(whole), 9);
  });

  test("the hole worked on is the one whose height is stated", () => {
    const two = withField(withHoleAdded(box), "hole.above", 80, 1);
    expect(labelOf(drawn(two, { hole: 0 }), "hole.above")?.text).toBe("59.0");
    expect(labelOf(drawn(two, { hole: 1 }), "hole.above")?.text).toBe("80.0");
  });

  test.each([
    ["lid-can", "container.height", "130.0"],
    ["folded-box", "film.distance", "80.0"],
    ["drum", "container.height", "240.0"],
    ["stereo-box", "hole.base", "110.0"],
  ] as readonly (readonly [CameraKind, string, string])[])("a %s states %s", (kind, field, text) => {
    expect(labelOf(drawn(testCamera(kind)), field)?.text).toBe(text);
  });
});
