import { parseCamera } from "../../document/index.ts";
import { testCamera } from "../../testing/cameras.ts";
import { designFaults } from "../container/index.ts";
import type { CameraKind } from "../kinds/index.ts";
import { foundHole, sheetReach, withSheetAt } from "./index.ts";

const STAY: readonly CameraKind[] = [
  "slanted-box",
  "curved-box",
  "roll-carton",
  "curled-can",
  "far-wall-tin",
  "canister",
  "drum",
  "bought-box",
];
const MOVE: readonly CameraKind[] = ["flat-box", "stereo-box", "folded-box", "lid-can"];

describe("moving the sheet instead of making the hole again", () => {
  test.each(STAY)("the sheet of a %s stays where it is", (kind) => {
    const camera = testCamera(kind);
    expect(sheetReach(camera)).toBeNull();
    expect(withSheetAt(camera, 50)).toBe(camera);
  });

  test.each(MOVE)("the sheet of a %s stands at the distance asked for, and the camera can still be built", (kind) => {
    const camera = testCamera(kind);
    const [nearest, farthest] = sheetReach(camera) ?? [Number.NaN, Number.NaN];
    expect(camera.chambers[0].film.distance).toBeLessThanOrEqual(farthest);
    const between = 0.7 * farthest + 0.3 * nearest;
    const moved = withSheetAt(camera, between);
    expect(moved.chambers[0].film.distance).toBeCloseTo(between, 9);
    expect(moved.chambers[0].film.width).toBe(camera.chambers[0].film.width);
    expect(designFaults(moved)).toEqual([]);
  });

  test("a pair of boxes slides as far as its overlap lets it, a box no farther than its back", () => {
    const pair = testCamera("folded-box");
    const [nearest, farthest] = sheetReach(pair) ?? [0, 0];
    expect(nearest).toBeGreaterThan(10);
    expect(farthest).toBeGreaterThan(nearest);
    expect(sheetReach(testCamera("flat-box", { depth: 70 }))).toEqual([10, 70]);
  });
});

describe("the hole by all its measurements", () => {
  const at = "2026-05-01T10:00:00+01:00";
  const measured = (...measurements: readonly object[]) =>
    ({ ...testCamera("flat-box"), measurements }) as ReturnType<typeof testCamera>;

  test("none: nothing is said", () => {
    expect(foundHole(testCamera("flat-box"))).toBeNull();
  });

  test("its shape is that of the newest picture, whatever was measured by hand since", () => {
    const found = foundHole(
      measured(
        { diameter: 0.3, uncertainty: 0.003, way: "scan", at, axisRatio: 0.97, roughness: 0.002 },
        { diameter: 0.3, uncertainty: 0.003, way: "scan", at, axisRatio: 0.75, roughness: 0.004 },
        { diameter: 0.3, uncertainty: 0.02, way: "gauge", at },
      ),
    );
    expect(found).toMatchObject({ axisRatio: 0.75, roughness: 0.004 });
    expect(found?.diameter).toBeCloseTo(0.3, 12);
    expect(found?.uncertainty).toBeCloseTo(1 / Math.sqrt(2 / 0.003 ** 2 + 1 / 0.02 ** 2), 9);
  });

  test("a figure without ± stands alone, and no shape is made up", () => {
    expect(foundHole(measured({ diameter: 0.31 }))).toEqual({
      diameter: 0.31,
      uncertainty: 0,
      axisRatio: 1,
      roughness: 0,
    });
  });

  test("the shape survives the camera’s file; one that can’t be is refused at its place", () => {
    const camera = measured({ diameter: 0.3, uncertainty: 0.01, way: "scan", at, axisRatio: 0.8, roughness: 0.003 });
    const back = parseCamera(JSON.parse(JSON.stringify(camera)));
    if (!back.ok) throw new Error(JSON.stringify(back.error));
    expect(foundHole(back.value)).toEqual(foundHole(camera));
    const wrong = parseCamera({ ...camera, measurements: [{ diameter: 0.3, axisRatio: 1.2 }] });
    expect(wrong.ok).toBe(false);
    expect(JSON.stringify(wrong)).toContain("/measurements/0/axisRatio");
  });
});
