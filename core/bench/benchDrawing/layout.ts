import type { Point, Rectangle } from "../../basis/drawing/index.ts";
import { type Camera, cameraBody, cameraKind, cameraRoom } from "../../camera/container/index.ts";
import { mountOf, sheetOnWall } from "../../camera/mounts/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";

/** The drawing area on the screen, CSS pixels. */
export interface Viewport {
  readonly width: number;
  readonly height: number;
}

/** Where the three views stand. All mm; `pixel` is one screen pixel in mm at the drawing's scale. */
export interface BenchLayout {
  readonly pixel: number;
  /** The part of the drawing that is shown. */
  readonly bounds: Rectangle;
  /** The hole's wall (z = 0, inside) of plan and side view: x on the page. */
  readonly front: number;
  /** Where the hole's plane is: z = 0 of the rays. Before the front where the plate is outside the wall. */
  readonly hole: number;
  /** Page y of the camera's middle in the plan (x = 0). */
  readonly planMiddle: number;
  /** Page y of the camera's middle in side and sheet view (y = 0). */
  readonly sideMiddle: number;
  /** Middle of the sheet view. */
  readonly sheetMiddle: Point;
  /** Inner depth, width (across) and height of the container (of one chamber's tier, in a drum). */
  readonly depth: number;
  readonly across: number;
  readonly high: number;
  /** Room for the sheet in the sheet view. */
  readonly roomWidth: number;
  /** What stands below that tier. */
  readonly below: number;
  /** The quarter over the sheet view, where nothing is drawn: room for the picture it will make. */
  readonly print: Rectangle;
  /** Thickness of the wall as drawn, mm: true, but never under four pixels. */
  readonly wall: number;
}

/** What part of the drawing is shown: 1 is all of it; the pan moves it, in CSS pixels. */
export interface View {
  readonly zoom: number;
  readonly panX: number;
  readonly panY: number;
}

export const WHOLE_VIEW: View = { zoom: 1, panX: 0, panY: 0 };

/** Space around the views, pixels. */
const EDGE = { left: 118, between: 92, right: 58, top: 40, rows: 76, bottom: 58 } as const;
const THINNEST_WALL = 5;
/** Space round the picture above the sheet view, whose name stands right under it; pixels. */
const PRINT = { top: 14, right: 22, below: 36 } as const;

/**
 * Plan above side view, sheet view beside it, all at one scale: as a workshop drawing has them.
 *
 * @param camera design with positive sizes
 * @param viewport area to fill
 * @param held layout of a moment ago whose scale and places are kept, so that a handle stays under the hand
 * @param view zoom and pan
 */
export function benchLayout(
  camera: Camera,
  viewport: Viewport,
  held: BenchLayout | null = null,
  view: View = WHOLE_VIEW,
): BenchLayout {
  const sizes = viewSizes(camera);
  const layout = held === null ? placed(camera, sizes, viewport, view) : { ...held, ...sizes };
  const { plateSide, wall } = camera.container;
  return { ...layout, hole: layout.front - (plateSide === "outside" ? wall : 0) };
}

type Sizes = Pick<BenchLayout, "depth" | "across" | "high" | "below" | "roomWidth">;

function viewSizes(camera: Camera): Sizes {
  const { depth, across, high } = cameraBody(camera);
  const { vanes, tiers } = shapeOf(camera.container);
  const below = (tiers - 1) * high;
  // All of a drum is drawn, not one chamber; of a wall all that goes round, gap and hole included.
  if (vanes !== null) {
    return { depth: vanes.diameter, across: vanes.diameter, high, below, roomWidth: cameraRoom(camera).width };
  }
  const roomWidth = mountOf(cameraKind(camera)).meetsHole ? Math.PI * depth : cameraRoom(camera).width;
  return { depth, across, high, below, roomWidth };
}

