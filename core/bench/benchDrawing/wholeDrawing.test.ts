import { type LabelMark, labelBox, type Rectangle } from "../../basis/drawing/index.ts";
import { type Camera, fieldValue, solveRequest, withField } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { sceneToSheet } from "../../light/rays/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { KINDS, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { benchDrawing, sheetOnPage, viewOn } from "./index.ts";

/** A desk's drawing, a smaller one's, and a large screen's. */
const VIEWPORTS = [
  { width: 716, height: 460 },
  { width: 540, height: 420 },
  { width: 1340, height: 700 },
] as const;
/** All sizes of a design, so many times larger: from a canister to a bin. */
const TIMES = [0.35, 1, 3] as const;

function scaled(camera: Camera, times: number): Camera {
  const lengths = kindRecord("flat-box").measures;
  return [...lengths, "container.diameter", "film.width", "film.height"].reduce<Camera>((now, field) => {
    const value = fieldValue(now, field as never, 0);
    return value == null ? now : withField(now, field as never, value * times);
  }, camera);
}

const drawn = (camera: Camera, viewport: { readonly width: number; readonly height: number }) =>
  benchDrawing(camera, PAPER_LIGHT, viewport, { widths: [], heights: [] }, (mm) => mm.toFixed(1));

const meet = (a: Rectangle, b: Rectangle, air: number): boolean =>
  a.x + a.width > b.x + air && b.x + b.width > a.x + air && a.y + a.height > b.y + air && b.y + b.height > a.y + air;

describe.each(KINDS)("the whole drawing of a %s", (kind) => {
  test.each(TIMES)("%p times as large: no words on others, none outside, nothing under the print", (times) => {
    const camera = scaled(testCamera(kind), times);
    for (const viewport of VIEWPORTS) {
      const { scene, layout } = drawn(camera, viewport);
      const { pixel, bounds, print } = layout;
      const labels = scene.marks.filter((mark): mark is LabelMark => mark.kind === "label");
      const boxes = labels.map((label) => ({ text: label.text, layer: label.layer, box: labelBox(label) }));
      // Figures of equal light stand on their lines, wherever these are; all else keeps its place.
      const fixed = boxes.filter(({ layer }) => layer !== "contour");
      const clashes = fixed.flatMap(({ text, box }, i) =>
        fixed.slice(i + 1).flatMap((other) => (meet(box, other.box, pixel) ? [`${text} on ${other.text}`] : [])),
      );
      const outside = boxes.filter(({ box }) => !meet(box, bounds, 0)).map(({ text }) => `${text} outside`);
      const covered = boxes.filter(({ box }) => meet(box, print, pixel)).map(({ text }) => `${text} under the print`);
      expect([viewport.width, ...clashes, ...outside, ...covered]).toEqual([viewport.width]);
    }
  });

  test("has its picture where the ray model has the sheet", () => {
    const camera = testCamera(kind);
    const { layout } = drawn(camera, VIEWPORTS[0]);
    const sheet = sheetOnPage(camera, layout);
    const { film } = camera.chambers[0];
    expect([sheet.width, sheet.height]).toEqual([film.width, film.height]);
    const { place, surface } = opticalModel(solveRequest(camera, PAPER_LIGHT));
    // What is straight ahead of the hole falls on the cross that the sheet view draws.
    const foot = sceneToSheet(place, surface, { azimuth: 0, elevation: 0 });
    const { scene } = drawn(camera, VIEWPORTS[0]);
    const axes = scene.marks.flatMap((mark) => (mark.kind === "line" && mark.layer === "axis" ? [mark.points] : []));
    const at = { x: sheet.x + sheet.width / 2 + (foot?.s ?? 0), y: sheet.y + sheet.height / 2 - (foot?.t ?? 0) };
    const cross = axes.some(([from, to]) =>
      from && to ? Math.hypot((from.x + to.x) / 2 - at.x, (from.y + to.y) / 2 - at.y) < 0.5 * layout.pixel : false,
    );
    expect(foot === null || cross).toBe(true);
  });

  test.each(["plan", "side", "sheet", "print"] as const)("shows its %s alone, all of it", (part) => {
    const camera = testCamera(kind);
    const viewport = { width: 358, height: 304 };
    const view = viewOn(camera, viewport, part);
    expect(view.zoom).toBeGreaterThanOrEqual(1);
    const { layout } = benchDrawing(camera, PAPER_LIGHT, viewport, { widths: [], heights: [] }, String, { view });
    const { bounds, sheetMiddle, front, planMiddle, sideMiddle, print, depth } = layout;
    const middle = {
      plan: { x: front + depth / 2, y: planMiddle },
      side: { x: front + depth / 2, y: sideMiddle + layout.below / 2 },
      sheet: sheetMiddle,
      print: { x: print.x + print.width / 2, y: print.y + print.height / 2 },
    }[part];
    // It stands near the middle, off by no more than what is kept free for figures on one side.
    expect(Math.abs(bounds.x + bounds.width / 2 - middle.x)).toBeLessThan(
      view.zoom === 1 ? bounds.width / 2 : 30 * layout.pixel,
    );
    expect(Math.abs(bounds.y + bounds.height / 2 - middle.y)).toBeLessThan(
      view.zoom === 1 ? bounds.height / 2 : 30 * layout.pixel,
    );
  });
});
