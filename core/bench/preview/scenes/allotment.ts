import { type Hit, lit, type PreviewScene } from "../scene.ts";
import { cloud, speckle } from "../texture.ts";
import { ground, STAND, sky } from "./outdoors.ts";

const HEDGE_AT = 30_000;
const SHED_AT = 13_000;
const BEANS_AT = 7000;
const BUTT_AT = 4200;
const CROW_AT = 1500;

/** The allotment: a far hedge, a potting shed, bean rows, a water butt, and a scarecrow within reach. */
export const allotment: PreviewScene = {
  id: "allotment",
  name: "Bean rows and scarecrow",
  sentence: "A far hedge, a shed, canes, and a scarecrow at 1.5 m. Someone walks the path.",
  ev: 15,
  walker: { ahead: 5500, ground: -STAND, height: 1700, speed: 1200, middle: 900, luminance: lit(0.06) },
  look(x, y, z, hit) {
    if (scarecrow((x * CROW_AT) / -z, (y * CROW_AT) / -z, hit)) {
      hit.distance = CROW_AT / -z;
      return;
    }
    if (waterButt((x * BUTT_AT) / -z, (y * BUTT_AT) / -z, hit)) {
      hit.distance = BUTT_AT / -z;
      return;
    }
    for (let row = 0; row < 3; row++) {
      const at = BEANS_AT + row * 1400;
      if (beans((x * at) / -z, (y * at) / -z, row, hit)) {
        hit.distance = at / -z;
        return;
      }
    }
    if (shed((x * SHED_AT) / -z, (y * SHED_AT) / -z, hit)) {
      hit.distance = SHED_AT / -z;
      return;
    }
    const up = (y * HEDGE_AT) / -z;
    if (up > -STAND) {
      const along = (x * HEDGE_AT) / -z;
      if (up < 2000 + 700 * cloud(along / 900, 5) + 250 * cloud(along / 160, 9)) {
        hit.luminance = lit(0.04 + 0.15 * cloud(along / 170, up / 170) ** 2);
        hit.blue = 0.8;
        hit.distance = HEDGE_AT / -z;
        return;
      }
      sky(x, y, z, hit);
      return;
    }
    ground(x, y, z, hit);
  },
};

function scarecrow(px: number, py: number, hit: Hit): boolean {
  const x = px + 420;
  if (x < -620 || x > 620 || py > 620 || py < -STAND) return false;
  hit.blue = 0.8;
  const head = x * x + (py - 300) ** 2;
  if (head < 120 ** 2) {
    const eye = (Math.abs(x) - 42) ** 2 + (py - 325) ** 2 < 17 ** 2 || (Math.abs(x) < 55 && Math.abs(py - 255) < 7);
    hit.luminance = lit(eye ? 0.03 : 0.42 - 0.0006 * x);
    return true;
  }
  // Hat: brim and crown.
  if ((py > 385 && py < 410 && Math.abs(x) < 210) || (py >= 410 && py < 560 && Math.abs(x) < 115 - (py - 410) * 0.2)) {
    hit.luminance = lit(0.16 + 0.12 * cloud(x / 12, py / 5));
    return true;
  }
  // Coat, open at the front, with buttons; arms along a bean pole.
  const sleeve = py < 150 && py > 30 - 0.00025 * x * x && Math.abs(x) < 560;
  const body = py < 170 && py > -520 && Math.abs(x) < 165 + (170 - py) * 0.08;
  if (sleeve || body) {
    const button = Math.abs(x) < 14 && Math.abs(((py + 1000) % 110) - 55) < 14;
    const lapel = Math.abs(Math.abs(x) - 24) < 4;
    hit.luminance = lit(
      button ? 0.6 : lapel ? 0.03 : 0.2 + 0.12 * (speckle(Math.floor(x / 34), Math.floor(py / 34)) - 0.3),
    );
    return true;
  }
  if (Math.abs(x) < 24) {
    hit.luminance = lit(0.2);
    return true;
  }
  return false;
}

function waterButt(px: number, py: number, hit: Hit): boolean {
  const x = px - 1700;
  if (Math.abs(x) > 330 || py > 0 || py < -STAND) return false;
  const round = Math.sqrt(1 - (x / 330) ** 2);
  const hoop = Math.abs(((py + 2000) % 330) - 165) < 22;
  // Lit from the left: brightest where it turns to the sun.
  hit.luminance = lit((hoop ? 0.5 : 0.2) * (0.25 + 0.9 * Math.max(0, 0.6 * round - (0.8 * x) / 330)));
  hit.blue = 0.9;
  return true;
}

function beans(px: number, py: number, row: number, hit: Hit): boolean {
  if (py < -STAND || py > 1000 || px < -4500 || px > -300 + row * 300) return false;
  const pitch = 420;
  const cane = (((px + row * 130) % pitch) + pitch) % pitch;
  const lean = ((py + STAND) / 2000) * 60;
  if (Math.abs(cane - pitch / 2 - lean * (Math.floor(px / pitch) % 2 ? 1 : -1)) < 14) {
    hit.luminance = lit(0.34);
    hit.blue = 0.6;
    return true;
  }
  const leaf = cloud(px / 75 + row * 13, py / 75);
  if (leaf > 0.5 + (py + STAND) / 5200) {
    hit.luminance = lit(0.07 + 0.4 * (leaf - 0.45));
    hit.blue = 0.8;
    return true;
  }
  return false;
}

function shed(px: number, py: number, hit: Hit): boolean {
  const x = px - 3600;
  if (Math.abs(x) > 1700 || py < -STAND) return false;
  const eaves = 1200 + (1500 - Math.abs(x)) * 0.45;
  if (py > eaves || (Math.abs(x) > 1500 && py < eaves - 140)) return false;
  hit.blue = 0.8;
  if (py > eaves - 140) {
    hit.luminance = lit(0.06);
    return true;
  }
  if (x > 100 && x < 900 && py < 950) {
    hit.luminance = lit(Math.abs(x - 800) < 28 && Math.abs(py) < 40 ? 0.7 : 0.3);
    return true;
  }
  if (x > -1100 && x < -250 && py > 0 && py < 800) {
    const bar = Math.abs(x + 675) < 25 || Math.abs(py - 400) < 25;
    hit.luminance = lit(bar ? 0.75 : 0.025);
    return true;
  }
  hit.luminance = lit(Math.abs(((py + 3000) % 150) - 75) < 8 ? 0.1 : 0.3);
  return true;
}
