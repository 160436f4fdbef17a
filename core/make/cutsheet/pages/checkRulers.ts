import { label, line, type Mark, moved, type Point, quarterTurned } from "../../../basis/drawing/index.ts";
import { MM_PER_INCH } from "../../../basis/units/index.ts";

/** Length of the bars that a print is checked with, level and upright, mm. */
export const CHECK_BAR = 100;

/**
 * Two rulers to check a print with, at its foot: 100 mm above, 4 in below.
 *
 * @example checkRulers({ x: 0, y: 0 }).length // 32
 */
export function checkRulers(at: Point): readonly Mark[] {
  return [
    ...ruler({ x: at.x + 4, y: at.y }, CHECK_BAR, 10, 10, `${CHECK_BAR} mm`),
    ...ruler({ x: at.x + 4, y: at.y + 9 }, 4 * MM_PER_INCH, MM_PER_INCH / 4, 4, "4 in"),
  ];
}

/** The upright ruler, at the left: many printers feed paper by another measure than they draw across it. */
export function uprightRuler(foot: Point): readonly Mark[] {
  const upright = moved(quarterTurned(bar(CHECK_BAR, 10, 10)), foot.x, foot.y - CHECK_BAR);
  const above = { x: foot.x + 1.5, y: foot.y - CHECK_BAR - 2 };
  return [...upright, label(`${CHECK_BAR} mm`, above, 3, { anchor: "start", turn: 90 })];
}

function ruler(at: Point, length: number, step: number, longEvery: number, name: string): readonly Mark[] {
  const beside = { x: at.x + length + 2, y: at.y - 1.5 };
  return [...moved(bar(length, step, longEvery), at.x, at.y), label(name, beside, 3, { anchor: "start" })];
}

/** A level bar from the origin with its ticks above. */
function bar(length: number, step: number, longEvery: number): readonly Mark[] {
  const ticks = Array.from({ length: Math.round(length / step) + 1 }, (_, i) => {
    const x = i * step;
    return line("mark", { x, y: 0 }, { x, y: i % longEvery === 0 ? -4 : -2.2 });
  });
  return [line("mark", { x: 0, y: 0 }, { x: length, y: 0 }), ...ticks];
}
