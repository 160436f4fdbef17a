import { cameraFNumber } from "../../camera/container/index.ts";
import { FULL_SUN_EV, flashDose, midExposure } from "../../light/exposure/index.ts";
import { sceneToSheet } from "../../light/rays/index.ts";
import { testCamera } from "../../testing/cameras.ts";
import { drawn, exposureAt, orderFor, uniform } from "../../testing/draw.ts";
import {
  develop,
  drawnPixels,
  FIRST_SCENE,
  GREY,
  orderOf,
  type PreviewScene,
  pictureScene,
  pixelsOf,
  rowsFor,
  scatteredExposure,
  scenes,
  sunlit,
} from "./index.ts";

const box = testCamera("flat-box", { plateThickness: 0, wall: 0 });
const long = testCamera("flat-box", { depth: 300, plateThickness: 0, wall: 0 });

describe("geometry", () => {
  test("a straight line through a wall-curled can lands where the ray model says, and bends", () => {
    const can = testCamera("curled-can", { plateThickness: 0.005, wall: 0 });
    // An eave 1 m above the hole, 2 m ahead, as a thin bright line.
    const eave: PreviewScene = {
      ...uniform(0),
      look(_x, y, z, hit) {
        const up = (y / -z) * 2000;
        hit.luminance = Math.abs(up - 1000) < 12 ? 1000 : 0;
        hit.blue = 1;
        hit.distance = 2000;
      },
    };
    const order = orderFor(can, eave, { pixels: 600 });
    const exposed = drawn(order);
    const [model] = order.models as [(typeof order.models)[0]];
    const heights: number[] = [];
    for (const across of [-3000, -1500, 0, 1500, 3000]) {
      const away = Math.hypot(across, 2000);
      const direction = { azimuth: Math.atan2(across, 2000), elevation: Math.atan2(1000, away) };
      const place = sceneToSheet(model.place, model.surface, direction);
      if (place === null) throw new Error("the line misses the sheet");
      const column = Math.round((exposed.width - 1) / 2 - place.s / exposed.pitch);
      let best = 0;
      for (let row = 0; row < exposed.height; row++) {
        const here = exposed.exposure[row * exposed.width + column] as number;
        if (here > (exposed.exposure[best * exposed.width + column] as number)) best = row;
      }
      const t = ((exposed.height - 1) / 2 - best) * exposed.pitch;
      expect(Math.abs(t - place.t)).toBeLessThan(1.5 * exposed.pitch);
      heights.push(place.t);
    }
    // The eave is lowest on the sheet in the middle (upside down) and comes up to both sides.
    expect(heights[2]).toBeLessThan((heights[0] as number) - 5);
    expect(heights[0]).toBeCloseTo(heights[4] as number, 6);
  });

  test("as it lies the picture is upside down and, for who looks at the emulsion, the right is right; the positive is upright", () => {
    const sign: PreviewScene = {
      ...uniform(0),
      look(x, y, z, hit) {
        // A bright patch up and to the right of the view.
        hit.luminance = x / -z > 0.2 && x / -z < 0.6 && y / -z > 0.2 && y / -z < 0.5 ? 4000 : 5;
        hit.blue = 1;
        hit.distance = 1e9;
      },
    };
    const exposed = drawn(orderFor(box, sign, { seconds: 60 }));
    const size = { width: 100, height: 80 };
    const made = develop(exposed, {
      density: { least: 0.05, most: 2.05, range: 110 },
      iso: 6,
      even: 0,
      ...size,
      rows: { from: 0, to: 80 },
    });
    const mean = (picture: Uint8ClampedArray, right: boolean, low: boolean): number => {
      let sum = 0;
      for (let y = low ? 40 : 0; y < (low ? 80 : 40); y++) {
        for (let x = right ? 50 : 0; x < (right ? 100 : 50); x++) sum += picture[y * 100 + x] as number;
      }
      return sum;
    };
    const quarters = [false, true].flatMap((right) => [false, true].map((low) => [right, low] as const));
    const darkest = [...quarters].sort((a, b) => mean(made.negative, ...a) - mean(made.negative, ...b))[0];
    const brightest = [...quarters].sort((a, b) => mean(made.positive, ...b) - mean(made.positive, ...a))[0];
    expect(darkest).toEqual([true, true]);
    expect(brightest).toEqual([true, false]);
  });

  test("the two halves that two workers draw are the whole", () => {
    const order = orderFor(box, scenes[0] as PreviewScene, { seconds: 30 });
    const { height } = drawnPixels(order);
    const whole = drawn(order);
    const density = { least: 0.05, most: 2.05, range: 110 };
    const look = { density, iso: 6, even: 0, width: 300, height: 240 };
    const all = develop(whole, { ...look, rows: { from: 0, to: 240 } });
    const parts = [
      { from: 0, to: 120 },
      { from: 120, to: 240 },
    ].map((rows) => develop(drawn(order, rowsFor(height, 240, rows)), { ...look, rows }));
    const joined = [...(parts[0]?.negative ?? []), ...(parts[1]?.negative ?? [])];
    const differing = joined.filter((value, i) => Math.abs(value - (all.negative[i] as number)) > 6).length;
    expect(differing / joined.length).toBeLessThan(0.002);
  });
});

