import { type Hit, lit, type PreviewScene } from "../scene.ts";
import { cloud, natural, smooth } from "../texture.ts";
import { sceneFacts } from "./facts.ts";
import { ground, sky, throughHaze } from "./outdoors.ts";
import { STAND } from "./stand.ts";

const HEDGE_AT = 30_000;
/** No leaf of the hedge is higher, mm over the hole. */
const HEDGE_TOP = 3460;
const SHED_AT = 13_000;
const BEANS_AT = 7000;
const BUTT_AT = 4200;
const CROW_AT = 1500;
/** Where the scarecrow stands and the butt's middle, mm to the right. */
const CROW_X = -420;
const BUTT_X = 1700;
/** No shadow falls farther to the right, mm. */
const SHADOWS_TO = BUTT_X + 1000;

/** The allotment: a far hedge, a potting shed, bean rows, a water butt, and a scarecrow within reach. */
export const allotment: PreviewScene = {
  ...sceneFacts[0],
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
      throughHaze(hit);
      return;
    }
    const up = (y * HEDGE_AT) / -z;
    if (up > -STAND) {
      const along = (x * HEDGE_AT) / -z;
      if (up < HEDGE_TOP && up < 1700 + 1500 * natural(along / 1300, 5) + 260 * cloud(along / 120, 9)) {
        // Lit on top and from the left, dark where the leaves stand apart.
        const leaves = natural(along / 240, up / 200);
        hit.luminance = lit(0.03 + 0.22 * leaves ** 2 + 0.05 * smooth(0, 2600, up));
        hit.blue = 0.8;
        hit.distance = HEDGE_AT / -z;
        throughHaze(hit);
        return;
      }
      sky(x, y, z, hit);
      return;
    }
    ground(x, y, z, hit, shade);
  },
};

/** Shadows of scarecrow and butt: the sun stands to the left and a little behind the camera, 45° high. */
function shade(right: number, ahead: number): number {
  if (right < CROW_X - 60 || right > SHADOWS_TO) return 1;
  const from = (x: number, z: number, reach: number, half: number): number => {
    const along = right - x;
    const aside = Math.abs(ahead - z - 0.35 * along);
    return smooth(reach, reach * 0.96, along) * smooth(-60, 20, along) * smooth(half + 45, half - 25, aside);
  };
  const body = from(CROW_X, CROW_AT, 1000, 90);
  const arms = from(CROW_X + 1000, CROW_AT + 350, 160, 420);
  const head = from(CROW_X + 1150, CROW_AT + 400, 320, 110);
  return 1 - Math.max(body, arms, head, from(BUTT_X, BUTT_AT, 1000, 300));
}

/** Cloth lit from the left: folds that hang, a weave too fine to see, a faint check. */
function cloth(x: number, y: number, dark: number): number {
  const folds = natural(x / 70 + 0.12 * cloud(y / 90, 3), y / 420);
  const weave = cloud(x / 3, y / 3) - 0.5;
  const check = smooth(0.72, 0.95, Math.abs(Math.sin(x / 23))) + smooth(0.72, 0.95, Math.abs(Math.sin(y / 23)));
  return dark * (0.45 + 1.1 * folds + 0.12 * weave - 0.16 * check) * (1.05 - x / 700);
}

/** Straw that sticks out: stalks a few millimetres thick along a direction. */
function straw(along: number, across: number): number {
  return smooth(0.42, 0.62, natural(along / 90, across / 5));
}

function scarecrow(px: number, py: number, hit: Hit): boolean {
  const x = px - CROW_X;
  if (x < -640 || x > 640 || py > 620 || py < -STAND) return false;
  hit.blue = 0.8;
  if (hat(x, py, hit)) return true;
  const head = Math.hypot(x / 1.02, py - 300);
  if (head < 123 && head < 120 + 5 * (natural(x / 30, py / 30) - 0.5)) {
    // Sacking over straw: round, tied below, a face of buttons and a stitched mouth.
    const [nx, ny] = [x / 122, (py - 300) / 122];
    const nz = Math.sqrt(Math.max(0, 1 - nx * nx - ny * ny));
    const light = 0.25 + 0.85 * Math.max(0, -0.62 * nx + 0.35 * ny + 0.7 * nz);
    const eye = Math.hypot(Math.abs(x) - 42, py - 325);
    const smile = Math.abs(py - 248 - 0.006 * x * x) < 5 && Math.abs(x) < 62;
    const stitch = smile && Math.abs(((x + 200) % 18) - 9) < 5;
    const sack = 0.5 * light * (0.82 + 0.36 * natural(x / 12, py / 12));
    hit.luminance = lit(
      eye < 17 ? 0.05 + 0.2 * smooth(9, 5, Math.hypot(Math.abs(x) - 47, py - 331)) : stitch ? 0.05 : sack,
    );
    return true;
  }
  // Straw at the neck and out of the sleeves.
  if (Math.abs(x) < 105 && py > 150 && py < 205 && straw(py, x + 300) > 0.45) {
    hit.luminance = lit(0.3 + 0.3 * natural(x / 6, py / 40));
    hit.blue = 0.6;
    return true;
  }
  if (Math.abs(x) >= 548 && Math.abs(py - 55) < 42 - 0.32 * (Math.abs(x) - 548) && straw(x, py) > 0.5) {
    hit.luminance = lit(0.3 + 0.3 * natural(x / 40, py / 6));
    hit.blue = 0.6;
    return true;
  }
  if (py > 180 || py < -540 || (py < -10 && Math.abs(x) > 250)) return pole(x, py, hit);
  const ragged = 22 * natural(x / 24, 4);
  const sleeve = py < 150 - 0.00012 * x * x && py > 18 - 0.00028 * x * x + ragged && Math.abs(x) < 560;
  const body = py < 172 && py > -520 + 2 * ragged && Math.abs(x) < 160 + (172 - py) * 0.09 + 6 * cloud(py / 40, 8);
  if (sleeve || body) {
    const button = Math.hypot(x, ((py + 1000) % 110) - 55);
    const opening = smooth(7, 2, Math.abs(Math.abs(x) - 24)) * (body ? 1 : 0);
    const shirt = body && Math.abs(x) < 22;
    const tone = shirt ? 0.42 * (0.7 + 0.6 * natural(x / 20, py / 160)) : cloth(x, py, 0.25);
    hit.luminance = lit(button < 13 && body ? 0.6 * (1 - 0.02 * button) : Math.max(0.015, tone * (1 - 0.85 * opening)));
    return true;
  }
  return pole(x, py, hit);
}

