import { contour, type Grid, label, line, type Mark, type Point, rectangle } from "../../basis/drawing/index.ts";
import { type Camera, cameraBody } from "../../camera/container/index.ts";
import { sceneToSheet } from "../../light/rays/index.ts";
import { type OpticalModel, sightGrid } from "../../light/solve/index.ts";
import { type BenchLayout, sheetCentre, sheetOnPage } from "./layout.ts";

const COLUMNS = 33;
const ROWS = 25;

/** The sheet seen through its back towards the hole: the wall it lies on, its edges, lines of equal stops lost. */
export function sheetView(
  camera: Camera,
  models: readonly OpticalModel[],
  layout: BenchLayout,
  lines = true,
): readonly Mark[] {
  const { pixel, sheetMiddle, roomWidth, high, wall } = layout;
  const { film } = camera.chambers[0];
  const centre = sheetCentre(camera, layout);
  const at = (s: number, t: number): Point => ({ x: centre.x + s, y: centre.y - t });
  const cross = 6 * pixel;
  const crosses = models.flatMap(({ place, surface }) => {
    const foot = sceneToSheet(place, surface, { azimuth: 0, elevation: 0 });
    if (foot === null) return [];
    const { x, y } = at(foot.s, foot.t);
    return [
      line("axis", { x: x - cross, y }, { x: x + cross, y }),
      line("axis", { x, y: y - cross }, { x, y: y + cross }),
    ];
  });
  const frame: Mark =
    cameraBody(camera).face === "disc"
      ? { kind: "circle", layer: "guide", centre: sheetMiddle, radius: high / 2 }
      : rectangle("guide", {
          x: sheetMiddle.x - roomWidth / 2,
          y: sheetMiddle.y - high / 2,
          width: roomWidth,
          height: high,
        });
  return [
    frame,
    rectangle("sheet", sheetOnPage(camera, layout)),
    ...(lines ? stopLines(models, camera.chambers[0].divider ?? 0, at, pixel) : []),
    ...crosses,
    label(
      film.surface === "cylinder" ? "SHEET UNROLLED, FROM ITS BACK" : "SHEET, FROM ITS BACK",
      { x: sheetMiddle.x - roomWidth / 2, y: sheetMiddle.y - Math.max(high, film.height) / 2 - wall - 16 * pixel },
      11 * pixel,
      { layer: "stamp", anchor: "start" },
    ),
  ];
}

function stopLines(
  models: readonly OpticalModel[],
  divider: number,
  at: (s: number, t: number) => Point,
  pixel: number,
): readonly Mark[] {
  const [first, ...others] = models;
  if (first === undefined) return [];
  const { columns, rows, stops, margin, placeOf } = sightGrid([first, ...others], divider, COLUMNS, ROWS);
  const grid = (values: Float64Array): Grid => ({
    columns,
    rows,
    values,
    at: (column, row) => {
      const { s, t } = placeOf(column, row);
      return at(s, t);
    },
  });
  const lines = [
    ...[0.5, 1, 2, 3].map((level) => ({ text: `−${level}`, pieces: contour(grid(stops), level) })),
    { text: "dark", pieces: contour(grid(margin), 0) },
  ];
  return lines.flatMap(({ text, pieces }) => {
    const ends = pieces.flatMap(({ points }) => points);
    const lowest = ends.reduce<Point | null>((a, b) => (a === null || b.y > a.y ? b : a), null);
    if (lowest === null) return [];
    return [...pieces, label(text, { x: lowest.x, y: lowest.y - 7 * pixel }, 10 * pixel, { layer: "contour" })];
  });
}
