import { type Camera, cameraBody, EYES, sheetRoom } from "../../camera/container/index.ts";
import type { CameraKind, FinderFamily } from "../../camera/kinds/index.ts";
import { SHAPES, shapeOf } from "../../camera/shapes/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";
import type { FilmSpec } from "../../light/solve/index.ts";
import type { Face, Inside, Layout } from "./layout.ts";
import { type Piece, pieces } from "./pieces.ts";

/** A layout before its hole is chosen. */
export type Bare = Omit<Layout, "rule" | "diameter" | "plateThickness">;

/** Radii a sheet is bowed to, as shares of the depth. */
const BOWS = [0.6, 1, 1.4, 2] as const;

/** Where a hole may stand besides the middle, as shares of the sheet's height. */
const RISES = [0, 0.25, -0.25] as const;
const WALL_RISES = [0, 0.15, -0.15, 0.3, -0.3] as const;

/** The three ways to look into a box. */
function boxFaces(camera: Camera): readonly (readonly [Face, Inside])[] {
  const { across, high, depth } = cameraBody(camera);
  return [
    ["front", { across, high, depth }],
    ["side", { across: depth, high, depth: across }],
    ["top", { across, high: depth, depth: high }],
  ];
}

/** Sheets flat on the back of an inside. */
function flatPieces(
  { across, high, depth }: Inside,
  formats: readonly SheetFormat[],
): readonly (readonly [Piece, FilmSpec])[] {
  return pieces(formats, { width: across, height: high }).map((piece) => [
    piece,
    { surface: "flat", distance: depth, width: piece.width, height: piece.height },
  ]);
}

function flat(face: Face, inside: Inside, { kind, formats }: Material): readonly Bare[] {
  return flatPieces(inside, formats).flatMap(([piece, film]) => placed(kind, face, inside, piece, film));
}

/** Two holes side by side before a wide flat sheet: as far apart as eyes, or each before its own half. */
function pairs(face: Face, inside: Inside, { kind, formats }: Material): readonly Bare[] {
  return flatPieces(inside, formats)
    .filter(([, film]) => film.width >= 2.2 * EYES)
    .flatMap(([{ format, used }, film]) =>
      [EYES, film.width / 2].map(
        (apart): Bare => ({
          face,
          inside,
          film,
          format: { id: format.id, name: format.name },
          used,
          kind,
          holes: [
            { x: -apart / 2, y: 0 },
            { x: apart / 2, y: 0 },
          ],
        }),
      ),
    );
}

function bowed(face: Face, inside: Inside, { kind, formats }: Material): readonly Bare[] {
  const { across, high, depth } = inside;
  const box = SHAPES.box.from(
    { "container.width": across, "container.height": high, "container.depth": depth },
    { wall: 0 },
  );
  return BOWS.flatMap((share) => {
    const radius = share * depth;
    return pieces(formats, sheetRoom(box, kind, { radius, distance: depth })).flatMap((piece) =>
      placed(kind, face, inside, piece, {
        surface: "cylinder",
        distance: depth,
        radius,
        width: piece.width,
        height: piece.height,
      }),
    );
  });
}

/** Two boxes slid to eleven distances. */
function slid({ kind, camera, formats }: Material): readonly Bare[] {
  const { reach, body } = shapeOf(camera.container);
  if (reach === null) return [];
  const [nearest, farthest] = reach;
  return Array.from({ length: 11 }, (_, i) => nearest + (i / 10) * (farthest - nearest)).flatMap((distance) =>
    flat("front", body(false, distance), { kind, camera, formats }),
  );
}

/** A sheet with the hole in the middle, higher, lower. */
function placed(kind: CameraKind, face: Face, inside: Inside, piece: Piece, film: FilmSpec): readonly Bare[] {
  const { format, used } = piece;
  const { across, high, depth } = inside;
  const base = { face, inside: { across, high, depth }, film, format: { id: format.id, name: format.name }, used };
  return RISES.map((rise) => rise * film.height)
    .filter((y) => Math.abs(y) <= high / 2 - 5)
    .map((y): Bare => ({ ...base, kind, holes: [{ x: 0, y }] }));
}

/** Sheets along a round wall, standing on the bottom, the hole at several heights. */
function onWall({ kind, camera, formats }: Material): readonly Bare[] {
  const { across: diameter, high: height } = shapeOf(camera.container).body(true, 0);
  return pieces(formats, sheetRoom(camera.container, kind)).flatMap(({ format, used, width, height: up }) => {
    const y = (up - height) / 2;
    const film: FilmSpec = { surface: "cylinder", distance: diameter, radius: diameter / 2, width, height: up, y };
    return WALL_RISES.map((rise) => y + rise * up)
      .filter((at) => Math.abs(at) < height / 2 - 5)
      .map(
        (at): Bare => ({
          kind,
          face: "wall",
          inside: { across: diameter, high: height, depth: diameter },
          film,
          format: { id: format.id, name: format.name },
          used,
          holes: [{ x: 0, y: at }],
        }),
      );
  });
}

function underLid({ kind, camera, formats }: Material): readonly Bare[] {
  const { across, high, depth } = shapeOf(camera.container).body(false, 0);
  return pieces(formats, sheetRoom(camera.container, kind)).flatMap((piece) =>
    placed(kind, "lid", { across, high, depth }, piece, {
      surface: "flat",
      distance: depth,
      width: piece.width,
      height: piece.height,
    }),
  );
}

/** Sheets between the vanes of a drum at several distances and radii. */
function betweenVanes({ kind, camera, formats }: Material): readonly Bare[] {
  const { depth: hub, high } = cameraBody(camera);
  return [0.35, 0.45, 0.5, 0.55, 0.6, 0.65, 0.7, 0.75].flatMap((share) =>
    BOWS.flatMap((bow) => {
      const distance = share * hub;
      const radius = bow * distance;
      return pieces(formats, sheetRoom(camera.container, kind, { distance, radius })).map(
        ({ format, used, width, height }): Bare => ({
          kind,
          face: "wall",
          inside: { across: 2 * hub, high, depth: hub },
          film: { surface: "cylinder", distance, radius, width, height },
          format: { id: format.id, name: format.name },
          used,
          holes: [{ x: 0, y: 0 }],
        }),
      );
    }),
  );
}

/** What a family makes its layouts from. */
export interface Material {
  readonly kind: CameraKind;
  readonly camera: Camera;
  readonly formats: readonly SheetFormat[];
}

export const FAMILIES: Readonly<Record<FinderFamily, (from: Material) => readonly Bare[]>> = {
  flat: (from) => boxFaces(from.camera).flatMap(([face, inside]) => flat(face, inside, from)),
  pair: (from) => boxFaces(from.camera).flatMap(([face, inside]) => pairs(face, inside, from)),
  bowed: (from) => boxFaces(from.camera).flatMap(([face, inside]) => bowed(face, inside, from)),
  slid,
  "round wall": (from) => onWall(from).filter(({ film }) => film.width > (Math.PI * film.distance) / 2),
  "far wall": onWall,
  "under the lid": underLid,
  "between the vanes": betweenVanes,
};
