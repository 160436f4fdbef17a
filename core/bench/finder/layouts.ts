import {
  type Camera,
  type CameraKind,
  cameraKind,
  foldedSizes,
  HOLE_GAP,
  type HoleRule,
  sheetRoom,
} from "../../camera/container/index.ts";
import { type SheetFormat, sheetFit } from "../../camera/sheet/index.ts";
import type { FilmSpec } from "../../light/solve/index.ts";
import type { Face, Inside, Layout } from "./layout.ts";

/** What layouts are made of. */
export interface Stock {
  readonly formats: readonly SheetFormat[];
  /** Plate thicknesses that can be had, mm. */
  readonly plates: readonly number[];
}

/** A layout before its hole is chosen. */
export type Bare = Omit<Layout, "rule" | "diameter" | "plateThickness">;

const RULES: readonly Layout["rule"][] = ["petzval", "airy", "computed", "rayleigh", "zone"];
/** Radii a sheet is bowed to, as shares of the depth. */
const BOWS = [0.6, 1, 1.4, 2] as const;
/** Where a hole may stand besides the middle, as shares of the sheet's height. */
const RISES = [0, 0.25, -0.25] as const;
const WALL_RISES = [0, 0.15, -0.15, 0.3, -0.3] as const;
/** Between eyes, mm; common practice. */
const EYES = 65;

/** Every layout of a container but for the hole's size: {@link rulesOf} and plates multiply them. */
export function bareLayouts(camera: Camera, { formats }: Stock): readonly Bare[] {
  const { container } = camera;
  switch (container.shape) {
    case "box":
      return boxFaces(container).flatMap(([face, inside]) => inBox(face, inside, formats));
    case "cylinder":
      return [
        ...onWall("curled-can", container.diameter, container.height, formats, camera),
        ...onWall("far-wall-tin", container.diameter, container.height, formats, camera),
        ...underLid(container.diameter, container.height, formats),
      ];
    case "folded": {
      const { nearest, farthest, base } = foldedSizes(container);
      const steps = Array.from({ length: 11 }, (_, i) => i / 10).map((share) => nearest + share * (farthest - nearest));
      return steps.flatMap((depth) => inBox("front", { across: base, high: base, depth }, formats, "folded-box"));
    }
    case "drum":
      return inDrum(camera, formats);
    default:
      return container satisfies never;
  }
}

/** The rules that give a layout its hole. */
export function rulesOf(): readonly Exclude<HoleRule, "own">[] {
  return RULES;
}

/** The three ways to look into a box. */
function boxFaces({
  width,
  height,
  depth,
}: {
  readonly width: number;
  readonly height: number;
  readonly depth: number;
}): readonly (readonly [Face, Inside])[] {
  return [
    ["front", { across: width, high: height, depth }],
    ["side", { across: depth, high: height, depth: width }],
    ["top", { across: width, high: depth, depth: height }],
  ];
}

interface Piece {
  readonly format: SheetFormat;
  readonly width: number;
  readonly height: number;
  readonly used: number;
}

/** Every sheet both ways round: whole where it goes in, else trimmed to the room. */
function pieces(
  formats: readonly SheetFormat[],
  room: { width: number; height: number; diagonal?: number },
): readonly Piece[] {
  return formats.flatMap((format) => {
    const turned = { ...format, width: format.height, height: format.width };
    const ways = [format, turned].flatMap((way): Piece[] => {
      const goesIn =
        way.width <= room.width &&
        way.height <= room.height &&
        Math.hypot(way.width, way.height) <= (room.diagonal ?? Number.POSITIVE_INFINITY);
      if (goesIn) return [{ format, width: way.width, height: way.height, used: 1 }];
      if (format.kind === "frame") return [];
      const [width, height] = [
        Math.min(way.width, Math.floor(room.width)),
        Math.min(way.height, Math.floor(room.height)),
      ];
      const used = (width * height) / (format.width * format.height);
      return used >= 0.5 && room.diagonal === undefined ? [{ format, width, height, used }] : [];
    });
    if (room.diagonal === undefined || ways.length > 0) return ways;
    const fit = sheetFit(format, room);
    return fit.fit === "trimmed" ? [{ format, ...fit }] : [];
  });
}

