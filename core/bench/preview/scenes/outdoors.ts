import { type Hit, lit } from "../scene.ts";
import { cloud } from "../texture.ts";

/** Height of the hole above the ground outdoors, mm. */
export const STAND = 1000;

/** Sky in full sun: bright near the horizon, with thin clouds. Blue-sensitive sheets see it brighter still. */
export function sky(x: number, y: number, z: number, hit: Hit): void {
  const up = Math.max(0, y);
  const drift = cloud((x / (up + 0.15)) * 2.2 + 7, (z / (up + 0.15)) * 1.4 + 3);
  hit.luminance = 10_500 - 5200 * up + 17_000 * Math.max(0, drift - 0.55);
  hit.blue = 1.3;
  hit.distance = Number.POSITIVE_INFINITY;
}

/** Grass and a trodden path down the middle, from the hole's stand on. */
export function ground(x: number, y: number, z: number, hit: Hit): void {
  const reach = -STAND / y;
  const [gx, gz] = [x * reach, z * reach];
  hit.distance = reach;
  const path = Math.abs(gx - 400 + gz * 0.04) < 450;
  const grain = cloud(gx / 40, gz / 40) * Math.min(1, 8000 / reach);
  hit.luminance = lit(path ? 0.32 + 0.14 * grain : 0.13 + 0.13 * grain);
  hit.blue = path ? 0.9 : 0.8;
}