/** The pole that all of it hangs on, round and lit from the left. */
function pole(x: number, py: number, hit: Hit): boolean {
  if (Math.abs(x) >= 24 || py > 0) return false;
  hit.luminance = lit(0.2 * (1.15 - x / 40) * (0.75 + 0.5 * natural(x / 5, py / 130)));
  return true;
}

/** Brim and crown of plaited straw, a band between. */
function hat(x: number, py: number, hit: Hit): boolean {
  const sag = 0.0006 * x * x;
  const brim = py > 388 - sag && py < 412 - 0.6 * sag && Math.abs(x) < 212;
  const crown = py >= 405 && py < 560 - 0.0012 * x * x && Math.abs(x) < 116 - (py - 410) * 0.2;
  if (!brim && !crown) return false;
  const band = crown && py < 440;
  const plait = 0.7 + 0.6 * natural(x / 26, py / 7);
  hit.luminance = lit(band ? 0.05 : 0.3 * plait * (brim ? 0.8 : 1.05 - x / 260));
  hit.blue = 0.6;
  return true;
}

function waterButt(px: number, py: number, hit: Hit): boolean {
  const x = px - BUTT_X;
  if (Math.abs(x) > 330 || py > 0 || py < -STAND) return false;
  const round = Math.sqrt(1 - (x / 330) ** 2);
  const hoop = Math.abs(((py + 2000) % 330) - 165) < 22;
  // Lit from the left: brightest where it turns to the sun.
  const staves = 0.8 + 0.4 * natural(x / 60, py / 500) - 0.3 * smooth(4, 1, Math.abs(((x + 990) % 66) - 33));
  const light = 0.25 + 0.9 * Math.max(0, 0.6 * round - (0.8 * x) / 330);
  hit.luminance = lit((hoop ? 0.5 : 0.22 * staves) * light);
  hit.blue = 0.9;
  return true;
}

function beans(px: number, py: number, row: number, hit: Hit): boolean {
  if (py < -STAND || py > 1050 || px < -4500 || px > -300 + row * 300) return false;
  const pitch = 420;
  const cane = (((px + row * 130) % pitch) + pitch) % pitch;
  const lean = ((py + STAND) / 2000) * 60;
  const off = cane - pitch / 2 - lean * (Math.floor(px / pitch) % 2 ? 1 : -1);
  if (Math.abs(off) < 12) {
    // A round cane, lit from the left.
    hit.luminance = lit(0.36 * (0.85 - off / 30) * (0.8 + 0.4 * cloud(px / 7, py / 210)));
    hit.blue = 0.6;
    return true;
  }
  // Leaves thin out upwards; each is darker at its edge, where it hangs into the shade.
  const leaf = natural(px / 95 + row * 13, py / 80);
  const edge = 0.43 + (py + STAND) / 7800;
  if (leaf > edge) {
    const depth = smooth(edge, edge + 0.22, leaf);
    hit.luminance = lit(0.03 + 0.2 * depth * (0.55 + 0.9 * natural(px / 28, py / 22 + row * 7)) + 0.02 * row);
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
    hit.luminance = lit(0.05 + 0.06 * natural(x / 90, py / 30));
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
  // Boards one above the other: each is dark under its edge, with grain along it.
  const board = (py + 3000) % 150;
  const grain = 0.75 + 0.5 * natural(x / 420, py / 14);
  hit.luminance = lit((0.33 - 0.25 * smooth(16, 4, board)) * grain * (0.9 + 0.1 * smooth(0, 150, board)));
  return true;
}
