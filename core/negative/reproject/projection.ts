import type { PlanePoint } from "../../basis/plane/index.ts";
import type { SceneDirection } from "../../light/rays/index.ts";
import type { ProjectionId } from "../model/proofSettings.ts";

/** One way from scene directions to an upright picture: X to the right, Y up, the chosen direction in the middle. */
export interface Projection {
  readonly toPicture: (direction: SceneDirection) => PlanePoint | null;
  readonly toScene: (x: number, y: number) => SceneDirection | null;
  /** Greatest |X| and |Y| there are. */
  readonly reach: number;
}

/** A straight picture goes so far to each side of its middle. PHYSICS section 11. */
const STRAIGHT_REACH = Math.tan(Math.PI / 3);

/**
 * *Straight*: what a flat plate would have seen; straight lines of the scene stay straight.
 *
 * @param towards the direction in the middle, radians
 * @returns X = D·r/D·f, Y = D·u/D·f with f the scene direction in the middle, r = (cos a, 0, sin a), u = r × f
 * @source PHYSICS section 11; gnomonic projection, J. P. Snyder, Map Projections: A Working Manual (1987), eq. 22-3, from memory
 * @example rectilinear({ azimuth: 0, elevation: 0 }).toPicture({ azimuth: Math.PI / 4, elevation: 0 }) // to { x: 1, y: 0 }
 */
function rectilinear({ azimuth: a, elevation: e }: SceneDirection): Projection {
  const f = { x: Math.cos(e) * Math.sin(a), y: Math.sin(e), z: -Math.cos(e) * Math.cos(a) };
  const r = { x: Math.cos(a), z: Math.sin(a) };
  const u = { x: -r.z * f.y, y: r.z * f.x - r.x * f.z, z: r.x * f.y };
  return {
    reach: STRAIGHT_REACH,
    toPicture: ({ azimuth, elevation }) => {
      const flat = Math.cos(elevation);
      const d = { x: flat * Math.sin(azimuth), y: Math.sin(elevation), z: -flat * Math.cos(azimuth) };
      const ahead = d.x * f.x + d.y * f.y + d.z * f.z;
      if (ahead <= 0) return null;
      return { x: (d.x * r.x + d.z * r.z) / ahead, y: (d.x * u.x + d.y * u.y + d.z * u.z) / ahead };
    },
    toScene: (x, y) => {
      const d = { x: f.x + x * r.x + y * u.x, y: f.y + y * u.y, z: f.z + x * r.z + y * u.z };
      return { azimuth: Math.atan2(d.x, -d.z), elevation: Math.atan2(d.y, Math.hypot(d.x, d.z)) };
    },
  };
}

/**
 * *Round*: as if rolled off an upright cylinder; upright lines stay straight.
 *
 * @returns X = azimuth − a, Y = tan elevation − tan e, radians
 * @source PHYSICS section 11; central cylindrical projection
 * @example cylindrical({ azimuth: 0, elevation: 0 }).toPicture({ azimuth: 0.5, elevation: 0 }) // to { x: 0.5, y: 0 }
 */
function cylindrical({ azimuth: a, elevation: e }: SceneDirection): Projection {
  return {
    reach: Math.PI,
    toPicture: ({ azimuth, elevation }) => ({ x: azimuth - a, y: Math.tan(elevation) - Math.tan(e) }),
    toScene: (x, y) => ({ azimuth: x + a, elevation: Math.atan(y + Math.tan(e)) }),
  };
}

/**
 * *Even*: a degree is as long everywhere, to the side and up.
 *
 * @returns X = azimuth − a, Y = elevation − e, radians
 * @source PHYSICS section 11; equirectangular projection
 * @example equirectangular({ azimuth: 0, elevation: 0 }).toPicture({ azimuth: 0.5, elevation: 0.25 }) // to { x: 0.5, y: 0.25 }
 */
function equirectangular({ azimuth: a, elevation: e }: SceneDirection): Projection {
  return {
    reach: Math.PI,
    toPicture: ({ azimuth, elevation }) => ({ x: azimuth - a, y: elevation - e }),
    toScene: (x, y) => {
      const elevation = y + e;
      return Math.abs(elevation) >= Math.PI / 2 ? null : { azimuth: x + a, elevation };
    },
  };
}

/** The projections that look through the camera, by their names in FORMAT. */
export const PROJECTIONS: Readonly<Record<Exclude<ProjectionId, "lay">, (towards: SceneDirection) => Projection>> = {
  straight: rectilinear,
  round: cylindrical,
  even: equirectangular,
};
