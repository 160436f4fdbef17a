import { type Hit, lit, type PreviewScene } from "../scene.ts";
import { natural, smooth } from "../texture.ts";
import { sceneFacts } from "./facts.ts";
import { ground, sky, throughHaze } from "./outdoors.ts";
import { STAND } from "./stand.ts";

/** Half the width of the lane between the two rows, mm. */
const LANE = 2600;
/** A shed's length along the lane, its wall and its ridge. */
const PLOT = 3400;
const WALL = 1300;
const END = 60_000;

/** A street of sheds that runs away from the hole: straight edges, boards and window bars, to see what bends. */
export const sheds: PreviewScene = {
  ...sceneFacts[1],
  look(x, y, z, hit) {
    if (x !== 0) {
      const reach = LANE / Math.abs(x);
      const [along, up] = [-z * reach, y * reach];
      if (along < END && up > -STAND && up < WALL && wall(along, up, x < 0, hit)) {
        hit.distance = reach;
        throughHaze(hit);
        return;
      }
      if (roof(x, y, z, hit)) return;
    }
    if (y < 0) ground(x, y, z, hit);
    else sky(x, y, z, hit);
  },
};

function wall(along: number, up: number, left: boolean, hit: Hit): boolean {
  const at = (along + (left ? 0 : 900)) % PLOT;
  if (at > PLOT - 500) return false;
  const shed = Math.floor((along + (left ? 0 : 900)) / PLOT);
  const sun = left ? 1 : 0.4;
  hit.blue = left ? 0.85 : 1.15;
  if (at > 300 && at < 1050 && up < 850) {
    hit.luminance = lit(0.12 + 0.2 * ((shed * 7) % 3)) * sun;
    return true;
  }
  if (at > 1400 && at < 2300 && up > -50 && up < 750) {
    const bar = Math.abs(((at - 1400) % 300) - 150) > 130 || Math.abs(up - 350) < 22;
    hit.luminance = lit(bar ? 0.8 : 0.03) * sun;
    return true;
  }
  const board = (up + 3000) % 140;
  const grain = 0.8 + 0.4 * natural(along / 380, up / 13 + shed * 9);
  const paint = 0.26 + 0.04 * ((shed * 5) % 4);
  hit.luminance = lit((paint - (paint - 0.06) * smooth(16, 5, board)) * grain) * sun;
  return true;
}

/** Sloping roofs that rise away from the lane. */
function roof(x: number, y: number, z: number, hit: Hit): boolean {
  // The plane: height WALL + 0.5·(|X| − LANE) for LANE ≤ |X| ≤ LANE + 1500.
  const denominator = y - 0.5 * Math.abs(x);
  const reach = (WALL - 0.5 * LANE) / denominator;
  if (!(reach > 0)) return false;
  const out = Math.abs(x) * reach;
  const along = -z * reach;
  if (out < LANE - 120 || out > LANE + 1500 || along > END) return false;
  if ((along + (x < 0 ? 0 : 900)) % PLOT > PLOT - 420) return false;
  hit.luminance = lit(0.1 + 0.1 * natural(out / 90, along / 60)) * (x < 0 ? 1 : 1.4);
  hit.blue = 1;
  hit.distance = reach;
  throughHaze(hit);
  return true;
}