function inBox(
  face: Face,
  inside: Inside,
  formats: readonly SheetFormat[],
  kind: CameraKind = "flat-box",
): readonly Bare[] {
  const { across, high, depth } = inside;
  const flat = pieces(formats, { width: across, height: high }).flatMap((piece) =>
    placed(kind, face, inside, piece, { surface: "flat", distance: depth, width: piece.width, height: piece.height }),
  );
  if (kind === "folded-box") return flat;
  const box = { shape: "box", width: across, height: high, depth, wall: 0 } as const;
  const bowed = BOWS.flatMap((share) => {
    const radius = share * depth;
    const room = sheetRoom(box, "curved-box", { radius, distance: depth });
    return pieces(formats, room).flatMap((piece) =>
      placed("curved-box", face, inside, piece, {
        surface: "cylinder",
        distance: depth,
        radius,
        width: piece.width,
        height: piece.height,
      }),
    );
  });
  return [...flat, ...bowed];
}

/** A sheet with the holes it may have: one in the middle, higher, lower; two side by side before a wide flat one. */
function placed(kind: CameraKind, face: Face, inside: Inside, piece: Piece, film: FilmSpec): readonly Bare[] {
  const { format, used } = piece;
  const base = { face, inside, film, format: { id: format.id, name: format.name }, used };
  const highest = inside.high / 2 - 5;
  const single = RISES.map((rise) => rise * film.height)
    .filter((y) => Math.abs(y) <= highest)
    .map((y): Bare => ({ ...base, kind, holes: [{ x: 0, y }] }));
  if (kind !== "flat-box" || film.width < 2.2 * EYES) return single;
  const pairs = [EYES, film.width / 2].map(
    (apart): Bare => ({
      ...base,
      kind: "stereo-box",
      holes: [
        { x: -apart / 2, y: 0 },
        { x: apart / 2, y: 0 },
      ],
    }),
  );
  return [...single, ...pairs];
}

function onWall(
  wanted: "curled-can" | "far-wall-tin",
  diameter: number,
  height: number,
  formats: readonly SheetFormat[],
  camera: Camera,
): readonly Bare[] {
  const kind = wanted === "curled-can" && cameraKind(camera) === "canister" ? "canister" : wanted;
  const round = Math.PI * diameter;
  const room = { width: wanted === "curled-can" ? round - HOLE_GAP : round / 2, height };
  return pieces(formats, room)
    .filter(({ width }) => (wanted === "curled-can" ? width > round / 2 : true))
    .flatMap(({ format, used, width, height: up }) => {
      const y = (up - height) / 2;
      const film: FilmSpec = {
        surface: "cylinder",
        distance: diameter,
        radius: diameter / 2,
        width,
        height: up,
        y,
      };
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

function underLid(diameter: number, height: number, formats: readonly SheetFormat[]): readonly Bare[] {
  const inside = { across: diameter, high: diameter, depth: height };
  return pieces(formats, { width: diameter, height: diameter, diagonal: diameter }).flatMap((piece) =>
    placed("lid-can", "lid", inside, piece, {
      surface: "flat",
      distance: height,
      width: piece.width,
      height: piece.height,
    }),
  );
}

/** Sheets between the vanes of a drum at several distances and radii. */
function inDrum(camera: Camera, formats: readonly SheetFormat[]): readonly Bare[] {
  const { container } = camera;
  if (container.shape !== "drum") return [];
  const hub = container.diameter / 2;
  const high = container.height / container.tiers;
  const inside = { across: container.diameter, high, depth: hub };
  return [0.35, 0.45, 0.5, 0.55, 0.6, 0.65, 0.7, 0.75].flatMap((share) =>
    BOWS.flatMap((bow) => {
      const distance = share * hub;
      const radius = bow * distance;
      const room = sheetRoom(container, "drum", { distance, radius });
      return pieces(formats, room).map(
        ({ format, used, width, height }): Bare => ({
          kind: "drum",
          face: "wall",
          inside,
          film: { surface: "cylinder", distance, radius, width, height },
          format: { id: format.id, name: format.name },
          used,
          holes: [{ x: 0, y: 0 }],
        }),
      );
    }),
  );
}
