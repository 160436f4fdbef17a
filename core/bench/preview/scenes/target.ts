import { type Hit, lit, type PreviewScene } from "../scene.ts";
import { sceneFacts } from "./facts.ts";

/** How far away the chart hangs, mm. */
const AWAY = 1500;
const GRID = 200;

/** A flat chart at 1.5 m: a grid to see the stretch, bars and stars to see the detail, steps of grey to see the tones. */
export const target: PreviewScene = {
  ...sceneFacts[2],
  look(x, y, z, hit) {
    const [px, py] = [(x * AWAY) / -z, (y * AWAY) / -z];
    hit.blue = 1;
    hit.distance = AWAY / -z;
    hit.luminance = lit(tone(px, py));
  },
};

function tone(x: number, y: number): number {
  const [column, row] = [Math.floor(x / GRID), Math.floor(y / GRID)];
  const [cx, cy] = [x - (column + 0.5) * GRID, y - (row + 0.5) * GRID];
  if (Math.abs(Math.abs(cx) - GRID / 2) < 3 || Math.abs(Math.abs(cy) - GRID / 2) < 3) return 0.03;
  const kind = (((column + 2 * row) % 4) + 4) % 4;
  const inside = Math.max(Math.abs(cx), Math.abs(cy)) < 80;
  if (!inside) return 0.72;
  if (kind === 0) {
    const angle = Math.atan2(cy, cx);
    return Math.hypot(cx, cy) < 78 && Math.sin(18 * angle) > 0 ? 0.03 : 0.72;
  }
  if (kind === 1) {
    const period = 32 / 2 ** Math.floor((cx + 80) / 32);
    return (((cy % period) + period) % period) * 2 < period ? 0.03 : 0.72;
  }
  if (kind === 2) {
    const period = 32 / 2 ** Math.floor((cy + 80) / 32);
    return (((cx % period) + period) % period) * 2 < period ? 0.03 : 0.72;
  }
  return 0.03 * 2 ** (0.4 * Math.floor((cx + 80) / 13.34));
}

/**
 * A black and white edge through the axis, leaning by an angle: what ISO 12233 measures contrast from.
 *
 * @returns a scene of 0 and 1
 * @example ((hit) => (slantedEdge(0).look(0.1, 0, -1, hit), hit.luminance))({ luminance: 0, blue: 1, distance: 0 }) // 1000
 */
export function slantedEdge(angle: number, distance: number = Number.POSITIVE_INFINITY): PreviewScene {
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  return {
    id: "edge",
    name: "Slanted edge",
    sentence: "",
    ev: 15,
    look(x: number, y: number, z: number, hit: Hit) {
      hit.luminance = (x / -z) * cos + (y / -z) * sin > 0 ? 1000 : 0;
      hit.blue = 1;
      hit.distance = distance;
    },
  };
}
