import { type Camera, cameraKind, type DesignField, sheetRoom } from "../container/index.ts";
import type { Point } from "../drawing/index.ts";
import type { Layout } from "./layout.ts";

/** How one direction of a handle changes a size: mm of the size for a mm on the page. */
export interface Pull {
  readonly field: DesignField;
  readonly perMm: number;
  /** Values worth stopping at, mm. */
  readonly snaps: readonly number[];
}

/** A point of the drawing one can take hold of. */
export interface Handle {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  readonly across: Pull | null;
  readonly up: Pull | null;
}

/** Sizes that sheets come in: a dragged sheet stops at them. */
export interface SnapSizes {
  readonly widths: readonly number[];
  readonly heights: readonly number[];
}

/**
 * The handles of a design: far wall (depth or diameter), hole, sheet's corner (size), sheet's middle (place).
 *
 * @param camera design
 * @param layout of the same drawing
 * @param sizes of catalogued sheets, to snap to
 */
export function benchHandles(camera: Camera, layout: Layout, sizes: SnapSizes): readonly Handle[] {
  const { front, depth, planMiddle, sideMiddle, sheetMiddle } = layout;
  const { film, holes } = camera.chambers[0];
  const [hole] = holes;
  const box = camera.container.shape === "box";
  const room = sheetRoom(camera.container, cameraKind(camera));
  const slide = (box ? film.x : film.slide) ?? 0;
  const filmY = film.y ?? 0;
  const centre = { x: sheetMiddle.x + slide, y: sheetMiddle.y - filmY };
  const holeY = hole.y ?? 0;
  const handles: Handle[] = [
    {
      id: "far-wall",
      name: box ? "Depth" : "Diameter",
      at: { x: front + depth, y: sideMiddle - filmY },
      across: { field: box ? "container.depth" : "container.diameter", perMm: 1, snaps: [] },
      up: null,
    },
    {
      id: "hole-side",
      name: "Hole, up and down",
      at: { x: front, y: sideMiddle - holeY },
      across: null,
      up: { field: "hole.above", perMm: 1, snaps: [0, filmY].map((y) => y + camera.container.height / 2) },
    },
    {
      id: "sheet-corner",
      name: "Sheet size",
      at: { x: centre.x + film.width / 2, y: centre.y - film.height / 2 },
      across: { field: "film.width", perMm: 2, snaps: [...sizes.widths, room.width] },
      // A can's sheet stands on the bottom and grows upwards; a box's grows from its middle.
      up: { field: "film.height", perMm: box ? 2 : 1, snaps: [...sizes.heights, room.height] },
    },
    {
      id: "sheet-middle",
      name: "Sheet place",
      at: centre,
      across: { field: box ? "film.x" : "film.slide", perMm: 1, snaps: [0] },
      up: { field: "film.y", perMm: 1, snaps: [0, box ? holeY : (film.height - camera.container.height) / 2] },
    },
  ];
  if (box) {
    const holeX = hole.x ?? 0;
    handles.push({
      id: "hole-plan",
      name: "Hole, sideways",
      at: { x: front, y: planMiddle - holeX },
      across: null,
      up: { field: "hole.x", perMm: 1, snaps: [0, film.x ?? 0] },
    });
  }
  return handles;
}
