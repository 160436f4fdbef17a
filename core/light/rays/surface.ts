import type { Vector } from "./vector.ts";

/** A flat sheet, perhaps leaning. Tilts in radians, strictly within ±π/2; tiltX is applied first. */
export interface FlatSurface {
  readonly kind: "flat";
  readonly x: number;
  readonly y: number;
  readonly distance: number;
  readonly tiltX: number;
  readonly tiltY: number;
}

/** A sheet on the inside of an upright cylinder, concave to the hole; its axis is x = `x`, z = `distance − radius`. */
export interface CylinderSurface {
  readonly kind: "cylinder";
  readonly x: number;
  readonly y: number;
  readonly distance: number;
  readonly radius: number;
  /** Arc length by which the sheet's centre is moved round the axis, mm. */
  readonly slide: number;
}

/** Where a sheet stands in the camera: lengths in mm. Sheet coordinates (s, t) run from its centre, s with +x, t with +y. */
export type Surface = FlatSurface | CylinderSurface;

/** A point of the sheet: place in the camera and unit normal to the inside (the emulsion's side). */
export interface SheetPoint {
  readonly place: Vector;
  readonly normal: Vector;
}

/**
 * The point of a surface with sheet coordinates (s, t).
 *
 * @param s, t millimetres from the sheet's centre, along the curve where it is curved
 * @returns place and unit normal in camera axes, mm
 * @source FORMAT, “Axes”: e_s = (cos tY, 0, −sin tY), e_t = (−sin tX sin tY, cos tX, −sin tX cos tY), n_f = −e_s × e_t
 * @example surfacePoint({ kind: "flat", x: 0, y: 0, distance: 60, tiltX: 0, tiltY: 0 }, 5, 2).place // (5, 2, 60)
 */
export function surfacePoint(surface: Surface, s: number, t: number): SheetPoint {
  if (surface.kind === "cylinder") {
    const angle = (s + surface.slide) / surface.radius;
    const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
    return {
      place: {
        x: surface.x + surface.radius * sin,
        y: surface.y + t,
        z: surface.distance - surface.radius * (1 - cos),
      },
      normal: { x: -sin, y: 0, z: -cos },
    };
  }
  const { across, up, normal } = flatFrame(surface);
  return {
    place: {
      x: surface.x + s * across.x + t * up.x,
      y: surface.y + s * across.y + t * up.y,
      z: surface.distance + s * across.z + t * up.z,
    },
    normal,
  };
}

/** Unit vectors of a flat sheet: e_s, e_t and the normal to the inside. */
export function flatFrame(surface: FlatSurface): { across: Vector; up: Vector; normal: Vector } {
  const [sinX, cosX] = [Math.sin(surface.tiltX), Math.cos(surface.tiltX)];
  const [sinY, cosY] = [Math.sin(surface.tiltY), Math.cos(surface.tiltY)];
  return {
    across: { x: cosY, y: 0, z: -sinY },
    up: { x: -sinX * sinY, y: cosX, z: -sinX * cosY },
    normal: { x: -sinY * cosX, y: -sinX, z: -cosX * cosY },
  };
}