describe("what the sheet shows", () => {
  const density = { least: 0.05, most: 2.05, range: 110 };
  const look = { density, iso: 6, width: 40, height: 32, rows: { from: 0, to: 32 } };

  test("mid-grey under the time a meter gives comes out 0.6 above fog in the middle", () => {
    const order = orderFor(long, uniform(GREY));
    const [model] = order.models as [(typeof order.models)[0]];
    const n = model.distance / model.aperture.diameter;
    const seconds = (n * n * 100) / (6 * 2 ** 15);
    const exposed = drawn({ ...order, seconds });
    expect(exposureAt(exposed, 0, 0) / midExposure(6)).toBeCloseTo(1, 1.5);
    const { negative } = develop(exposed, { ...look, even: 0 });
    const light = 10 ** -0.6;
    expect(Math.abs((negative[16 * 40 + 20] as number) - 255 * (1.055 * light ** (1 / 2.4) - 0.055))).toBeLessThan(5);
  });

  test("a flash lifts empty shadows and leaves the lights; more time burns more and leaves less blank", () => {
    const order = orderFor(box, scenes[0] as PreviewScene, { seconds: 20, blueness: 1 });
    const exposed = drawn(order);
    const plain = develop(exposed, { ...look, even: 0 });
    const flashed = develop(exposed, { ...look, even: flashDose(density, 6) });
    const longer = develop(drawn({ ...order, seconds: 320 }), { ...look, even: 0 });
    expect(flashed.blank).toBeLessThan(plain.blank);
    expect(flashed.burnt - plain.burnt).toBeLessThan(0.03);
    expect(longer.burnt).toBeGreaterThan(plain.burnt);
    expect(longer.blank).toBeLessThan(plain.blank);
  });

  test("a walker shows in a short exposure and vanishes in a long one (PHYSICS section 4)", () => {
    const change = (seconds: number): number => {
      const order = orderFor(box, scenes[1] as PreviewScene, { seconds });
      const [empty, walked] = [false, true].map((walking) => drawn({ ...order, walking }).exposure);
      let most = 0;
      for (let i = 0; i < (empty?.length ?? 0); i++) {
        const [a, b] = [empty?.[i] as number, walked?.[i] as number];
        if (a > 1e-9 && b > 1e-9) most = Math.max(most, Math.abs(Math.log2(b / a)));
      }
      return most;
    };
    expect(change(0.3)).toBeGreaterThan(1);
    expect(change(120)).toBeLessThan(1 / 8);
  });

  test("two holes leave two pictures, a divider parts them", () => {
    const pair = testCamera("stereo-box", { plateThickness: 0, wall: 0 });
    const open = drawn(orderFor(pair, uniform(1000), { divider: 0 }));
    const order = orderFor(pair, uniform(1000), { divider: 80 });
    const inParts = drawn(order);
    expect(exposureAt(inParts, 60, 0)).toBeLessThan(exposureAt(open, 60, 0));
    expect(exposureAt(inParts, 60, 0)).toBeGreaterThan(0.7 * exposureAt(open, 60, 0));
  });

  test("what walls scatter is the same for every part and fineness of the sheet: its share of the mean", () => {
    const order = orderFor(box, scenes[0] as PreviewScene, { seconds: 20, blueness: 1 });
    const wide = { ...order, pixels: 200 };
    const whole = drawn(wide);
    const mean = whole.exposure.reduce((sum, each) => sum + each, 0) / whole.exposure.length;
    expect(scatteredExposure(wide, 0.1) / (0.1 * mean)).toBeCloseTo(1, 1);
    expect(scatteredExposure(wide, 0.1)).toBe(scatteredExposure({ ...order, pixels: 640 }, 0.1));
    expect(scatteredExposure(wide, 0)).toBe(0);
  });

  test("a photograph of one’s own is hung up the right way round; around it all is black", () => {
    const luminance = new Float32Array(200 * 100).fill(0.02);
    for (let y = 0; y < 50; y++) for (let x = 150; x < 200; x++) luminance[y * 200 + x] = 0.9;
    const scene = pictureScene({ width: 200, height: 100, luminance, across: 50, distance: Number.POSITIVE_INFINITY });
    const exposed = drawn(orderFor(box, scene));
    // Up and right in the photograph: s < 0, t < 0 on the sheet.
    expect(exposureAt(exposed, -26, -10)).toBeGreaterThan(20 * exposureAt(exposed, 26, -10));
    expect(exposureAt(exposed, 0, 45)).toBe(0);
  });
});

