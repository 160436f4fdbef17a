import { steepestSlope, type Vector, vignetting } from "../../light/rays/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";
import type { SheetGrid } from "./grid.ts";
import type { Hit, PreviewScene, Walker } from "./scene.ts";

/** What falls on each pixel before the hole blurs it. */
export interface Shine {
  /** Scene luminance times relative illumination, cd/m². */
  readonly light: Float64Array;
  /** How much nearness enlarges the blur, 1 + z/u, as a class from 0 (far) up. */
  readonly near: Uint8Array;
}

/** How the scene is looked at. */
export interface Look {
  readonly scene: PreviewScene;
  /** Time the hole is open, s. */
  readonly seconds: number;
  /** Whether people walk through. */
  readonly walking: boolean;
  /** How blue-sensitive the sheet is, 0 to 1. */
  readonly blueness: number;
  /** Wall in the sheet's middle, mm; 0: none. */
  readonly divider: number;
}

const TABLE = 2048;
/** Steps of nearness: each class blurs a quarter more than the one before. */
const NEAR_STEP = Math.log(1.25);
const MOST_NEAR = 12;
/** z/u up to which a thing counts as far: half a step. */
const FAR = Math.exp(NEAR_STEP / 2) - 1;

/** The magnification 1 + z/u that a class of nearness stands for. */
export function nearness(level: number): number {
  return Math.exp(level * NEAR_STEP);
}

/** Fills some rows of a picture with what shines on them through one hole. */
export function shineRows(
  model: OpticalModel,
  grid: SheetGrid,
  look: Look,
  shine: Shine,
  from: number,
  to: number,
): void {
  const { place, distance, surface } = model;
  const { width, column, row, normal } = grid;
  const open = openTable(model);
  // Fractions from the start, so that the engine keeps these as plain doubles.
  const hit: Hit = { luminance: 0.5, blue: 0.5, distance: 0.5 };
  const walker = look.walking ? look.scene.walker : undefined;
  for (let j = from; j < to; j++) {
    const [rx, ry, rz] = [row[3 * j] as number, row[3 * j + 1] as number, row[3 * j + 2] as number];
    for (let i = 0; i < width; i++) {
      const at = j * width + i;
      const ox = (column[3 * i] as number) + rx - place.x;
      const oy = (column[3 * i + 1] as number) + ry - place.y;
      const oz = (column[3 * i + 2] as number) + rz - place.z;
      const r2 = ox * ox + oy * oy + oz * oz;
      const r = Math.sqrt(r2);
      const facing = -(
        (normal[3 * i] as number) * ox +
        (normal[3 * i + 1] as number) * oy +
        (normal[3 * i + 2] as number) * oz
      );
      shine.light[at] = 0;
      shine.near[at] = 0;
      if (oz <= 1e-9 || facing <= 0) continue;
      const slope = Math.sqrt(ox * ox + oy * oy) / oz;
      const part = slope * open.perSlope;
      if (part >= TABLE - 1) continue;
      if (look.divider > 0 && shutOut(place, surface.x, distance, look.divider, ox + place.x)) continue;
      const index = part | 0;
      const seen =
        (open.values[index] as number) +
        ((open.values[index + 1] as number) - (open.values[index] as number)) * (part - index);
      const share = (seen * oz * facing * distance * distance) / (r2 * r2);
      const [dx, dy, dz] = [-ox / r, -oy / r, -oz / r];
      look.scene.look(dx, dy, dz, hit);
      if (walker !== undefined) passBy(walker, look.seconds, dx, dy, dz, hit);
      shine.light[at] = hit.luminance * (1 + look.blueness * (hit.blue - 1)) * share;
      const nearer = distance / hit.distance;
      if (nearer > FAR) shine.near[at] = Math.min(MOST_NEAR, Math.round(Math.log(1 + nearer) / NEAR_STEP));
    }
  }
}

/** The hole's open share over tan α, as a table: its exact form costs more than all the rest of a pixel. */
function openTable({ aperture }: OpticalModel): { readonly values: Float64Array; readonly perSlope: number } {
  const last = Math.min(60, steepestSlope(aperture));
  const values = Float64Array.from({ length: TABLE + 1 }, (_, i) => vignetting(aperture, (last * i) / (TABLE - 1)));
  return { values, perSlope: (TABLE - 1) / last };
}

function shutOut(hole: Vector, middle: number, distance: number, divider: number, x: number): boolean {
  const [from, to] = [hole.x - middle, x - middle];
  return from * to < 0 && (distance * from) / (from - to) > distance - divider;
}

/**
 * Someone walks through the ray: for the share of the exposure that they cover it, it sees them instead of what is behind.
 * PHYSICS section 4.
 */
function passBy(walker: Walker, seconds: number, dx: number, dy: number, dz: number, hit: Hit): void {
  const reach = walker.ahead / -dz;
  if (reach >= hit.distance) return;
  const half = halfWidth((dy * reach - walker.ground) / walker.height) * walker.height;
  if (half <= 0) return;
  const way = walker.speed * seconds;
  const x = dx * reach - walker.middle;
  const covered = Math.min(x + half, way / 2) - Math.max(x - half, -way / 2);
  if (covered <= 0) return;
  const share = Math.min(1, covered / way);
  hit.luminance = hit.luminance * (1 - share) + walker.luminance * share;
  hit.blue = hit.blue * (1 - share) + share;
  if (share > 0.5) hit.distance = reach;
}

/** Half the width of a person at a share of their height. */
function halfWidth(up: number): number {
  if (up < 0 || up > 1) return 0;
  if (up > 0.86) return Math.sqrt(Math.max(0, 0.07 ** 2 - (up - 0.93) ** 2)) * 0.8;
  if (up > 0.82) return 0.03;
  if (up > 0.48) return 0.12;
  return 0.085;
}
