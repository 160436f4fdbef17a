import type { Quad } from "../basis/plane/index.ts";
import { RADIANS } from "../basis/units/index.ts";
import { opticalModel } from "../light/solve/index.ts";
import { pictureFrame, sheetInScan } from "../negative/index.ts";
import { type SweptView, UNSEEN, viewThrough } from "./index.ts";

const [WIDTH, HEIGHT] = [120, 90];

/** A view whose light tells the direction: by so much for a radian to the right and one up. */
function telling(right: number, up: number, seenTo = 180): SweptView {
  const [width, height, across] = [356, 240, 178];
  const step = (across * RADIANS) / width;
  const luminance = new Float32Array(width * height);
  const seen = new Uint8Array(width * height);
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      const azimuth = (column + 0.5 - width / 2) * step;
      const elevation = (height / 2 - row - 0.5) * step;
      luminance[row * width + column] = 5 + right * azimuth + up * elevation;
      seen[row * width + column] = azimuth / RADIANS < seenTo ? 1 : 0;
    }
  }
  return { width, height, across, luminance, seen };
}

/** A sheet that lies square in a scan of 5 pixels a millimetre. */
const SHEET = sheetInScan({
  width: WIDTH,
  height: HEIGHT,
  seen: "emulsion",
  corners: [
    { x: 0, y: 0 },
    { x: 600, y: 0 },
    { x: 600, y: 450 },
    { x: 0, y: 450 },
  ] as Quad,
});
const AHEAD = { azimuth: 0, elevation: 0 };
const FLAT = opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: WIDTH, height: HEIGHT } });
/** A sheet on the wall of a can of 70 mm across, the hole opposite its middle. */
const CAN = opticalModel({
  hole: { diameter: 0.3 },
  film: { distance: 70, width: WIDTH, height: HEIGHT, surface: "cylinder", radius: 35 },
});

describe("what was seen, laid as the sheet lies", () => {
  // By hand: what falls u to the side and v up on the wall lay at atan(u/60) and atan(v/√(u² + 60²)).
  test.each([
    ["to the side", 1, 0],
    ["up", 0, 1],
  ] as const)("a flat sheet as it lay: the direction %s of every place", (_, right, up) => {
    const frame = pictureFrame(SHEET, FLAT, { projection: "lay", towards: AHEAD, width: 240 });
    if (frame === null) throw new Error("no frame");
    const seen = viewThrough(telling(right, up), frame, FLAT);
    expect([seen.width, seen.height]).toEqual([240, 180]);
    for (const [x, y] of [
      [120, 90],
      [3, 5],
      [200, 40],
      [236, 176],
    ] as const) {
      const [u, v] = [(x + 0.5 - 120) / 2, (90 - y - 0.5) / 2];
      const told = 5 + right * Math.atan(u / 60) + up * Math.atan(v / Math.hypot(u, 60));
      expect(seen.luminance[y * 240 + x]).toBeCloseTo(told, 3);
    }
  });

  test("a can rolled off: as many degrees for a millimetre everywhere", () => {
    const frame = pictureFrame(SHEET, CAN, { projection: "round", towards: AHEAD, width: 300 });
    if (frame === null) throw new Error("no frame");
    const { width, height, luminance } = viewThrough(telling(1, 0), frame, CAN);
    const row = Math.floor(height / 2) * width;
    // From the middle of the can's far wall an arc of s is seen at half its angle: s/(2·35) radians (inscribed angle).
    const half = WIDTH / 2 / (2 * 35);
    for (const x of [10, 80, 150, 290]) {
      expect(luminance[row + x]).toBeCloseTo(5 + (half * (x + 0.5 - width / 2)) / (width / 2), 3);
    }
  });

  test("is blank where the phone did not look, and nowhere else", () => {
    const frame = pictureFrame(SHEET, FLAT, { projection: "lay", towards: AHEAD, width: 240 });
    if (frame === null) throw new Error("no frame");
    const { luminance } = viewThrough(telling(1, 0, 20), frame, FLAT);
    const edge = 120 + 2 * 60 * Math.tan(20 * RADIANS);
    const row = 90 * 240;
    expect(luminance[row + Math.floor(edge) - 2]).not.toBe(UNSEEN);
    expect(luminance[row + Math.ceil(edge) + 2]).toBe(UNSEEN);
    expect(luminance[row]).not.toBe(UNSEEN);
  });
});
