import { GREY, type Hit, lit } from "./scene.ts";
import { scenes } from "./scenes/index.ts";
import { cloud, natural, smooth, speckle } from "./texture.ts";

/** Looks along directions spread over the view of a wide camera. */
function looks(look: (x: number, y: number, z: number, hit: Hit) => void): readonly Hit[] {
  const hits: Hit[] = [];
  for (let azimuth = -75; azimuth <= 75; azimuth += 1.5) {
    for (let elevation = -50; elevation <= 50; elevation += 1.5) {
      const [a, e] = [(azimuth * Math.PI) / 180, (elevation * Math.PI) / 180];
      const hit: Hit = { luminance: Number.NaN, blue: Number.NaN, distance: Number.NaN };
      look(Math.cos(e) * Math.sin(a), Math.sin(e), -Math.cos(e) * Math.cos(a), hit);
      hits.push(hit);
    }
  }
  return hits;
}

describe.each(scenes.map((scene) => [scene.id, scene] as const))("the scene %s", (_, scene) => {
  const hits = looks(scene.look);

  test("answers every direction with light, its colour, and a distance", () => {
    for (const { luminance, blue, distance } of hits) {
      expect(Number.isFinite(luminance) && luminance >= 0).toBe(true);
      expect(blue).toBeGreaterThan(0.3);
      expect(blue).toBeLessThan(2);
      expect(distance).toBeGreaterThan(0);
    }
  });

  test("is of high dynamic range: four stops and more between its tones", () => {
    const tones = hits
      .map(({ luminance }) => luminance)
      .filter((luminance) => luminance > 0)
      .sort((a, b) => a - b);
    const [low, high] = [tones[Math.floor(tones.length * 0.002)] ?? 1, tones[Math.floor(tones.length * 0.998)] ?? 1];
    expect(Math.log2(high / low)).toBeGreaterThan(4);
  });

  test("has depth where it says so, and words", () => {
    const near = Math.min(...hits.map(({ distance }) => distance));
    expect(near).toBeLessThan({ allotment: 1700, sheds: 4000, target: 2000, "still-life": 320 }[scene.id] ?? 0);
    expect(scene.sentence).toMatch(/^[A-Z].*\.$/);
    expect(scene.name.length).toBeGreaterThan(5);
  });

  test("looks the same twice: no chance in it", () => {
    expect(looks(scene.look)).toEqual(hits);
  });
});

describe("light and texture", () => {
  test("18 % grey in full sun is 4096 cd/m² at EV 15 (ISO 2720:1974: L = 2^EV·K/100, K = 12.5)", () => {
    expect(GREY).toBe(4096);
    expect(lit(0.18)).toBe(GREY);
    expect(lit(0.36)).toBe(2 * GREY);
  });

  test("speckles are even over [0, 1) and clouds join without a seam", () => {
    let sum = 0;
    for (let i = 0; i < 4000; i++) {
      const value = speckle(i % 63, Math.floor(i / 63));
      expect(value >= 0 && value < 1).toBe(true);
      sum += value;
    }
    expect(sum / 4000).toBeCloseTo(0.5, 1);
    for (const x of [-3, 0, 4, 17]) expect(Math.abs(cloud(x - 1e-7, 2.3) - cloud(x + 1e-7, 2.3))).toBeLessThan(1e-5);
  });

  test("finer layers of a natural texture are weaker: twice as far apart, nearly twice as different (amplitude 1/f)", () => {
    const difference = (apart: number): number => {
      let sum = 0;
      for (let i = 0; i < 3000; i++) {
        const [x, y] = [(i % 60) * 0.37, Math.floor(i / 60) * 0.41];
        sum += Math.abs(natural(x + apart, y) - natural(x, y));
      }
      return sum / 3000;
    };
    for (const apart of [0.05, 0.1, 0.2]) {
      const ratio = difference(2 * apart) / difference(apart);
      expect(ratio).toBeGreaterThan(1.5);
      expect(ratio).toBeLessThan(2.05);
    }
    // Finer than its finest layer it is smooth, coarser than its coarsest it is as different as it gets.
    expect(difference(16) / difference(8)).toBeCloseTo(1, 1);
  });

  test("a soft edge is 0 before, 1 behind, a half in the middle, the same turned round", () => {
    expect([smooth(2, 4, 1), smooth(2, 4, 3), smooth(2, 4, 5)]).toEqual([0, 0.5, 1]);
    expect(smooth(4, 2, 2.5)).toBeCloseTo(smooth(2, 4, 3.5), 12);
  });

  test("nothing near is drawn in blocks: over cloth, sacking and boards light changes little by little", () => {
    const [scene] = scenes;
    const along = (azimuth: number, elevation: number): number => {
      const hit: Hit = { luminance: 0, blue: 1, distance: 0 };
      scene?.look(
        Math.cos(elevation) * Math.sin(azimuth),
        Math.sin(elevation),
        -Math.cos(elevation) * Math.cos(azimuth),
        hit,
      );
      return hit.luminance;
    };
    // A patch of the coat, 60 mm wide at 1.5 m, seen every 0.6 mm.
    const steps: number[] = [];
    for (let i = 0; i < 100; i++) {
      for (let j = 0; j < 100; j++) {
        const [a, e] = [-0.34 + i * 0.0004, -0.2 + j * 0.0004];
        steps.push(Math.abs(Math.log2(along(a + 0.0004, e) / along(a, e))));
      }
    }
    steps.sort((a, b) => a - b);
    expect(steps[Math.floor(steps.length * 0.99)]).toBeLessThan(0.15);
  });
});
