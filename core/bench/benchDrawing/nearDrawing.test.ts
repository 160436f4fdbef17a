import { subjects } from "../../../catalogue/subjects.ts";
import { type LabelMark, type LineMark, labelBox } from "../../basis/drawing/index.ts";
import { withField } from "../../camera/container/index.ts";
import { nearEnough } from "../../camera/framing/index.ts";
import { inMm, KINDS, testCamera } from "../../testing/cameras.ts";
import { nearDrawing } from "./nearDrawing.ts";

const WIDTH = 280;

function drawn(camera: ReturnType<typeof testCamera>) {
  const { film } = camera.chambers[0];
  const things = subjects.map(({ name, ...thing }) => {
    const away = nearEnough(thing.height, film.distance, film.height, 0.5);
    return { ...thing, away, words: `${name}, ${inMm(away, "far")}` };
  });
  return { things, ...nearDrawing(camera, things, WIDTH) };
}

describe.each(KINDS)("how near one must go with a %s", (kind) => {
  const { things, scene, pixel } = drawn(testCamera(kind));
  const labels = scene.marks.filter((mark): mark is LabelMark => mark.kind === "label");

  test("is as wide as its place, to scale, with a distance for each thing", () => {
    expect(scene.bounds.width / pixel).toBeCloseTo(WIDTH, 6);
    expect(labels).toHaveLength(things.length);
    for (const { away } of things) {
      const told = scene.marks.some(
        (mark) =>
          mark.kind === "line" &&
          mark.layer === "dimension" &&
          mark.points.every(({ y }, _, all) => y === all[0]?.y) &&
          mark.points[1]?.x === away,
      );
      expect(told).toBe(true);
    }
  });

  test("no words lie on others or outside", () => {
    const boxes = labels.map(labelBox);
    const { x, y, width, height } = scene.bounds;
    for (const [i, box] of boxes.entries()) {
      expect(box.x).toBeGreaterThanOrEqual(x - 1e-6);
      expect(box.x + box.width).toBeLessThanOrEqual(x + width + 1e-6);
      // Under the ground, apart from what stands on it.
      expect(box.y).toBeGreaterThanOrEqual(Math.max(y, 0));
      expect(box.y + box.height).toBeLessThanOrEqual(y + height + 1e-6);
      for (const other of boxes.slice(i + 1)) {
        const apart =
          box.y + box.height <= other.y ||
          other.y + other.height <= box.y ||
          box.x + box.width <= other.x ||
          other.x + other.width <= box.x;
        expect(apart).toBe(true);
      }
    }
  });
});

test("half of what is seen at a thing's distance is as high as the thing: similar triangles", () => {
  const { things, scene } = drawn(withField(testCamera("flat-box"), "container.depth", 300));
  const beam = scene.marks.find((mark): mark is LineMark => mark.kind === "line" && mark.layer === "beam");
  const [hole, top] = beam?.points ?? [];
  if (hole === undefined || top === undefined) throw new Error("no sight is drawn");
  const slope = (hole.y - top.y) / (top.x - hole.x);
  for (const { height, away } of things) expect((2 * slope * away) / 2).toBeCloseTo(height, 6);
});

test("a hole over its sheet sees the sky alone: the ground and what lies under its lower sight are left out", () => {
  const small = testCamera("flat-box", { sheetHeight: 40 });
  const high = withField(small, "hole.above", 110);
  const beam = drawn(high).scene.marks.find((mark): mark is LineMark => mark.kind === "line" && mark.layer === "beam");
  const points = beam?.points ?? [];
  const hole = points[0]?.y ?? 0;
  for (const { y } of points) expect(y).toBeLessThanOrEqual(hole + 1e-9);
  expect(points.some(({ x, y }) => x > 0 && y < hole)).toBe(true);
});
