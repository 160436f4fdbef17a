import { steepestSlope, type Vector, vignetting } from "../../light/rays/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";
import type { SheetGrid } from "./grid.ts";
import type { Hit, PreviewScene, Walker } from "./scene.ts";

/** What falls on each pixel before the hole blurs it. */
export interface Shine {
  /** Scene luminance, cd/m². */
  readonly light: Float64Array;
  /** Relative illumination there. */
  readonly share: Float32Array;
  /** How much nearness enlarges the blur, 1 + z/u along the ray, as a class from 0 (far) up; {@link NEAR_CLASSES} a step. */
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
/** So much steeper than the steepest ray that comes through. */
const BEYOND = 2;
/** Classes of nearness between two that kernels are worked out for; what lies between is mixed from these. */
export const NEAR_CLASSES = 8;
/** Kernels are worked out for a blur that is a quarter wider each time. */
const NEAR_STEP = Math.log(1.25);
/** z/u up to which a thing counts as far: half a class. */
const LEAST_NEARER = Math.exp(NEAR_STEP / NEAR_CLASSES / 2) - 1;
/** Nearest class that is told apart: 1 + z/u of 11. */
const MOST_NEAR = 11 * NEAR_CLASSES;

/** The magnification 1 + z/u of a step of nearness. */
export function nearness(step: number): number {
  return Math.exp(step * NEAR_STEP);
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
      shine.share[at] = 0;
      shine.near[at] = 0;
      if (oz <= 1e-9 || facing <= 0) continue;
      const slope = Math.sqrt(ox * ox + oy * oy) / oz;
      const part = slope * open.perSlope;
      // A little beyond what the hole lets through the scene shines too: a place at the brink is blurred as any other.
      if (part >= BEYOND * TABLE) continue;
      if (part < TABLE - 1) {
        const index = part | 0;
        const seen =
          (open.values[index] as number) +
          ((open.values[index + 1] as number) - (open.values[index] as number)) * (part - index);
        shine.share[at] = (seen * oz * facing * distance * distance) / (r2 * r2);
      }
      if (look.divider > 0 && shutOut(place, surface.x, distance, look.divider, ox + place.x)) continue;
      const [dx, dy, dz] = [-ox / r, -oy / r, -oz / r];
      look.scene.look(dx, dy, dz, hit);
      if (walker !== undefined) passBy(walker, look.seconds, dx, dy, dz, hit);
      shine.light[at] = hit.luminance * (1 + look.blueness * (hit.blue - 1));
      // Along the ray, from the hole to the sheet and to the thing.
      const nearer = r / hit.distance;
      if (nearer > LEAST_NEARER) {
        shine.near[at] = Math.min(MOST_NEAR, Math.round((NEAR_CLASSES * Math.log(1 + nearer)) / NEAR_STEP));
      }
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
