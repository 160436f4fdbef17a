import { type SheetFormat, sheetFit } from "../../camera/sheet/index.ts";

/** A sheet as it would go in, and the share of it that is used. */
export interface Piece {
  readonly format: SheetFormat;
  readonly width: number;
  readonly height: number;
  readonly used: number;
}

/** Every sheet both ways round: whole where it goes in, else trimmed to the room. */
export function pieces(
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
