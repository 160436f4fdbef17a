import { type Camera, type DesignField, type DesignLight, solveRequest } from "../container/index.ts";
import { dimension, label, line, type Mark, type Point, type Scene } from "../drawing/index.ts";
import { opticalModel } from "../solve/index.ts";
import { containerViews } from "./containerViews.ts";
import { benchHandles, type Handle, type SnapSizes } from "./handles.ts";
import { benchLayout, type Layout, type Viewport } from "./layout.ts";
import { lightCone } from "./lightCone.ts";
import { sheetView } from "./sheetView.ts";

/** The Bench's drawing: what is drawn, what can be held, and where the views stand. */
export interface BenchDrawing {
  readonly scene: Scene;
  readonly handles: readonly Handle[];
  readonly layout: Layout;
}

/** Below this many pixels a drawing has no room for words in its title. */
const NARROW = 560;
/** Height of figures, pixels. */
const FIGURE = 12;

/**
 * A design drawn to scale: plan, side and sheet view with light cone, walls, sheet, lines of equal fall-off, dimensions.
 *
 * @param camera design with positive sizes
 * @param light of its medium
 * @param viewport area in CSS pixels; the scale fills it
 * @param sizes of catalogued sheets, to snap to
 * @param figure writes a length as it stands on a dimension line
 * @param held layout to keep while a handle is dragged
 */
export function benchDrawing(
  camera: Camera,
  light: DesignLight,
  viewport: Viewport,
  sizes: SnapSizes,
  figure: (mm: number) => string,
  held: Layout | null = null,
): BenchDrawing {
  const layout = benchLayout(camera, viewport, held);
  const model = opticalModel(solveRequest(camera, light));
  return {
    layout,
    handles: benchHandles(camera, layout, sizes),
    scene: {
      bounds: { x: 0, y: 0, width: layout.width, height: layout.height },
      marks: [
        ...lightCone(model, layout),
        ...containerViews(camera, layout),
        ...sheetView(camera, model, layout),
        ...dimensions(camera, layout, figure),
        ...titleBlock(camera, layout),
      ],
    },
  };
}

function dimensions(camera: Camera, layout: Layout, figure: (mm: number) => string): readonly Mark[] {
  const { pixel, front, depth, across, high, planMiddle, sideMiddle, sheetMiddle, wall } = layout;
  const { film, holes } = camera.chambers[0];
  const box = camera.container.shape === "box";
  const measure = (from: Point, to: Point, offset: number, mm: number, field: DesignField): readonly Mark[] =>
    dimension({ from, to, offset: offset * pixel, text: figure(mm), size: FIGURE * pixel, field });
  const planTop = planMiddle - across / 2 - wall;
  const floor = sideMiddle + high / 2;
  const [left, right] = [front, front + depth];
  const sheetLeft = sheetMiddle.x + ((box ? film.x : film.slide) ?? 0) - film.width / 2;
  const sheetTop = sheetMiddle.y - (film.y ?? 0) - film.height / 2;
  const lowest = Math.max(sheetMiddle.y + high / 2, sheetTop + film.height);
  const farRight = Math.max(sheetMiddle.x + layout.roomWidth / 2, sheetLeft + film.width);
  return [
    ...measure(
      { x: left, y: planTop },
      { x: right, y: planTop },
      14,
      depth,
      box ? "container.depth" : "container.diameter",
    ),
    ...(box
      ? measure(
          { x: right + wall, y: planMiddle - across / 2 },
          { x: right + wall, y: planMiddle + across / 2 },
          16,
          across,
          "container.width",
        )
      : []),
    ...measure(
      { x: right + wall, y: sideMiddle - high / 2 },
      { x: right + wall, y: sideMiddle + high / 2 },
      16,
      high,
      "container.height",
    ),
    ...measure(
      { x: left - wall, y: floor },
      { x: left - wall, y: sideMiddle - (holes[0].y ?? 0) },
      18,
      high / 2 + (holes[0].y ?? 0),
      "hole.above",
    ),
    ...measure({ x: sheetLeft + film.width, y: lowest }, { x: sheetLeft, y: lowest }, 16, film.width, "film.width"),
    ...measure(
      { x: farRight, y: sheetTop },
      { x: farRight, y: sheetTop + film.height },
      16,
      film.height,
      "film.height",
    ),
  ];
}

/** The drawing's title, in its upper right corner: its name and its scale as a bar of 50 mm. */
function titleBlock(camera: Camera, { pixel, width, planMiddle, across, wall }: Layout): readonly Mark[] {
  const bar = 50;
  const right = width - 22 * pixel;
  const top = Math.max(16 * pixel, planMiddle - across / 2 - wall - 22 * pixel);
  const row = (text: string, y: number, size: number, layer: "label" | "stamp"): Mark =>
    label(text, { x: right, y: top + y * pixel }, size * pixel, { anchor: "end", layer });
  const y = top + 52 * pixel;
  return [
    row(camera.name.toUpperCase(), 6, 13, "stamp"),
    ...(width / pixel < NARROW ? [] : [row("inner sizes · hole side on the left", 26, 12, "label")]),
    line("dimension", { x: right - bar, y }, { x: right, y }),
    line("dimension", { x: right - bar, y: y - 4 * pixel }, { x: right - bar, y: y + 4 * pixel }),
    line("dimension", { x: right, y: y - 4 * pixel }, { x: right, y: y + 4 * pixel }),
    label("50 mm", { x: right - bar - 6 * pixel, y }, 12 * pixel, { anchor: "end", layer: "label" }),
  ];
}
