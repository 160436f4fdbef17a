import { dimension, label, line, type Mark, type Point, type Scene } from "../../basis/drawing/index.ts";
import { type LengthUnit, MM_PER_INCH } from "../../basis/units/index.ts";
import {
  type Camera,
  cameraKind,
  type DesignField,
  type DesignLight,
  solveRequest,
} from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { sheetOnWall } from "../../camera/mounts/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { containerViews } from "./containerViews.ts";
import { benchHandles, type Handle, type SnapSizes } from "./handles.ts";
import { innerParts } from "./innerParts.ts";
import { type BenchLayout, benchLayout, sheetCentre, type View, type Viewport, WHOLE_VIEW } from "./layout.ts";
import { lightCone } from "./lightCone.ts";
import { sheetView } from "./sheetView.ts";

/** The Bench's drawing: what is drawn, what can be held, and where the views stand. */
export interface BenchDrawing {
  readonly scene: Scene;
  readonly handles: readonly Handle[];
  readonly layout: BenchLayout;
}

/** What is shown of a design besides itself. */
export interface Showing {
  /** Number of the hole that is worked on. */
  readonly hole?: number;
  readonly view?: View;
  /** Layout to keep while a handle is dragged. */
  readonly held?: BenchLayout | null;
  /** Whether lines of equal stops lost lie on the sheet. */
  readonly lines?: boolean;
  /** The maker's, for the bar that shows the scale. */
  readonly unit?: LengthUnit;
}

/** Below this many pixels a drawing has no room for words beside its scale. */
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
 * @returns the scene, what can be held in it, and where its views stand; mm
 * @example benchDrawing(box, light, { width: 900, height: 600 }, …).handles.map(({ id }) => id) // ["far-wall", "hole", …]
 */
export function benchDrawing(
  camera: Camera,
  light: DesignLight,
  viewport: Viewport,
  sizes: SnapSizes,
  figure: (mm: number) => string,
  { hole = 0, view = WHOLE_VIEW, held = null, lines = true, unit = "mm" }: Showing = {},
): BenchDrawing {
  const layout = benchLayout(camera, viewport, held, view);
  const models = camera.chambers[0].holes.map((_, index) => opticalModel(solveRequest(camera, light, index)));
  return {
    layout,
    handles: benchHandles(camera, layout, sizes),
    scene: {
      bounds: layout.bounds,
      marks: [
        ...models.flatMap((model) => lightCone(model, layout)),
        ...containerViews(camera, layout),
        ...innerParts(camera, layout),
        ...sheetView(camera, models, layout, lines),
        ...dimensions(camera, layout, figure, hole),
        ...scaleBar(layout, unit),
      ],
    },
  };
}

function dimensions(
  camera: Camera,
  layout: BenchLayout,
  figure: (mm: number) => string,
  hole: number,
): readonly Mark[] {
  const { pixel, front, depth, across, high, below, planMiddle, sideMiddle, sheetMiddle, wall } = layout;
  const { film, holes } = camera.chambers[0];
  const kind = cameraKind(camera);
  const measure = (from: Point, to: Point, offset: number, mm: number, field: DesignField): readonly Mark[] =>
    dimension({ from, to, offset: offset * pixel, text: figure(mm), size: FIGURE * pixel, field });
  const planTop = planMiddle - across / 2 - wall;
  const [left, right] = [front, front + depth];
  const sheet = sheetCentre(camera, layout);
  const sheetLeft = sheet.x - film.width / 2;
  const sheetTop = sheet.y - film.height / 2;
  const lowest = Math.max(sheetMiddle.y + high / 2, sheetTop + film.height);
  const farRight = Math.max(sheetMiddle.x + layout.roomWidth / 2, sheetLeft + film.width);
  const names = shapeOf(camera.container).dimensions(sheetOnWall(kind));
  const drilled = holes[hole] ?? holes[0];
  return [
    ...(names.along
      ? measure({ x: left, y: planTop }, { x: right, y: planTop }, 14, depth, names.along)
      : measure({ x: left, y: planTop }, { x: left + film.distance, y: planTop }, 14, film.distance, "film.distance")),
    ...(names.across
      ? measure(
          { x: right + wall, y: planMiddle - across / 2 },
          { x: right + wall, y: planMiddle + across / 2 },
          16,
          across,
          names.across,
        )
      : []),
    ...(names.high
      ? measure(
          { x: right + wall, y: sideMiddle - high / 2 },
          { x: right + wall, y: sideMiddle + high / 2 + below },
          16,
          high + below,
          names.high,
        )
      : []),
    ...(kindRecord(kind).holePlace.includes("hole.above")
      ? measure(
          { x: left - wall, y: sideMiddle + high / 2 },
          { x: left - wall, y: sideMiddle - (drilled.y ?? 0) },
          18,
          high / 2 + (drilled.y ?? 0),
          "hole.above",
        )
      : []),
    ...(holes.length === 2
      ? measure(
          { x: left - wall, y: planMiddle - (holes[0].x ?? 0) },
          { x: left - wall, y: planMiddle - (holes[1]?.x ?? 0) },
          -18,
          Math.abs((holes[1]?.x ?? 0) - (holes[0].x ?? 0)),
          "hole.base",
        )
      : []),
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

/** The bar that shows the scale, in each unit. */
const SCALE_BARS: Readonly<Record<LengthUnit, { readonly bar: number; readonly words: string }>> = {
  mm: { bar: 50, words: "50 mm" },
  in: { bar: 2 * MM_PER_INCH, words: "2 in" },
};

/** The bar that shows the scale, at the foot of the drawing. */
function scaleBar({ pixel, bounds }: BenchLayout, unit: LengthUnit): readonly Mark[] {
  const { bar, words } = SCALE_BARS[unit];
  const left = bounds.x + 22 * pixel;
  const y = bounds.y + bounds.height - 14 * pixel;
  const text = bounds.width / pixel < NARROW ? words : `${words} · inner sizes · hole side on the left`;
  return [
    line("dimension", { x: left, y }, { x: left + bar, y }),
    line("dimension", { x: left, y: y - 4 * pixel }, { x: left, y: y + 4 * pixel }),
    line("dimension", { x: left + bar, y: y - 4 * pixel }, { x: left + bar, y: y + 4 * pixel }),
    label(text, { x: left + bar + 8 * pixel, y }, 12 * pixel, { anchor: "start", layer: "label" }),
  ];
}
