import type { Camera } from "../container/index.ts";
import { contour, type Grid, label, line, type Mark, type Point, rectangle } from "../drawing/index.ts";
import { illumination, openMargin, rayTo, stopsLost } from "../rays/index.ts";
import type { OpticalModel } from "../solve/index.ts";
import type { Layout } from "./layout.ts";

const COLUMNS = 33;
const ROWS = 25;
/** Where more is lost, or all, the contour grid holds this: it keeps the lines below it smooth. */
const MOST_STOPS = 5;

/** The sheet seen through its back towards the hole: the wall it lies on, its edges, lines of equal stops lost. */
export function sheetView(camera: Camera, model: OpticalModel, layout: Layout): readonly Mark[] {
  const { pixel, sheetMiddle, roomWidth, high, wall } = layout;
  const { film } = camera.chambers[0];
  const across = camera.container.shape === "box" ? (film.x ?? 0) : (film.slide ?? 0);
  const left = sheetMiddle.x + across - film.width / 2;
  const top = sheetMiddle.y - (film.y ?? 0) - film.height / 2;
  const at = (s: number, t: number): Point => ({ x: left + film.width / 2 + s, y: top + film.height / 2 - t });
  const holeAt = {
    x: sheetMiddle.x + (camera.container.shape === "box" ? (model.place.x ?? 0) : 0),
    y: sheetMiddle.y - model.place.y,
  };
  const cross = 6 * pixel;
  return [
    rectangle("guide", {
      x: sheetMiddle.x - roomWidth / 2,
      y: sheetMiddle.y - high / 2,
      width: roomWidth,
      height: high,
    }),
    rectangle("sheet", { x: left, y: top, width: film.width, height: film.height }),
    ...stopLines(model, at, pixel),
    line("axis", { x: holeAt.x - cross, y: holeAt.y }, { x: holeAt.x + cross, y: holeAt.y }),
    line("axis", { x: holeAt.x, y: holeAt.y - cross }, { x: holeAt.x, y: holeAt.y + cross }),
    label(
      camera.container.shape === "box" ? "SHEET, FROM ITS BACK" : "SHEET UNROLLED, FROM ITS BACK",
      { x: sheetMiddle.x - roomWidth / 2, y: sheetMiddle.y - Math.max(high, film.height) / 2 - wall - 16 * pixel },
      11 * pixel,
      { layer: "stamp", anchor: "start" },
    ),
  ];
}

function stopLines(model: OpticalModel, at: (s: number, t: number) => Point, pixel: number): readonly Mark[] {
  const { stops, margin } = grids(model, at);
  const rows = [
    ...[0.5, 1, 2, 3].map((level) => ({ text: `−${level}`, pieces: contour(stops, level) })),
    { text: "dark", pieces: contour(margin, 0) },
  ];
  return rows.flatMap(({ text, pieces }) => {
    const ends = pieces.flatMap(({ points }) => points);
    const lowest = ends.reduce<Point | null>((a, b) => (a === null || b.y > a.y ? b : a), null);
    if (lowest === null) return [];
    return [...pieces, label(text, { x: lowest.x, y: lowest.y - 7 * pixel }, 10 * pixel, { layer: "contour" })];
  });
}

/** Stops lost, and the margin left until the hole is hidden, over the sheet. */
function grids(model: OpticalModel, at: (s: number, t: number) => Point): { stops: Grid; margin: Grid } {
  const place = (column: number, row: number): readonly [number, number] => [
    model.width * (column / (COLUMNS - 1) - 0.5),
    model.height * (row / (ROWS - 1) - 0.5),
  ];
  const stops = new Float64Array(COLUMNS * ROWS);
  const margin = new Float64Array(COLUMNS * ROWS);
  for (let row = 0; row < ROWS; row++) {
    for (let column = 0; column < COLUMNS; column++) {
      const ray = rayTo(model.place, model.surface, ...place(column, row));
      const lost = stopsLost(illumination(model.aperture, model.distance, ray));
      const index = row * COLUMNS + column;
      stops[index] = Math.min(MOST_STOPS, lost ?? MOST_STOPS);
      margin[index] = ray.inSight ? Math.max(-1, openMargin(model.aperture, ray.slope)) : -1;
    }
  }
  const grid = (values: Float64Array): Grid => ({
    columns: COLUMNS,
    rows: ROWS,
    values,
    at: (column, row) => at(...place(column, row)),
  });
  return { stops: grid(stops), margin: grid(margin) };
}
