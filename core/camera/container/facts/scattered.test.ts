import { testCamera } from "../../../testing/cameras.ts";
import { kinds } from "../../kinds/index.ts";
import { scatteredShare, staysBare } from "./scattered.ts";

const box = testCamera("flat-box");
const bare = (material: string) => ({
  ...box,
  container: { ...box.container, material, insideBlack: false },
  making: { choices: { black: "leave" } },
});

describe("Light scattered inside", () => {
  test("agrees with light followed from wall to wall until nothing is left of it", () => {
    // Sheet and walls exchange light: the sheet sees walls alone, the walls see it by its part of their surface.
    const { width, height } = box.chambers[0].film;
    const { container } = box;
    if (container.shape !== "box") throw new Error("no box");
    const { width: w, height: h, depth: d } = container;
    const part = (width * height) / (2 * (w * h + w * d + h * d) - width * height);
    for (const [material, wall] of [
      ["aluminium metal", 0.7],
      ["wood", 0.4],
    ] as const) {
      let [onSheet, onWalls, scattered] = [1, 0, 0];
      for (let bounce = 0; bounce < 400; bounce++) {
        const toWalls = 0.6 * onSheet * part + wall * onWalls * (1 - part);
        onSheet = wall * onWalls;
        onWalls = toWalls;
        scattered += onSheet;
      }
      expect(scatteredShare(bare(material))).toBeCloseTo(scattered, 9);
    }
  });

  test("metal scatters most, card less, paint and what is to be painted hardly any", () => {
    const shares = ["aluminium metal", "tin metal", "wood", "card", "plastic"].map((each) =>
      scatteredShare(bare(each)),
    );
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
    expect(shares[0]).toBeGreaterThan(0.1);
    expect(scatteredShare({ ...bare("tin metal"), making: null })).toBeLessThan(0.01);
    expect(scatteredShare({ ...bare("tin metal"), container: { ...box.container, insideBlack: true } })).toBeLessThan(
      0.01,
    );
  });

  test("bare is only what somebody leaves so; no kind scatters a tenth when it is black", () => {
    expect([staysBare(bare("tin metal")), staysBare(bare("plastic")), staysBare(box)]).toEqual([true, false, false]);
    for (const { id } of kinds) {
      const share = scatteredShare(testCamera(id));
      expect(share).toBeGreaterThan(0);
      expect(share).toBeLessThan(0.1);
    }
  });
});