describe("orders and files", () => {
  test("a request for a medium asks for light in a few lines of its band, adding to 1, and knows every scene", () => {
    for (const { id } of scenes) {
      const order = orderOf({
        camera: box,
        medium: {
          wavelengthNm: 440,
          iso: 6,
          sensitivity: [
            [380, 0.2],
            [430, 1],
            [500, 0],
          ],
          density: { least: 0.05, most: 2.05, range: 110 },
          longTime: { kind: "none" },
        },
        scene: id,
        seconds: 10,
        stops: -1,
        walking: true,
        flashes: 0,
        pixels: 320,
      });
      expect(order.scene.id).toBe(id);
      expect(order.brightness).toBe(0.5);
      expect(order.lines.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 3);
      expect(order.blueness).toBe(1);
    }
  });
});

describe("a picture that nobody asked anything of", () => {
  test("is of the first scene in its own light, by the sum’s time, with nobody in it", () => {
    expect(FIRST_SCENE).toMatchObject({ id: scenes[0]?.id, ev: FULL_SUN_EV });
    const medium = {
      wavelengthNm: 440,
      iso: 6,
      sensitivity: [],
      density: { least: 0, most: 2, range: 110 },
      longTime: { kind: "none" },
    } as const;
    const { seconds, stops, walking, flashes } = sunlit(box, medium, 320);
    // t = N²·100/(S·2^EV), ISO 2720:1974.
    expect(seconds).toBeCloseTo((cameraFNumber(box, medium) ** 2 * 100) / (6 * 2 ** 15), 9);
    expect([stops, walking, flashes]).toEqual([0, false, 0]);
    // Whoever walks goes as the scene has it, or as is asked.
    const request = sunlit(box, medium, 320);
    expect(orderOf(request).scene.walker?.speed).toBe(1200);
    expect(orderOf({ ...request, walkerSpeed: 50 }).scene.walker?.speed).toBe(50);
    expect(pixelsOf({ camera: box, pixels: 320 })).toEqual({ width: 320, height: 256 });
  });
});
