import { type Hit, lit, type PreviewScene } from "../scene.ts";
import { natural } from "../texture.ts";
import { sceneFacts } from "./facts.ts";

/** The table lies this far under the hole, mm; things stand on it about 300 mm away. */
const TABLE = -90;
const BACK_AT = 900;
/** Indoors by a window: three stops less than full sun. */
const WINDOW = 1 / 8;

/** Net curtain before the window, cd/m²: a good stop over mid-grey in there. */
const CURTAIN = 1200;

interface Thing {
  readonly x: number;
  readonly z: number;
  readonly radius: number;
  readonly height: number;
  readonly reflectance: number;
  readonly blue: number;
  /** Bands painted on it, mm apart; 0: none. */
  readonly bands: number;
}

/** A cocoa tin, a flower pot, a cup and a candle: upright cylinders, near first. */
const THINGS: readonly Thing[] = [
  { x: -25, z: 300, radius: 34, height: 130, reflectance: 0.3, blue: 0.7, bands: 26 },
  { x: 62, z: 330, radius: 42, height: 85, reflectance: 0.16, blue: 0.45, bands: 0 },
  { x: -125, z: 380, radius: 38, height: 70, reflectance: 0.75, blue: 1, bands: 35 },
  { x: 20, z: 470, radius: 12, height: 170, reflectance: 0.8, blue: 0.9, bands: 0 },
];

/** A still life on the potting bench at 30 cm, by a window. */
export const stillLife: PreviewScene = {
  ...sceneFacts[3],
  look(x, y, z, hit) {
    for (const thing of THINGS) {
      if (meets(thing, x, y, z, hit)) return;
    }
    const down = TABLE / y;
    if (y < 0 && -z * down < BACK_AT) {
      const [tx, tz] = [x * down, -z * down];
      hit.distance = down;
      hit.luminance = lit(0.14 + 0.24 * natural(tx / 11, tz / 160)) * WINDOW * shade(tx, tz);
      hit.blue = 0.6;
      return;
    }
    const reach = BACK_AT / -z;
    const [bx, by] = [x * reach, y * reach];
    const pane = bx < -250 && bx > -750 && by > 50 && by < 600;
    const bar = pane && (Math.abs(bx + 500) < 18 || Math.abs(by - 325) < 18);
    hit.distance = reach;
    hit.luminance = pane && !bar ? CURTAIN : lit(0.22 + 0.16 * natural(bx / 130, by / 110)) * WINDOW * 0.5;
    hit.blue = pane ? 1.4 : 0.8;
  },
};

function meets(
  { x: cx, z: cz, radius, height, reflectance, blue, bands }: Thing,
  x: number,
  y: number,
  z: number,
  hit: Hit,
): boolean {
  // |(x, −z)·t − (cx, cz)| = radius, the nearer root.
  const [dx, dz] = [x, -z];
  const a = dx * dx + dz * dz;
  const b = dx * cx + dz * cz;
  const root = b * b - a * (cx * cx + cz * cz - radius * radius);
  if (root <= 0) return false;
  const reach = (b - Math.sqrt(root)) / a;
  const up = y * reach;
  if (reach <= 0 || up < TABLE || up > TABLE + height) return false;
  const nx = (dx * reach - cx) / radius;
  const nz = (dz * reach - cz) / radius;
  // The window is to the left and behind.
  const light = 0.12 + 0.95 * Math.max(0, -0.85 * nx + 0.5 * -nz);
  const band = bands > 0 && ((up - TABLE) % bands) * 3 < bands ? 0.35 : 1;
  // Glaze and paint are never quite even.
  const skin = 0.9 + 0.2 * natural(Math.atan2(nx, nz) * 4 + cx, up / 26);
  hit.luminance = lit(reflectance * band * skin) * WINDOW * light;
  hit.blue = blue;
  hit.distance = reach;
  return true;
}

/** Soft shadows that fall to the right of things. */
function shade(x: number, z: number): number {
  let light = 1;
  for (const thing of THINGS) {
    const [dx, dz] = [x - thing.x, z - thing.z];
    if (dx > 0 && dx < thing.height && Math.abs(dz + 0.2 * dx) < thing.radius) light *= 0.4 + (0.6 * dx) / thing.height;
  }
  return light;
}
