import { EVERYWHERE, type FoundFault } from "./fault.ts";
import type { UprightDensities } from "./uprightDensities.ts";

/** Shifts that are tried, px to either side, and the least that is not just the picture's own softness. */
const REACH = 20;
const NEAREST = 4;
/** How much more alike than at shifts all round, and how many times as much as at any other shift. */
const ALONE = 0.12;
const MORE = 1.35;
/** The shifts round one, px. */
const RING = 4;
const ROUND: readonly (readonly [number, number])[] = Array.from({ length: 16 }, (_, i) => {
  const angle = (i * Math.PI) / 8;
  return [Math.round(RING * Math.cos(angle)), Math.round(RING * Math.sin(angle))] as const;
});

/**
 * Every edge twice: edges are like themselves some way off, in one direction only. The camera, or what stood before it,
 * moved; or two exposures lie on one sheet.
 *
 * @returns at most one fault, with the shift in mm
 * @example doubled({ width: 2, height: 2, pitch: 1, share: new Float32Array(4) }).length // 0
 */
export function doubled({ width, height, pitch, share }: UprightDensities): readonly FoundFault[] {
  if (width < 4 * REACH || height < 4 * REACH) return [];
  const edges = edgesIn(share, width, height);
  const self = likeness(edges, width, height, 0, 0);
  if (self === 0) return [];
  const found = new Map<string, number>();
  for (let dy = 0; dy <= REACH; dy++) {
    for (let dx = -REACH; dx <= REACH; dx++) {
      found.set(`${dx} ${dy}`, likeness(edges, width, height, dx, dy) / self);
    }
  }
  const at = (dx: number, dy: number): number => found.get(dy < 0 ? `${-dx} ${-dy}` : `${dx} ${dy}`) ?? 0;
  // A ghost stands alone: a long straight edge is like itself all along it, and rows of beans at many shifts.
  const alone = (dx: number, dy: number): number => at(dx, dy) - Math.max(...ROUND.map(([i, j]) => at(dx + i, dy + j)));
  const peaks: { readonly dx: number; readonly dy: number; readonly alone: number }[] = [];
  for (let dy = 0; dy <= REACH - RING; dy++) {
    for (let dx = RING - REACH; dx <= REACH - RING; dx++) {
      if (Math.hypot(dx, dy) >= NEAREST) peaks.push({ dx, dy, alone: alone(dx, dy) });
    }
  }
  peaks.sort((one, other) => other.alone - one.alone);
  const [best] = peaks;
  if (best === undefined || best.alone < ALONE) return [];
  const next = peaks.find(
    ({ dx, dy }) => Math.min(Math.hypot(dx - best.dx, dy - best.dy), Math.hypot(dx + best.dx, dy + best.dy)) > NEAREST,
  );
  if (best.alone < MORE * (next?.alone ?? 0)) return [];
  return [{ code: "doubled", at: EVERYWHERE, measured: Math.hypot(best.dx, best.dy) * pitch }];
}

/** Second differences: edges without the tones beside them. */
function edgesIn(share: Float32Array, width: number, height: number): Float32Array {
  const out = new Float32Array(share.length);
  for (let y = 1; y + 1 < height; y++) {
    for (let x = 1; x + 1 < width; x++) {
      const at = y * width + x;
      const v = (offset: number): number => share[at + offset] as number;
      const value = 4 * v(0) - v(-1) - v(1) - v(-width) - v(width);
      out[at] = Math.max(-0.2, Math.min(0.2, value));
    }
  }
  return out;
}

function likeness(edges: Float32Array, width: number, height: number, dx: number, dy: number): number {
  let sum = 0;
  for (let y = REACH; y < height - REACH; y++) {
    const row = y * width;
    const other = (y + dy) * width + dx;
    for (let x = REACH; x < width - REACH; x++) sum += (edges[row + x] as number) * (edges[other + x] as number);
  }
  return sum;
}
