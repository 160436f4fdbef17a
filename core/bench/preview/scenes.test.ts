import { GREY, type Hit, lit } from "./scene.ts";
import { scenes } from "./scenes/index.ts";
import { cloud, speckle } from "./texture.ts";

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
});
