import { TILE } from "./tileTransform.ts";

/** Of a tile this much at each side is thrown away, px, and this much more fades over into its neighbour. */
export const GUARD = 32;
export const FADE = 32;
/** From one tile to the next, px. */
export const STRIDE: number = TILE - 2 * GUARD - FADE;

/**
 * Weights of a tile's pixels along one side: a raised cosine at either end. All tiles' weights of a place add to 1.
 *
 * @source PHYSICS section 11, “Sharpening by the known hole”: overlapping tiles with a raised cosine
 */
export const TILE_WEIGHTS: Float64Array = Float64Array.from({ length: TILE }, (_, i) => {
  const near = Math.min(i - GUARD + 0.5, TILE - GUARD - i - 0.5);
  if (near <= 0) return 0;
  return near >= FADE ? 1 : 0.5 - 0.5 * Math.cos((Math.PI * near) / FADE);
});
