import { cholesky } from "../../basis/numeric/index.ts";
import { obliqueContrast } from "../../light/hole/index.ts";
import { sceneToSheet } from "../../light/rays/index.ts";
import { acrossRay, type OpticalModel, sightAt } from "../../light/solve/index.ts";
import { testCamera } from "../../testing/cameras.ts";
import { drawn, orderFor, uniform } from "../../testing/draw.ts";
import { drawnPixels, type PreviewScene } from "./index.ts";

/** Wavelength that the orders are drawn in, mm. */
const WAVELENGTH = 440e-6;
/** Half the side of the window that contrast is read from, mm at a pitch of 0.1 mm. */
const HALF = 14;

/** Waves that have one frequency on the sheet, cycles per mm along s: what the hole leaves of them is its contrast there. */
function waves(model: OpticalModel, frequency: number, distance: number): PreviewScene {
  return {
    ...uniform(0),
    look(x, y, z, hit) {
      const place = sceneToSheet(model.place, model.surface, {
        azimuth: Math.atan2(x, -z),
        elevation: Math.asin(y),
      });
      hit.luminance = place === null ? 500 : 500 * (1 + Math.cos(2 * Math.PI * frequency * place.s));
      hit.blue = 1;
      hit.distance = distance;
    },
  };
}

/** Contrast of the waves in a window about a pixel: amplitude over mean, the slow fall of light taken out by a plane. */
function contrastAt(
  { exposure, width, rows, pitch }: ReturnType<typeof drawn>,
  frequency: number,
  column: number,
  row: number,
): number {
  // Least squares in a plane with one bend and the two parts of a wave.
  const terms = 6;
  const normal = new Float64Array(terms * terms);
  const right = new Float64Array(terms);
  for (let j = row - HALF; j <= row + HALF; j++) {
    for (let i = column - HALF; i <= column + HALF; i++) {
      const s = ((width - 1) / 2 - i) * pitch;
      const value = exposure[(j - rows.from) * width + i] as number;
      const phase = 2 * Math.PI * frequency * s;
      const [x, y] = [(i - column) / HALF, (j - row) / HALF];
      const base = [1, x, y, x * x, Math.cos(phase), Math.sin(phase)];
      base.forEach((one, a) => {
        right[a] = (right[a] as number) + one * value;
        base.forEach((other, k) => {
          normal[a * terms + k] = (normal[a * terms + k] as number) + one * other;
        });
      });
    }
  }
  const solved = cholesky(normal, terms)(right);
  return Math.hypot(solved[4] as number, solved[5] as number) / (solved[0] as number);
}

const CAMERAS = {
  "flat box": testCamera("flat-box", { plateThickness: 0, wall: 0 }),
  "long box": testCamera("flat-box", { depth: 200, plateThickness: 0, wall: 0 }),
  "curled can": testCamera("curled-can", { plateThickness: 0, wall: 0 }),
  "leaning sheet": testCamera("slanted-box", { plateThickness: 0, wall: 0 }),
} as const;

/** Places of the sheet, shares of its half sides: the middle, tiles' edges and middles, towards a corner. */
const PLACES = [
  [0.13, 0.07],
  [-0.27, 0.2],
  [-0.55, 0.48],
  [-0.7, -0.6],
] as const;

describe.each(Object.keys(CAMERAS) as (keyof typeof CAMERAS)[])("a %s draws", (name) => {
  const camera = CAMERAS[name];
  test.each([
    ["far things", Number.POSITIVE_INFINITY],
    ["things at 1.1 m", 1100],
    ["things at 40 cm", 400],
    ["things at 25 cm", 250],
  ] as const)("%s everywhere with the contrast of the integral, within 3 % of full contrast", (_, away) => {
    const plain = orderFor(camera, uniform(1), { pixels: 1600 });
    const [model] = plain.models as [OpticalModel];
    const { width, height, pitch } = drawnPixels(plain);
    const worst: [off: number, where: string] = [0, ""];
    for (const cycles of [0.1, 0.15]) {
      const frequency = cycles / pitch;
      const order = { ...plain, scene: waves(model, frequency, away) };
      for (const [u, v] of PLACES) {
        const column = Math.round(((1 - u) * (width - 1)) / 2);
        const row = Math.round(((1 - v) * (height - 1)) / 2);
        const s = ((width - 1) / 2 - column) * pitch;
        const t = ((height - 1) / 2 - row) * pitch;
        const sight = sightAt(model, s, t);
        if (sight === null) continue;
        const part = drawn(order, { from: row - HALF - 2, to: row + HALF + 3 });
        const radius = model.aperture.diameter / 2;
        const pupil = {
          along: radius * sight.cosAxis,
          across: radius,
          length: sight.length,
          subjectDistance: Number.isFinite(away) ? away : null,
        };
        const { along, across } = acrossRay(sight.projection, frequency, 0);
        const exact = Math.abs(obliqueContrast(pupil, WAVELENGTH, along, across));
        const off = Math.abs(contrastAt(part, frequency, column, row) - exact);
        if (off > worst[0]) worst.splice(0, 2, off, `${cycles} at ${u}, ${v}: ${exact.toFixed(3)}`);
      }
    }
    expect(worst[0] < 0.03 ? "within 3 %" : `${worst[0].toFixed(3)} off, ${worst[1]}`).toBe("within 3 %");
  });
});
