import type { PlanePoint } from "../../basis/plane/index.ts";
import { type SceneDirection, type SheetPlace, sceneToSheet, sheetToScene } from "../../light/rays/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";
import type { ProjectionId } from "../model/proofSettings.ts";
import type { SheetInScan } from "../scan/sheetInScan.ts";
import { PROJECTIONS, type Projection } from "./projection.ts";

/** The raster of an upright picture, and where each of its places lies on the sheet. */
export interface PictureFrame {
  readonly width: number;
  readonly height: number;
  /** Pixels for one unit of X and Y: millimetres as it lay, else radians or tangents. */
  readonly scale: number;
  /** Sheet place of a place of the raster (px, from its upper left corner), or `null` where none lands. */
  readonly toSheet: (x: number, y: number) => SheetPlace | null;
  /** Place of the raster of a sheet place, or `null`. */
  readonly toPicture: (place: SheetPlace) => PlanePoint | null;
}

/** How a sheet is to be laid flat. */
export interface Unbending {
  readonly projection: ProjectionId;
  /** The direction in the middle, radians; means nothing as it lay. */
  readonly towards: SceneDirection;
  /** Pixels across; `null`: one pixel of the scan for one of the picture, at its middle. */
  readonly width: number | null;
}

/**
 * The raster that just holds a sheet: as wide as asked, the middle of the picture in its middle.
 *
 * @param model the camera; only *as it lay* does without
 * @returns `null` where nothing of the sheet lies in that direction
 * @source FORMAT, `POST /api/proof`; PHYSICS section 11
 * @example pictureFrame(sheet, null, { projection: "lay", towards: ahead, width: 1270 }).scale // 10 for a sheet of 127 mm …
 */
export function pictureFrame(sheet: SheetInScan, model: OpticalModel | null, how: Unbending): PictureFrame | null {
  if (how.projection === "lay" || model === null) return layFrame(sheet, how.width);
  const projection = PROJECTIONS[how.projection](how.towards);
  const seen = throughCamera(model, projection);
  const half = extent(sheet, projection, seen);
  if (half === null) return null;
  const width = how.width ?? Math.max(1, Math.round(2 * half.x * scanScale(sheet, seen)));
  return framed({ ...half, ...seen }, width);
}

interface Ways {
  readonly sheetOf: (x: number, y: number) => SheetPlace | null;
  readonly pictureOf: (place: SheetPlace) => PlanePoint | null;
}

function layFrame(sheet: SheetInScan, asked: number | null): PictureFrame {
  const width = asked ?? Math.max(1, Math.round(sheet.width * sheet.pixelsPerMm));
  const scale = width / sheet.width;
  const height = Math.max(1, Math.round((width * sheet.height) / sheet.width));
  // The sheet exactly: rounding its height stretches it by less than a pixel.
  const down = height / sheet.height;
  return {
    width,
    height,
    scale,
    toSheet: (x, y) => ({ s: sheet.width / 2 - x / scale, t: y / down - sheet.height / 2 }),
    toPicture: ({ s, t }) => ({ x: (sheet.width / 2 - s) * scale, y: (t + sheet.height / 2) * down }),
  };
}

function framed({ x, y, sheetOf, pictureOf }: PlanePoint & Ways, width: number): PictureFrame {
  const scale = width / (2 * x);
  const height = Math.max(1, Math.round(2 * y * scale));
  return {
    width,
    height,
    scale,
    toSheet: (column, row) => sheetOf((column - width / 2) / scale, (height / 2 - row) / scale),
    toPicture: (place) => {
      const to = pictureOf(place);
      return to === null ? null : { x: width / 2 + to.x * scale, y: height / 2 - to.y * scale };
    },
  };
}

function throughCamera({ place, surface }: OpticalModel, { toPicture, toScene, reach }: Projection): Ways {
  return {
    sheetOf: (x, y) => {
      if (Math.abs(x) > reach || Math.abs(y) > reach) return null;
      const direction = toScene(x, y);
      return direction === null ? null : sceneToSheet(place, surface, direction);
    },
    pictureOf: (at) => {
      const direction = sheetToScene(place, surface, at);
      return direction === null ? null : toPicture(direction);
    },
  };
}

