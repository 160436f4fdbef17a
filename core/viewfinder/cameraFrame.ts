import { contour, type Grid } from "../basis/drawing/index.ts";
import { type Camera, type DesignLight, pictureRequest } from "../camera/container/index.ts";
import type { Vector } from "../light/rays/index.ts";
import { type OpticalModel, opticalModel, sightGrid } from "../light/solve/index.ts";
import { outlinePlaces, sceneDirectionAt } from "./frame.ts";
import type { PicturePoint } from "./phoneModel.ts";

/** A row of points or directions; `null`: not there. */
type Row<T> = readonly (T | null)[];

/** What a camera sees, as lines: directions of its scene, or places of a phone's picture. */
export interface FrameLines<T> {
  /** Of each picture on the sheet, from its upper left corner clockwise. */
  readonly outlines: readonly Row<T>[];
  /** Where so many stops are lost, in short pieces. */
  readonly stops: readonly { readonly lost: number; readonly pieces: readonly Row<T>[] }[];
}

/** The lines of stops lost that are drawn. */
const LOST = [1, 2, 3] as const;
const COLUMNS = 25;
const ROWS = 19;

/**
 * What a camera will see, as lines over its scene: one frame for each hole, bowed where its sheet is. It depends on the
 * camera alone: {@link linesSeen} draws it however a phone is held.
 *
 * @param points on each side of an outline
 * @returns directions, unit vectors: x to the right, y up, −z ahead
 * @source PHYSICS section 17; stops lost: sections 2 and 5
 * @example cameraFrame(pair, paper).outlines.length // 2
 */
export function cameraFrame(camera: Camera, light: DesignLight, points = 16): FrameLines<Vector> {
  const models = camera.chambers[0].holes.map((_, hole) => opticalModel(pictureRequest(camera, light, hole)));
  return {
    outlines: models.map((model) => outlinePlaces(model, points).map((place) => sceneDirectionAt(model, place))),
    stops: models.flatMap(stopLines),
  };
}

/**
 * The same lines as a phone sees them.
 *
 * @param seen by the phone as it is held
 * @example linesSeen({ outlines: [[null]], stops: [] }, () => [1, 2]).outlines // [[[1, 2]]]
 */
export function linesSeen(
  { outlines, stops }: FrameLines<Vector>,
  seen: (direction: Vector | null) => PicturePoint | null,
): FrameLines<PicturePoint> {
  return {
    outlines: outlines.map((outline) => outline.map(seen)),
    stops: stops.map(({ lost, pieces }) => ({ lost, pieces: pieces.map((piece) => piece.map(seen)) })),
  };
}

function stopLines(model: OpticalModel): FrameLines<Vector>["stops"] {
  const { columns, rows, stops, placeOf } = sightGrid([model], 0, COLUMNS, ROWS);
  const grid: Grid = {
    columns,
    rows,
    values: stops,
    at: (column, row) => {
      const { s, t } = placeOf(column, row);
      return { x: s, y: t };
    },
  };
  return LOST.map((lost) => ({
    lost,
    pieces: contour(grid, lost).map(({ points }) => points.map(({ x, y }) => sceneDirectionAt(model, { s: x, t: y }))),
  }));
}
