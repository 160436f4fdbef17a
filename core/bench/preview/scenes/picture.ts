import { bilinear } from "../../../basis/numeric/index.ts";
import { GREY, type PreviewScene } from "../scene.ts";

/** A maker's own photograph as a scene: linear luminance, rows from the top. */
export interface ScenePicture {
  readonly width: number;
  readonly height: number;
  /** 0 to 1, linear light. */
  readonly luminance: Float32Array;
  /** Angle it spans from left to right, degrees, in (0, 170). */
  readonly across: number;
  /** `even`: even angles both ways, so that it may go far round; left out: flat, as a camera with a lens takes it. */
  readonly angles?: "even";
  /** How far away it stands, mm; infinite for far things. */
  readonly distance: number;
}

/**
 * A photograph hung before the camera as it was taken; outside of it all is black. Its mean becomes mid-grey.
 *
 * @returns a scene of relative luminance
 * @example pictureScene({ width: 1, height: 1, luminance: Float32Array.of(1), across: 1, distance: 5 }).ev // 15
 */
export function pictureScene({ width, height, luminance, across, distance, angles }: ScenePicture): PreviewScene {
  const half = Math.tan((across * Math.PI) / 360);
  const turn = (across * Math.PI) / 360;
  const mean = luminance.reduce((sum, value) => sum + value, 0) / Math.max(1, luminance.length);
  const scale = GREY / Math.max(1e-4, mean);
  const at = (column: number, row: number): number =>
    luminance[Math.min(height - 1, Math.max(0, row)) * width + Math.min(width - 1, Math.max(0, column))] ?? 0;
  return {
    id: "picture",
    name: "Your picture",
    sentence: "A photograph of your own.",
    ev: 15,
    look(x, y, z, hit) {
      const even = angles === "even";
      const right = even ? Math.atan2(x, -z) / turn : x / -z / half;
      const up = even ? Math.asin(y) / turn : y / -z / half;
      const u = ((right + 1) * width) / 2 - 0.5;
      const v = (height - up * width) / 2 - 0.5;
      hit.blue = 1;
      hit.distance = distance / -z;
      if (u < -0.5 || v < -0.5 || u > width - 0.5 || v > height - 0.5) {
        hit.luminance = 0;
        return;
      }
      const [column, row] = [Math.floor(u), Math.floor(v)];
      const [a, b, c, d] = [at(column, row), at(column + 1, row), at(column, row + 1), at(column + 1, row + 1)];
      hit.luminance = scale * bilinear(a, b, c, d, u - column, v - row);
    },
  };
}