function placed(camera: Camera, sizes: Sizes, viewport: Viewport, view: View): Omit<BenchLayout, "hole"> {
  const { depth, across, high, below, roomWidth } = sizes;
  const { width: sheetWidth, height: sheetHeight } = camera.chambers[0].film;
  const widthMm = depth + Math.max(roomWidth, sheetWidth);
  const heightMm = across + Math.max(high + below, sheetHeight);
  const free = {
    width: Math.max(80, viewport.width - EDGE.left - EDGE.between - EDGE.right - 2 * THINNEST_WALL),
    height: Math.max(80, viewport.height - EDGE.top - EDGE.rows - EDGE.bottom - 4 * THINNEST_WALL),
  };
  const pixel = Math.max(widthMm / free.width, heightMm / free.height);
  const wall = Math.max(camera.container.wall, THINNEST_WALL * pixel);
  const spareX = viewport.width * pixel - widthMm - 2 * wall - (EDGE.left + EDGE.between + EDGE.right) * pixel;
  const spareY = viewport.height * pixel - heightMm - 4 * wall - (EDGE.top + EDGE.rows + EDGE.bottom) * pixel;
  const front = EDGE.left * pixel + wall + spareX * 0.3;
  const tallest = Math.max(high, sheetHeight);
  const planMiddle = EDGE.top * pixel + wall + across / 2 + spareY * 0.35;
  const sideMiddle = planMiddle + across / 2 + 2 * wall + EDGE.rows * pixel + spareY * 0.3 + tallest / 2;
  const seen = pixel / view.zoom;
  const sheetLeft = front + depth + wall + EDGE.between * pixel + spareX * 0.35;
  const printTop = PRINT.top * pixel;
  return {
    ...sizes,
    pixel: seen,
    bounds: {
      x: view.panX * pixel,
      y: view.panY * pixel,
      width: viewport.width * seen,
      height: viewport.height * seen,
    },
    front,
    planMiddle,
    sideMiddle,
    sheetMiddle: {
      x: sheetLeft + Math.max(roomWidth, sheetWidth) / 2,
      y: sideMiddle,
    },
    print: {
      x: sheetLeft,
      y: printTop,
      width: viewport.width * pixel - PRINT.right * pixel - sheetLeft,
      height: Math.max(0, sideMiddle - tallest / 2 - wall - PRINT.below * pixel - printTop),
    },
    wall,
  };
}

/** The sheet's outline in the sheet view, which is seen from its back: +s to the right, +t up. */
export function sheetOnPage(camera: Camera, layout: BenchLayout): Rectangle {
  const { width, height } = camera.chambers[0].film;
  const { x, y } = sheetCentre(camera, layout);
  return { x: x - width / 2, y: y - height / 2, width, height };
}

/** Page place of a sheet's middle in the sheet view. */
export function sheetCentre(camera: Camera, { sheetMiddle }: BenchLayout): Point {
  const { film } = camera.chambers[0];
  const aside = film.surface === "cylinder" ? (film.slide ?? 0) : (film.x ?? 0);
  return { x: sheetMiddle.x + aside, y: sheetMiddle.y - (film.y ?? 0) };
}

/** Whether heights are measured from the bottom that the sheet stands on. */
export function standsOnBottom(camera: Camera): boolean {
  return sheetOnWall(cameraKind(camera));
}

/** One of the drawing's views. */
export type ViewName = "plan" | "side" | "sheet" | "print";

/** Room for figures and handles round one view, pixels. */
const AROUND = { left: 56, top: 34, right: 44, bottom: 44 } as const;
/** Nothing is shown larger than so many times what it has in the whole drawing. */
export const LARGEST_ZOOM: number = 12;

/**
 * The view that shows one part of the drawing as large as goes into the viewport: for screens too small for all of it.
 *
 * @returns the whole view where that part fills it already
 * @example viewOn(box, { width: 360, height: 380 }, "sheet").zoom // 4.51…
 */
export function viewOn(camera: Camera, viewport: Viewport, part: ViewName): View {
  const layout = benchLayout(camera, viewport);
  const { pixel } = layout;
  const { x, y, width, height } = regionOf(camera, layout, part);
  const free = {
    width: viewport.width - AROUND.left - AROUND.right,
    height: viewport.height - AROUND.top - AROUND.bottom,
  };
  const zoom = Math.min(LARGEST_ZOOM, (free.width * pixel) / width, (free.height * pixel) / height);
  if (!(zoom > 1)) return WHOLE_VIEW;
  const middle = (from: number, size: number, before: number, room: number): number =>
    (from + size / 2) / pixel - (before + room / 2) / zoom;
  return {
    zoom,
    panX: middle(x, width, AROUND.left, free.width),
    panY: middle(y, height, AROUND.top, free.height),
  };
}

function regionOf(camera: Camera, layout: BenchLayout, part: ViewName): Rectangle {
  const { front, depth, across, high, below, wall, planMiddle, sideMiddle, sheetMiddle, roomWidth, print } = layout;
  const { width, height } = camera.chambers[0].film;
  const container = { x: front - wall, width: depth + 2 * wall };
  switch (part) {
    case "plan":
      return { ...container, y: planMiddle - across / 2 - wall, height: across + 2 * wall };
    case "side":
      return { ...container, y: sideMiddle - high / 2 - wall, height: high + below + 2 * wall };
    case "sheet": {
      const [wide, tall] = [Math.max(roomWidth, width), Math.max(high, height)];
      return { x: sheetMiddle.x - wide / 2, y: sheetMiddle.y - tall / 2, width: wide, height: tall };
    }
    case "print":
      return print;
  }
}
