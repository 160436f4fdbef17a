import type { Photograph } from "../../../workers/jobs/photograph/photograph.ts";

/** A marked place is the mean of so much of the longer side about it: a fingertip. */
const RADIUS = 0.02;

/** Linear light about a place of a photograph: 0 to 1 from its left and top. */
export function meanAround({ width, height, luminance }: Photograph, x: number, y: number): number {
  const radius = Math.max(1, Math.round(RADIUS * Math.max(width, height)));
  const [column, row] = [Math.min(width - 1, Math.floor(x * width)), Math.min(height - 1, Math.floor(y * height))];
  let [sum, count] = [0, 0];
  for (let dy = -radius; dy <= radius; dy++) {
    for (let dx = -radius; dx <= radius; dx++) {
      const [px, py] = [column + dx, row + dy];
      if (dx * dx + dy * dy > radius * radius || px < 0 || py < 0 || px >= width || py >= height) continue;
      sum += luminance[py * width + px] as number;
      count++;
    }
  }
  // Blackest black of 8 bits is not no light at all.
  return Math.max(sum / count, 1e-4);
}
