/** Power of a sheet's picture and of its grain, in the square of exposure. */
export interface Grain {
  readonly signal: number;
  readonly grain: number;
}

/** Every so many-th pixel each way is looked at, at most. */
const LOOKS = 1_000_000;

/**
 * The grain of a sheet, from what no smooth picture has: each pixel against its neighbours by a mask that is blind to
 * planes and to straight edges.
 *
 * @param values exposures, row by row
 * @returns variances of the picture and of its grain
 * @source J. Immerkær, Fast Noise Variance Estimation, Computer Vision and Image Understanding 64 (1996) 300, from memory
 * @example grainOf(new Float32Array(64), 8, 8).grain // 0
 */
export function grainOf(values: Float32Array, width: number, height: number): Grain {
  const every = Math.max(1, Math.floor(Math.sqrt((width * height) / LOOKS)));
  let [sum, squares, off, count] = [0, 0, 0, 0];
  for (let y = 1; y + 1 < height; y += every) {
    for (let x = 1; x + 1 < width; x += every) {
      const at = y * width + x;
      const v = (dx: number, dy: number): number => values[at + dx + dy * width] as number;
      const mask =
        v(-1, -1) -
        2 * v(0, -1) +
        v(1, -1) -
        2 * v(-1, 0) +
        4 * v(0, 0) -
        2 * v(1, 0) +
        v(-1, 1) -
        2 * v(0, 1) +
        v(1, 1);
      off += Math.abs(mask);
      sum += v(0, 0);
      squares += v(0, 0) ** 2;
      count++;
    }
  }
  if (count === 0) return { signal: 0, grain: 0 };
  // The mask's weights are 36 in squares; the mean of |normal| is √(2/π).
  const grain = (Math.PI / 2) * (off / count / 6) ** 2;
  return { signal: Math.max(0, squares / count - (sum / count) ** 2 - grain), grain };
}
