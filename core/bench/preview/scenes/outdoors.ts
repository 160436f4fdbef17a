import { type Hit, lit, SKY_LIGHT } from "../scene.ts";
import { cloud, natural, smooth, soft } from "../texture.ts";
import { STAND } from "./stand.ts";

/** How far one sees before half of what one sees is haze, mm; a clear summer's day near the ground. */
const HAZE = 220_000;
/** Light that the haze adds, cd/m²: that of the sky at the horizon. */
const HAZE_LIGHT = 9000;

/** A texture so faint is left out. */
const FAINT = 0.12;

/** Sky in full sun: bright near the horizon, with thin clouds. Blue-sensitive sheets see it brighter still. */
export function sky(x: number, y: number, z: number, hit: Hit): void {
  const up = Math.max(0, y);
  const drift = soft((x / (up + 0.15)) * 1.5 + 7, (z / (up + 0.15)) * 1.1 + 3);
  hit.luminance = SKY_LIGHT - 5200 * up + 11_000 * smooth(0.5, 0.85, drift);
  hit.blue = 1.3;
  hit.distance = Number.POSITIVE_INFINITY;
}

/**
 * Grass and a trodden path down the middle, from the hole's stand on.
 *
 * @param shade how much of the sun reaches a place of the ground, 0 to 1; mm to the right and ahead
 */
export function ground(
  x: number,
  y: number,
  z: number,
  hit: Hit,
  shade: (right: number, ahead: number) => number = () => 1,
): void {
  const reach = -STAND / y;
  const gx = x * reach;
  const gz = z * reach;
  hit.distance = reach;
  // Far grain is finer than a pixel and would only sparkle.
  const near = Math.min(1, 7000 / reach);
  const clods = cloud(gx / 110, gz / 160) - 0.5;
  const blades = near < FAINT ? 0 : (soft(gx / 14, gz / 30) - 0.5) * near;
  const aside = Math.abs(gx - 400 + gz * 0.04);
  const edge = 450 + (Math.abs(aside - 450) > 130 ? 0 : 160 * (natural(gx / 210, gz / 210) - 0.5));
  const path = smooth(edge + 40, edge - 40, aside);
  const grass = 0.17 + 0.12 * clods + 0.2 * blades;
  const earth = 0.36 + 0.1 * clods + 0.14 * blades;
  hit.luminance = lit(Math.max(0.02, grass + (earth - grass) * path)) * (0.28 + 0.72 * shade(gx, -gz));
  hit.blue = 0.8 + 0.1 * path;
}

/** Lays the air between over what was hit: far things grow pale. */
export function throughHaze(hit: Hit): void {
  const share = 1 - 2 ** (-hit.distance / HAZE);
  hit.luminance += (HAZE_LIGHT - hit.luminance) * share;
  hit.blue += (1.2 - hit.blue) * share;
}
