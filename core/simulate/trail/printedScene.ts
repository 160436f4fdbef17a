import {
  type DevelopedPreview,
  type Exposed,
  exposurePerLight,
  finerRows,
  HOLDS,
  type PreviewOrder,
  SKY_LIGHT,
} from "../../bench/preview/index.ts";
import { FULL_SUN_EV, invertedTones, printedOut } from "../../light/exposure/index.ts";
import { addTracks, type CanStand, halfExposure, rasterOf, SKY_OVER_SUN } from "../../sun/index.ts";

/** A track that darkens less than this, over all there can be, is none to see. */
const SEEN = 0.002;

/**
 * A scene with the sun's tracks over it, as weeks and months of light print it out: what is never developed.
 *
 * @param exposed of all rows
 * @param order that it was exposed with
 * @param stands one for each hole, with the days and the sky
 * @param even exposure beside the picture's own, lx·s; size of the picture that is handed back, pixels
 * @returns as it lies, and turned upright with its densities inverted and spread
 * @source PHYSICS section 14, “Strength of a track”
 * @example printedScene(exposed, order, […], { even: 0, width: 320, height: 256 }).tone // "printed"
 */
export function printedScene(
  exposed: Exposed,
  order: PreviewOrder,
  stands: readonly [CanStand, ...CanStand[]],
  { even, width, height }: { readonly even: number; readonly width: number; readonly height: number },
): DevelopedPreview {
  const tracks = new Float32Array(width * height);
  const raster = { ...rasterOf(stands[0].request, width), height };
  const open = Math.max(...stands.map((stand) => addTracks(tracks, stand, raster)));
  const half = halfExposure(stands.map(({ fan }) => fan));
  const ambient = (open * SKY_OVER_SUN) / half / exposurePerSky(order);
  const density = new Float32Array(width * height);
  const { line, read } = finerRows(exposed, width, height);
  let tracked = 0;
  for (let y = 0; y < height; y++) {
    read(y);
    for (let x = 0; x < width; x++) {
      // A sheet lies emulsion up: its columns run against s.
      const track = (tracks[y * width + width - 1 - x] as number) / half;
      const land = ambient * (even + Math.max(0, line[x] as number));
      const without = printedOut(land);
      const dark = printedOut(land + track);
      density[y * width + x] = dark;
      if (dark - without > SEEN) tracked++;
    }
  }
  return { ...toned(density, width, height), tracked: tracked / density.length };
}

/** lx·s that a sky of the scene's own light leaves on the axis. */
function exposurePerSky(order: PreviewOrder): number {
  return (
    exposurePerLight(order.models[0] as PreviewOrder["models"][number], order) *
    SKY_LIGHT *
    2 ** (order.scene.ev - FULL_SUN_EV)
  );
}

function toned(density: Float32Array, width: number, height: number): Omit<DevelopedPreview, "tracked"> {
  const inverted = invertedTones(density);
  const negative = new Uint8ClampedArray(density.length);
  const positive = new Uint8ClampedArray(density.length);
  let [burnt, blank] = [0, 0];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const dark = density[y * width + x] as number;
      negative[y * width + x] = 255 * (1 - dark);
      positive[(height - 1 - y) * width + x] = 255 * inverted(dark);
      if (dark > HOLDS.most) burnt++;
      if (dark < HOLDS.least) blank++;
    }
  }
  const all = density.length;
  return {
    tone: "printed",
    width,
    rows: { from: 0, to: height },
    negative,
    positive,
    burnt: burnt / all,
    blank: blank / all,
  };
}
