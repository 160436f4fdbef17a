import type { Hit, PreviewScene } from "./scene.ts";

/** A scene as the eye sees it: luminance in cd/m², rows from the top. */
export interface SceneView {
  readonly width: number;
  readonly height: number;
  readonly luminance: Float32Array;
}

/**
 * A small upright view of a scene, straight ahead: to point a meter at.
 *
 * @param across angle from left to right, degrees, in (0, 170)
 * @returns cd/m² of every pixel's middle
 * @example sceneView({ look: (x, y, z, hit) => { hit.luminance = 4; } }, 4, 3, 60).luminance[0] // 4
 */
export function sceneView(scene: PreviewScene, width: number, height: number, across: number): SceneView {
  const luminance = new Float32Array(width * height);
  const hit: Hit = { luminance: 0, blue: 1, distance: 0 };
  const step = (2 * Math.tan((across * Math.PI) / 360)) / width;
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      const [x, y] = [(column + 0.5 - width / 2) * step, (height / 2 - row - 0.5) * step];
      const length = Math.hypot(x, y, 1);
      scene.look(x / length, y / length, -1 / length, hit);
      luminance[row * width + column] = hit.luminance;
    }
  }
  return { width, height, luminance };
}

/** Meter constant K of ISO 2720:1974, cd·s/m². */
const METER_K = 12.5;

/**
 * EV₁₀₀ of a luminance: log₂(L·100/K).
 *
 * @param luminance cd/m², > 0
 * @returns EV₁₀₀
 * @source ISO 2720:1974
 * @example luminanceEv(4096) // 15
 */
export function luminanceEv(luminance: number): number {
  return Math.log2((luminance * 100) / METER_K);
}
