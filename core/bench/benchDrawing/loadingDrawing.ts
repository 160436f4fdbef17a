import { label, line, type Mark, type Scene } from "../../basis/drawing/index.ts";
import { type Camera, type DesignLight, solveRequest } from "../../camera/container/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { containerViews } from "./containerViews.ts";
import { innerParts } from "./innerParts.ts";
import { benchLayout, type Viewport } from "./layout.ts";
import { lightCone } from "./lightCone.ts";

/** The Bench's drawing has three views; these are the first two, of this share of its width. */
const WIDE = 1.9;
/** Height of words and how far they stand off, pixels. */
const [WORDS, OFF] = [15, 12];

/**
 * How the sheet lies in a container: plan and side view of the Bench's drawing, with hole and sheet named, for eyes that
 * have a red lamp.
 *
 * @param viewport area to fill, CSS pixels
 * @returns the scene and one pixel in mm
 * @example loadingDrawing(can, paper, { width: 350, height: 420 }).scene.marks.some(({ layer }) => layer === "sheet") // true
 */
export function loadingDrawing(
  camera: Camera,
  light: DesignLight,
  viewport: Viewport,
): { readonly scene: Scene; readonly pixel: number } {
  const layout = benchLayout(camera, { width: viewport.width * WIDE, height: viewport.height });
  const { pixel, front, depth, wall, planMiddle, sideMiddle, across, high, below } = layout;
  const models = camera.chambers[0].holes.map((_, index) => opticalModel(solveRequest(camera, light, index)));
  const kept: readonly Mark[] = [
    ...models.flatMap((model) => lightCone(model, layout)).filter(({ layer }) => layer === "sheet"),
    ...containerViews(camera, layout).filter(({ layer }) => layer !== "stamp" && layer !== "axis"),
    ...innerParts(camera, layout),
  ];
  const size = WORDS * pixel;
  const far = front + depth + wall + OFF * pixel;
  const sheet = { x: front + camera.chambers[0].film.distance, y: planMiddle };
  const [top, bottom] = [planMiddle - across / 2 - wall - size, sideMiddle + high / 2 + below + wall + size];
  const at = (x: number, words: string, anchor: "start" | "end"): Mark =>
    label(words, { x, y: planMiddle }, size, { anchor, layer: "stamp" });
  const left = front - wall - 6 * OFF * pixel;
  return {
    pixel,
    scene: {
      bounds: { x: left, y: top, width: depth + 2 * wall + 12 * OFF * pixel, height: bottom - top },
      marks: [
        ...kept,
        at(front - wall - OFF * pixel, "HOLE", "end"),
        line("guide", sheet, { x: far, y: planMiddle }),
        at(far, "SHEET", "start"),
      ],
    },
  };
}
