import { sceneToSheet } from "../../light/rays/index.ts";
import { nearEnough, onSheet } from "./index.ts";

describe("how near to go", () => {
  test("at that distance the ray model puts head and foot half the sheet’s height apart", () => {
    const surface = { kind: "flat", x: 0, y: 0, distance: 70, tiltX: 0, tiltY: 0 } as const;
    const away = nearEnough(2000, 70, 101.6, 0.5);
    const land = (up: number): number =>
      sceneToSheet({ x: 0, y: 0, z: 0 }, surface, { azimuth: 0, elevation: Math.atan2(up, away) })?.t ?? Number.NaN;
    expect(land(-1000) - land(1000)).toBeCloseTo(101.6 / 2, 9);
    expect(onSheet(2000, away, 70)).toBeCloseTo(101.6 / 2, 9);
  });
});
