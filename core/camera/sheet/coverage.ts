import { opticalModel, type SolveResult, sheetStops } from "../../light/solve/index.ts";
import { type Camera, cameraRoom, type DesignLight, solveRequest, withSheet } from "../container/index.ts";
import type { Room } from "../mounts/index.ts";
import type { SheetFormat } from "./format.ts";

/** How a format goes into a container: whole, cut down, or not at all. */
export interface SheetFit {
  readonly fit: "whole" | "trimmed" | "no";
  /** Size as it stands in the camera (the part that goes in, where it must be trimmed), mm. */
  readonly width: number;
  readonly height: number;
  /** Share of the sheet that is used, 0 to 1. */
  readonly used: number;
}

/** One row of the coverage table. */
export interface Coverage extends SheetFit {
  readonly format: SheetFormat;
  readonly stops: SolveResult["stopsLost"] | null;
}

/** Cutting away more than half makes another sheet the better choice; our own limit. */
const LEAST_KEPT = 0.5;
const HAIR = 1e-6;

/**
 * How a format goes into a container's sheet room, the better way round: whole if either way goes in, else trimmed to
 * full millimetres if at least half is kept, else not. Frames of roll film can't be trimmed.
 *
 * @param format nominal size, mm
 * @param room largest sheet the container takes, mm
 * @returns size as it stands in the camera and the share used
 * @example sheetFit({ …fourByFive }, { width: 165, height: 120 }) // { fit: "whole", width: 127, height: 101.6, used: 1 }
 */
export function sheetFit(format: SheetFormat, room: Room): SheetFit {
  const ways = [
    { width: format.width, height: format.height },
    { width: format.height, height: format.width },
  ];
  const goesIn = ({ width, height }: { width: number; height: number }): boolean =>
    width <= room.width + HAIR &&
    height <= room.height + HAIR &&
    Math.hypot(width, height) <= (room.diagonal ?? Number.POSITIVE_INFINITY) + HAIR;
  const whole = ways.find(goesIn);
  if (whole) return { fit: "whole", ...whole, used: 1 };
  const area = format.width * format.height;
  const [best] = ways
    .map(({ width, height }) => ({ width: cut(width, room.width), height: cut(height, room.height) }))
    .map((size) => withinDiagonal(size, room.diagonal))
    .map((size) => ({ ...size, used: (size.width * size.height) / area }))
    .sort((a, b) => b.used - a.used);
  if (best === undefined || format.kind === "frame" || best.used < LEAST_KEPT) {
    return { fit: "no", width: format.width, height: format.height, used: 0 };
  }
  return { fit: "trimmed", ...best };
}

/** Cut down in proportion until the corners fit a round back, in full millimetres. */
function withinDiagonal(
  size: { width: number; height: number },
  diagonal = Number.POSITIVE_INFINITY,
): { width: number; height: number } {
  const share = diagonal / Math.hypot(size.width, size.height);
  return share >= 1 ? size : { width: Math.floor(size.width * share), height: Math.floor(size.height * share) };
}

function cut(size: number, room: number): number {
  return size <= room + HAIR ? size : Math.floor(room);
}

/**
 * Every format tried in a camera: fit, and the stops lost at corners and edges with the hole opposite the sheet's middle.
 *
 * @param camera design; its hole, plate and opening are used as they are
 * @param light of the medium
 * @param formats catalogue rows
 * @returns a row for every format, in their order; `stops` is `null` for what does not go in
 * @example coverage(box, paper, []) // []
 */
export function coverage(camera: Camera, light: DesignLight, formats: readonly SheetFormat[]): readonly Coverage[] {
  const room = cameraRoom(camera);
  return formats.map((format) => {
    const fit = sheetFit(format, room);
    if (fit.fit === "no") return { format, ...fit, stops: null };
    const placed = withSheet(camera, { ...fit, format: format.id, trimmed: fit.fit === "trimmed" });
    return { format, ...fit, stops: sheetStops(opticalModel(solveRequest(placed, light))) };
  });
}
