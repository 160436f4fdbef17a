import { type LineMark, line, type Point, type Rectangle } from "./scene.ts";

/**
 * 45° hatching of an upright strip of wall, lines `step` apart along its longer side.
 *
 * @returns lines clipped to the strip, mm
 * @example hatchedStrip({ x: 0, y: 0, width: 2, height: 30 }, 3).length // about 10
 */
export function hatchedStrip({ x, y, width, height }: Rectangle, step: number): readonly LineMark[] {
  const lines: LineMark[] = [];
  for (let c = step / 2; c < width + height; c += step) {
    // The line x + y = c within the strip.
    const start: Point = c < height ? { x: 0, y: c } : { x: c - height, y: height };
    const end: Point = c < width ? { x: c, y: 0 } : { x: width, y: c - width };
    lines.push(line("hatch", { x: x + start.x, y: y + start.y }, { x: x + end.x, y: y + end.y }));
  }
  return lines;
}

/**
 * Slanting hatching of a ring of wall, lines `step` apart along its inside.
 *
 * @returns lines, mm
 * @example hatchedRing({ x: 0, y: 0 }, 30, 2, 3, 0, 6.28).length // about 60
 */
export function hatchedRing(centre: Point, inner: number, outer: number, step: number): readonly LineMark[] {
  const count = Math.max(12, Math.round((2 * Math.PI * inner) / step));
  const lean = (outer - inner) / outer;
  return Array.from({ length: count }, (_, i) => {
    const angle = (2 * Math.PI * i) / count;
    const at = (radius: number, turn: number): Point => ({
      x: centre.x + radius * Math.cos(turn),
      y: centre.y + radius * Math.sin(turn),
    });
    return line("hatch", at(inner, angle), at(outer, angle + lean));
  });
}
