import {
  type Exposed,
  type PreviewOrder,
  type PreviewScene,
  type Rows,
  renderExposure,
} from "../bench/preview/index.ts";
import { type Camera, solveRequest } from "../camera/container/index.ts";
import { opticalModel } from "../light/solve/index.ts";
import { PAPER_LIGHT } from "./cameras.ts";

/** An order for a camera and a scene: one wavelength, one second. */
export function orderFor(camera: Camera, scene: PreviewScene, more: Partial<PreviewOrder> = {}): PreviewOrder {
  return {
    models: camera.chambers[0].holes.map((_, hole) => opticalModel(solveRequest(camera, PAPER_LIGHT, hole))),
    divider: camera.chambers[0].divider ?? 0,
    scene,
    seconds: 1,
    walking: false,
    blueness: 0,
    lines: [{ wavelengthNm: 440, share: 1 }],
    brightness: 1,
    pixels: 200,
    ...more,
  };
}

/** Draws an order to its end. */
export function drawn(order: PreviewOrder, rows?: Rows): Exposed {
  const steps = renderExposure(order, rows);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** Exposure at a sheet place (s, t) of a drawn sheet: columns run with −s, rows with −t. */
export function exposureAt({ width, height, pitch, exposure }: Exposed, s: number, t: number): number {
  const column = Math.round((width - 1) / 2 - s / pitch);
  const row = Math.round((height - 1) / 2 - t / pitch);
  return exposure[row * width + column] ?? Number.NaN;
}

/** A scene that is the same everywhere. */
export function uniform(luminance: number, distance: number = Number.POSITIVE_INFINITY): PreviewScene {
  return {
    id: "uniform",
    name: "Uniform",
    sentence: "",
    ev: 15,
    look(_x: number, _y: number, _z: number, hit: { luminance: number; blue: number; distance: number }): void {
      hit.luminance = luminance;
      hit.blue = 1;
      hit.distance = distance;
    },
  };
}
