import { bodyOf } from "./body.ts";
import type { Camera, CameraKind, ChamberFilm, Container, DrumContainer } from "./camera.ts";
import { cameraKind } from "./camera.ts";
import { traitsOf } from "./traits.ts";

/** Left free at the hole between the two ends of a curled sheet, mm. Common practice: about 10 mm. */
export const HOLE_GAP = 10;

/** Side of a square plate, mm: about a thumbnail, 3/4 in; common practice. */
export const PLATE_SIZE = 19;

const RADIANS = Math.PI / 180;

/** The largest sheet a wall takes, mm. */
export interface Room {
  readonly width: number;
  readonly height: number;
  /** The longest diagonal, where the back is a disc. */
  readonly diagonal?: number;
}

/** How a sheet stands, as far as the room for it depends on that. */
export type Stand = Pick<ChamberFilm, "tiltX" | "tiltY" | "radius" | "distance" | "x">;

/**
 * The room for a sheet in a container: the far wall of a box; round the wall of a can less the gap at the hole; half
 * round for a sheet that lies only across the far wall; as far as walls, front or vanes let a leaning or bowed one go.
 *
 * @example sheetRoom({ shape: "cylinder", diameter: 66.6, height: 168, wall: 0.1 }, "curled-can").width // 199.2…
 */
export function sheetRoom(container: Container, kind: CameraKind, stand: Stand = { distance: 0 }): Room {
  const { depth, across, high } = bodyOf(container, kind, stand.distance);
  switch (traitsOf(kind).lies) {
    case "round the wall":
      return { width: Math.PI * across - HOLE_GAP, height: high };
    case "on the far wall":
      return { width: (Math.PI * across) / 2, height: high };
    case "leaning":
      return {
        width: leaningRoom(across, depth, (stand.tiltY ?? 0) * RADIANS),
        height: leaningRoom(high, depth, (stand.tiltX ?? 0) * RADIANS),
      };
    case "bowed":
      return {
        width: container.shape === "drum" ? drumArc(container, stand) : boxArc(across, depth, stand),
        height: high,
      };
    case "on the back":
      return container.shape === "cylinder"
        ? { width: across, height: high, diagonal: across }
        : { width: across, height: high };
    default:
      return traitsOf(kind).lies as never;
  }
}

/** {@link sheetRoom} for a design as it stands. */
export function cameraRoom(camera: Camera): Room {
  return sheetRoom(camera.container, cameraKind(camera), camera.chambers[0].film);
}

/** The longest side that leans by `tilt` between two walls `across` apart and within `depth`. */
function leaningRoom(across: number, depth: number, tilt: number): number {
  return Math.min(across / Math.cos(tilt), depth / Math.max(1e-9, Math.abs(Math.sin(tilt))));
}

/** The longest arc of a bowed sheet whose middle is at `distance`: its ends meet the side walls, the front or each other. */
function boxArc(across: number, depth: number, { radius = depth, distance = depth, x = 0 }: Stand): number {
  const aside = Math.max(0, across / 2 - Math.abs(x));
  const bySide = radius <= aside ? Math.PI : Math.asin(aside / radius);
  const byFront = distance >= 2 * radius ? Math.PI : Math.acos(1 - distance / radius);
  const once = 2 * Math.PI * radius - HOLE_GAP;
  return Math.min(2 * radius * Math.min(bySide, byFront), once);
}

const DRUM_STEPS = 400;

/** The longest arc between two vanes: x ≤ (R − z)·tan(π/sectors) all along it. */
function drumArc(container: DrumContainer, { radius = 0, distance }: Stand): number {
  const hub = container.diameter / 2;
  const spread = Math.tan(Math.PI / Math.max(3, container.sectors));
  const clear = (angle: number): boolean => {
    const z = distance - radius * (1 - Math.cos(angle));
    return z > 0 && radius * Math.sin(angle) <= (hub - z) * spread;
  };
  let reach = 0;
  for (let step = 1; step <= DRUM_STEPS; step++) {
    const angle = ((Math.PI / 2) * step) / DRUM_STEPS;
    if (!clear(angle)) break;
    reach = angle;
  }
  return 2 * radius * reach;
}
