import type { CameraKind, Container } from "./camera.ts";

/** Left free at the hole between the two ends of a curled sheet, mm. Common practice: about 10 mm. */
export const HOLE_GAP = 10;

/** Side of a square plate, mm: about a thumbnail, 3/4 in; common practice. */
export const PLATE_SIZE = 19;

/** The largest sheet a wall takes, mm. */
export interface Room {
  readonly width: number;
  readonly height: number;
}

/**
 * The room for a sheet in a container: the far wall of a box; round the wall of a can less the gap at the hole; half
 * round for a sheet that lies only across the far wall.
 *
 * @example sheetRoom({ shape: "cylinder", diameter: 66.6, height: 168, wall: 0.1 }, "curled-can").width // 199.2…
 */
export function sheetRoom(container: Container, kind: CameraKind): Room {
  if (container.shape === "box") return { width: container.width, height: container.height };
  const round = Math.PI * container.diameter;
  return { width: kind === "far-wall-tin" ? round / 2 : round - HOLE_GAP, height: container.height };
}