/** Places along an edge at which it is looked how far the picture reaches. */
const ALONG = 1000;
/** Halvings between a place that is seen and one that is not. */
const HALVINGS = 40;

/** How far from its middle a picture reaches to the side and up, so that it just holds the sheet. */
function extent(
  { width, height }: SheetInScan,
  { reach }: Projection,
  { sheetOf, pictureOf }: Ways,
): PlanePoint | null {
  let [x, y] = [0, 0];
  const take = (to: PlanePoint | null): void => {
    if (to === null) return;
    x = Math.max(x, Math.abs(to.x));
    y = Math.max(y, Math.abs(to.y));
  };
  const seen = (place: SheetPlace): PlanePoint | null => {
    const to = pictureOf(place);
    return to === null || Math.abs(to.x) > reach || Math.abs(to.y) > reach ? null : to;
  };
  for (const edge of edgesOf(width / 2, height / 2)) {
    for (let i = 0; i < ALONG; i++) {
      const [here, next] = [edge(i / ALONG), edge((i + 1) / ALONG)];
      const [a, b] = [seen(here), seen(next)];
      take(a);
      if ((a === null) !== (b === null)) take(lastSeen(seen, a === null ? [next, here] : [here, next]));
    }
  }
  // Where the sheet goes on past what a straight picture may hold, its own edge is the end.
  for (const edge of edgesOf(reach, reach)) {
    for (let i = 0; i < ALONG; i++) {
      const { s, t } = edge(i / ALONG);
      const place = sheetOf(s, t);
      if (place !== null && Math.abs(place.s) <= width / 2 && Math.abs(place.t) <= height / 2) take({ x: s, y: t });
    }
  }
  return x > 0 && y > 0 ? { x, y } : null;
}

function edgesOf(x: number, y: number): readonly ((share: number) => SheetPlace)[] {
  return [
    (share) => ({ s: x * (2 * share - 1), t: y }),
    (share) => ({ s: x, t: y * (1 - 2 * share) }),
    (share) => ({ s: x * (1 - 2 * share), t: -y }),
    (share) => ({ s: -x, t: y * (2 * share - 1) }),
  ];
}

function lastSeen(
  seen: (place: SheetPlace) => PlanePoint | null,
  [inside, outside]: readonly [SheetPlace, SheetPlace],
): PlanePoint | null {
  let [a, b] = [inside, outside];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = { s: (a.s + b.s) / 2, t: (a.t + b.t) / 2 };
    if (seen(middle) === null) b = middle;
    else a = middle;
  }
  return seen(a);
}

/** A small step in the picture, in its own unit. */
const STEP = 1e-4;

/** Pixels of the scan for one unit of X and Y, in the middle of the picture, or in the sheet's where that sees nothing. */
function scanScale(sheet: SheetInScan, { sheetOf, pictureOf }: Ways): number {
  const scan = (x: number, y: number): PlanePoint | null => {
    const place = sheetOf(x, y);
    return place === null ? null : sheet.toScan(place.s, place.t);
  };
  for (const at of [{ x: 0, y: 0 }, pictureOf({ s: 0, t: 0 })]) {
    if (at === null) continue;
    const [left, right] = [scan(at.x - STEP, at.y), scan(at.x + STEP, at.y)];
    const [below, above] = [scan(at.x, at.y - STEP), scan(at.x, at.y + STEP)];
    if (left === null || right === null || below === null || above === null) continue;
    const [xx, yx] = [(right.x - left.x) / (2 * STEP), (right.y - left.y) / (2 * STEP)];
    const [xy, yy] = [(above.x - below.x) / (2 * STEP), (above.y - below.y) / (2 * STEP)];
    return Math.sqrt(Math.abs(xx * yy - xy * yx));
  }
  return sheet.pixelsPerMm;
}
