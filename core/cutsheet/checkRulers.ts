import { label, line, type Mark, type Point } from "../drawing/index.ts";
import { MM_PER_INCH } from "../units/index.ts";

/** Two rulers to check a print with: 100 mm above, 4 in below. */
export function checkRulers(at: Point): readonly Mark[] {
  return [
    ...ruler({ x: at.x + 4, y: at.y }, 100, 10, 10, "100 mm"),
    ...ruler({ x: at.x + 4, y: at.y + 9 }, 4 * MM_PER_INCH, MM_PER_INCH / 4, 4, "4 in"),
  ];
}

function ruler(at: Point, length: number, step: number, longEvery: number, name: string): readonly Mark[] {
  const ticks = Array.from({ length: Math.round(length / step) + 1 }, (_, i) => {
    const x = at.x + i * step;
    const high = i % longEvery === 0 ? 4 : 2.2;
    return line("cut", { x, y: at.y }, { x, y: at.y - high });
  });
  return [
    line("cut", at, { x: at.x + length, y: at.y }),
    ...ticks,
    label(name, { x: at.x + length + 2, y: at.y - 1.5 }, 3, { anchor: "start" }),
  ];
}
