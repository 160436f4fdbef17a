import { type Camera, cameraKind, sheetRoom } from "../container/index.ts";
import type { Point } from "../drawing/index.ts";

/** The drawing area on the screen, CSS pixels. */
export interface Viewport {
  readonly width: number;
  readonly height: number;
}

/** Where the three views stand. All mm; `pixel` is one screen pixel in mm at the drawing's scale. */
export interface Layout {
  readonly pixel: number;
  readonly width: number;
  readonly height: number;
  /** The hole's wall (z = 0, inside) of plan and side view: x on the page. */
  readonly front: number;
  /** Page y of the camera's middle in the plan (x = 0). */
  readonly planMiddle: number;
  /** Page y of the camera's middle in side and sheet view (y = 0). */
  readonly sideMiddle: number;
  /** Middle of the sheet view. */
  readonly sheetMiddle: Point;
  /** Inner depth, width (across) and height of the container. */
  readonly depth: number;
  readonly across: number;
  readonly high: number;
  /** Room for the sheet in the sheet view. */
  readonly roomWidth: number;
  /** Thickness of the wall as drawn, mm: true, but never under four pixels. */
  readonly wall: number;
}

/** Space around the views, pixels. */
const EDGE = { left: 118, between: 92, right: 58, top: 40, rows: 76, bottom: 58 } as const;
const THINNEST_WALL = 5;

/**
 * Plan above side view, sheet view beside it, all at one scale: as a workshop drawing has them.
 *
 * @param camera design with positive sizes
 * @param viewport area to fill
 * @param held layout of a moment ago whose scale and places are kept, so that a handle stays under the hand
 */
export function benchLayout(camera: Camera, viewport: Viewport, held: Layout | null = null): Layout {
  const { container } = camera;
  const depth = container.shape === "box" ? container.depth : container.diameter;
  const across = container.shape === "box" ? container.width : container.diameter;
  const high = container.height;
  const kind = cameraKind(camera);
  const roomWidth =
    kind === "flat-box" ? across : kind === "far-wall-tin" ? sheetRoom(container, kind).width : Math.PI * depth;
  const { width: sheetWidth, height: sheetHeight } = camera.chambers[0].film;
  const widthMm = depth + Math.max(roomWidth, sheetWidth);
  const heightMm = across + Math.max(high, sheetHeight);
  const free = {
    width: Math.max(80, viewport.width - EDGE.left - EDGE.between - EDGE.right - 2 * THINNEST_WALL),
    height: Math.max(80, viewport.height - EDGE.top - EDGE.rows - EDGE.bottom - 4 * THINNEST_WALL),
  };
  const pixel = Math.max(widthMm / free.width, heightMm / free.height);
  const wall = Math.max(container.wall, THINNEST_WALL * pixel);
  const spareX = viewport.width * pixel - widthMm - 2 * wall - (EDGE.left + EDGE.between + EDGE.right) * pixel;
  const spareY = viewport.height * pixel - heightMm - 4 * wall - (EDGE.top + EDGE.rows + EDGE.bottom) * pixel;
  const front = EDGE.left * pixel + wall + spareX * 0.3;
  const tallest = Math.max(high, sheetHeight);
  const planMiddle = EDGE.top * pixel + wall + across / 2 + spareY * 0.35;
  const sideMiddle = planMiddle + across / 2 + 2 * wall + EDGE.rows * pixel + spareY * 0.3 + tallest / 2;
  return {
    pixel,
    width: viewport.width * pixel,
    height: viewport.height * pixel,
    front,
    planMiddle,
    sideMiddle,
    sheetMiddle: {
      x: front + depth + wall + EDGE.between * pixel + spareX * 0.35 + Math.max(roomWidth, sheetWidth) / 2,
      y: sideMiddle,
    },
    depth,
    across,
    high,
    roomWidth,
    wall,
    ...(held && {
      pixel: held.pixel,
      width: held.width,
      height: held.height,
      front: held.front,
      planMiddle: held.planMiddle,
      sideMiddle: held.sideMiddle,
      sheetMiddle: held.sheetMiddle,
      wall: held.wall,
    }),
  };
}
