import { type CylinderSurface, type FlatSurface, flatFrame, type Surface, surfacePoint } from "./surface.ts";
import { dot, EDGE_ON, length, subtract, type Vector } from "./vector.ts";

/** A direction in the scene, radians: azimuth positive to the right, elevation from the horizontal plane, positive up. */
export interface SceneDirection {
  readonly azimuth: number;
  readonly elevation: number;
}

/** Place on the sheet in mm from its centre. */
export interface SheetPlace {
  readonly s: number;
  readonly t: number;
}

/**
 * Where light from a scene direction lands on the (endless) sheet surface.
 *
 * @param hole place of the hole, mm; its axis is +z
 * @param surface flat, leaning or cylindrical sheet
 * @param direction in the scene, |azimuth| < π/2 to reach the inside
 * @returns sheet coordinates, or `null` where the light misses the surface, is parallel to it or would strike its back
 * @source FORMAT, “Axes”: D = (cos el·sin az, sin el, −cos el·cos az), light travels along −D
 * @example sceneToSheet({ x: 0, y: 0, z: 0 }, flatAt60, { azimuth: Math.PI / 4, elevation: 0 }) // { s: -60, t: 0 }
 */
export function sceneToSheet(hole: Vector, surface: Surface, direction: SceneDirection): SheetPlace | null {
  const flat = Math.cos(direction.elevation);
  const light: Vector = {
    x: -flat * Math.sin(direction.azimuth),
    y: -Math.sin(direction.elevation),
    z: flat * Math.cos(direction.azimuth),
  };
  if (light.z <= EDGE_ON) return null;
  return surface.kind === "flat" ? landOnFlat(hole, surface, light) : landOnCylinder(hole, surface, light);
}

function landOnFlat(hole: Vector, surface: FlatSurface, light: Vector): SheetPlace | null {
  const { across, up, normal } = flatFrame(surface);
  const towards = dot(light, normal);
  if (towards >= -EDGE_ON) return null;
  const centre: Vector = { x: surface.x, y: surface.y, z: surface.distance };
  const reach = dot(subtract(centre, hole), normal) / towards;
  if (reach <= 0) return null;
  const fromCentre = subtract(
    { x: hole.x + reach * light.x, y: hole.y + reach * light.y, z: hole.z + reach * light.z },
    centre,
  );
  return { s: dot(fromCentre, across), t: dot(fromCentre, up) };
}

function landOnCylinder(hole: Vector, surface: CylinderSurface, light: Vector): SheetPlace | null {
  const { radius, slide } = surface;
  const x = hole.x - surface.x;
  const z = hole.z - (surface.distance - radius);
  // |(x, z) + reach·light| = radius in the plane; the larger root leaves the cylinder, so it strikes the inside.
  const a = light.x * light.x + light.z * light.z;
  const b = x * light.x + z * light.z;
  const c = (Math.hypot(x, z) - radius) * (Math.hypot(x, z) + radius);
  const root = b * b - a * c;
  // √root / radius is the cosine between the light and the normal where it lands.
  if (root <= (EDGE_ON * radius) ** 2) return null;
  const reach = b <= 0 ? (Math.sqrt(root) - b) / a : -c / (b + Math.sqrt(root));
  if (reach <= 0) return null;
  const angle = Math.atan2(x + reach * light.x, z + reach * light.z) - slide / radius;
  const nearest = angle - 2 * Math.PI * Math.round(angle / (2 * Math.PI));
  return { s: nearest * radius, t: hole.y + reach * light.y - surface.y };
}

/**
 * The scene direction that lands at a sheet place: the inverse of {@link sceneToSheet}, exact to 1e-9 mm inside the sheet.
 *
 * @returns direction in radians, or `null` where the place cannot see through the hole
 * @example sheetToScene({ x: 0, y: 0, z: 0 }, flatAt60, { s: 60, t: 0 }).azimuth // -0.785398163397448
 */
export function sheetToScene(hole: Vector, surface: Surface, place: SheetPlace): SceneDirection | null {
  const point = surfacePoint(surface, place.s, place.t);
  const out = subtract(hole, point.place);
  const edge = EDGE_ON * length(out);
  if (-out.z <= edge || dot(point.normal, out) <= edge) return null;
  return { azimuth: Math.atan2(out.x, -out.z), elevation: Math.atan2(out.y, Math.hypot(out.x, out.z)) };
}
