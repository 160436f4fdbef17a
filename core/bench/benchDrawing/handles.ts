import type { Point } from "../../basis/drawing/index.ts";
import { DEGREES } from "../../basis/units/index.ts";
import { type Camera, cameraKind, cameraRoom, type DesignField } from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { sheetOnWall } from "../../camera/mounts/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import { surfacePoint } from "../../light/rays/index.ts";
import { surfaceOf } from "../../light/solve/index.ts";
import { type BenchLayout, sheetCentre, standsOnBottom } from "./layout.ts";

/** How one direction of a handle changes a size: mm (or degrees) of the size for a mm on the page. */
export interface Pull {
  readonly field: DesignField;
  readonly perMm: number;
  /** Values worth stopping at, mm. */
  readonly snaps: readonly number[];
  /** Where it is centred; left out where there is no middle. */
  readonly home?: number;
}

/** A point of the drawing one can take hold of. */
export interface Handle {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
  readonly across: Pull | null;
  readonly up: Pull | null;
  /** Number of the hole it moves. */
  readonly hole?: number;
}

/** Sizes that sheets come in: a dragged sheet stops at them. */
export interface SnapSizes {
  readonly widths: readonly number[];
  readonly heights: readonly number[];
}

/** Angles worth stopping at, degrees. */
const TILTS = [-45, -30, 0, 30, 45];

/**
 * The handles of a design: far wall (depth or diameter) or sliding sheet, each hole, the sheet's corner (size), its
 * middle (place), its end (tilt or radius).
 *
 * @param camera design
 * @param layout of the same drawing
 * @param sizes of catalogued sheets, to snap to
 */
export function benchHandles(camera: Camera, layout: BenchLayout, sizes: SnapSizes): readonly Handle[] {
  return [
    depthHandle(camera, layout),
    ...camera.chambers[0].holes.flatMap((_, hole) => holeHandles(camera, layout, hole)),
    ...sheetHandles(camera, layout, sizes),
    ...bendHandles(camera, layout),
  ];
}

function depthHandle(camera: Camera, { front, depth, sideMiddle }: BenchLayout): Handle {
  const { film } = camera.chambers[0];
  const { slides, far } = shapeOf(camera.container);
  const field = far(sheetOnWall(cameraKind(camera)));
  return {
    id: "far-wall",
    name: slides ? "Hole to sheet" : field === "container.diameter" ? "Diameter" : "Depth",
    at: { x: front + (slides ? film.distance : depth), y: sideMiddle - (film.y ?? 0) },
    across: { field, perMm: 1, snaps: [] },
    up: null,
  };
}

function holeHandles(camera: Camera, layout: BenchLayout, index: number): readonly Handle[] {
  const { holePlace } = kindRecord(cameraKind(camera));
  if (holePlace.length === 0) return [];
  const { hole: front, planMiddle, sideMiddle, high } = layout;
  const { film, holes } = camera.chambers[0];
  const { x = 0, y = 0 } = holes[index] ?? holes[0];
  const [suffix, number] = index === 0 ? ["", ""] : [`-${index + 1}`, ` ${index + 1}`];
  const side: Handle = {
    id: `hole-side${suffix}`,
    name: `Hole${number}, up and down`,
    at: { x: front, y: sideMiddle - y },
    across: null,
    up: {
      field: "hole.above",
      perMm: 1,
      snaps: [0, film.y ?? 0].map((at) => at + high / 2),
      home: (film.y ?? 0) + high / 2,
    },
    hole: index,
  };
  if (!holePlace.includes("hole.x")) return [side];
  const plan: Handle = {
    id: `hole-plan${suffix}`,
    name: `Hole${number}, sideways`,
    at: { x: front, y: planMiddle - x },
    across: null,
    up: { field: "hole.x", perMm: 1, snaps: [0, film.x ?? 0], home: film.x ?? 0 },
    hole: index,
  };
  return [side, plan];
}

function sheetHandles(camera: Camera, layout: BenchLayout, sizes: SnapSizes): readonly Handle[] {
  const { film, holes } = camera.chambers[0];
  const room = cameraRoom(camera);
  const centre = sheetCentre(camera, layout);
  const onBottom = standsOnBottom(camera);
  const lowest = (film.height - layout.high) / 2;
  const level = onBottom ? lowest : (holes[0].y ?? 0);
  return [
    {
      id: "sheet-corner",
      name: "Sheet size",
      at: { x: centre.x + film.width / 2, y: centre.y - film.height / 2 },
      across: { field: "film.width", perMm: 2, snaps: [...sizes.widths, room.width] },
      // A can's sheet stands on the bottom and grows upwards; a box's grows from its middle.
      up: { field: "film.height", perMm: onBottom ? 1 : 2, snaps: [...sizes.heights, room.height] },
    },
    {
      id: "sheet-middle",
      name: "Sheet place",
      at: centre,
      across: { field: film.surface === "cylinder" ? "film.slide" : "film.x", perMm: 1, snaps: [0], home: 0 },
      up: { field: "film.y", perMm: 1, snaps: [0, level], home: level },
    },
  ];
}

/** Ends of a leaning or bowed sheet: pulled, they change its tilt or its radius. */
function bendHandles(camera: Camera, { hole: front, planMiddle, sideMiddle }: BenchLayout): readonly Handle[] {
  const { film } = camera.chambers[0];
  const { measures } = kindRecord(cameraKind(camera));
  const surface = surfaceOf(film);
  if (measures.includes("film.tiltY")) {
    const right = surfacePoint(surface, film.width / 2, 0).place;
    const top = surfacePoint(surface, 0, film.height / 2).place;
    return [
      {
        id: "tilt-plan",
        name: "Lean, to the side",
        at: { x: front + right.z, y: planMiddle - right.x },
        across: { field: "film.tiltY", perMm: -DEGREES / (film.width / 2), snaps: TILTS, home: 0 },
        up: null,
      },
      {
        id: "tilt-side",
        name: "Lean, to the top",
        at: { x: front + top.z, y: sideMiddle - top.y },
        across: { field: "film.tiltX", perMm: -DEGREES / (film.height / 2), snaps: TILTS, home: 0 },
        up: null,
      },
    ];
  }
  if (!measures.includes("film.radius")) return [];
  const end = surfacePoint(surface, film.width / 2, 0).place;
  const radius = film.radius ?? film.distance;
  return [
    {
      id: "bow",
      name: "Radius of the sheet",
      at: { x: front + end.z, y: planMiddle - end.x },
      // The end stands w²/8R before the middle: how far the radius must change for a mm of that.
      across: {
        field: "film.radius",
        perMm: Math.min(50, (8 * radius ** 2) / film.width ** 2),
        snaps: [film.distance, film.distance / 2],
      },
      up: null,
    },
  ];
}
