import type { LabelMark, Mark } from "./scene.ts";

/**
 * A mark as SVG path data.
 *
 * @param mark line or circle, mm
 * @param scale units of the path for a millimetre: 1 for print, pixels per mm for the screen
 * @returns the `d` of a path element
 * @example pathOf(line("cut", { x: 0, y: 0 }, { x: 9, y: 4 }), 1) // "M0 0L9 4"
 */
export function pathOf(mark: Exclude<Mark, LabelMark>, scale = 1): string {
  if (mark.kind === "line") {
    let path = "";
    for (const { x, y } of mark.points) path += `${path === "" ? "M" : "L"}${rounded(x * scale)} ${rounded(y * scale)}`;
    return mark.closed ? `${path}Z` : path;
  }
  const [x, y, r] = [mark.centre.x * scale, mark.centre.y * scale, mark.radius * scale];
  return `M${rounded(x - r)} ${rounded(y)}a${rounded(r)} ${rounded(r)} 0 1 0 ${rounded(2 * r)} 0a${rounded(r)} ${rounded(r)} 0 1 0 ${rounded(-2 * r)} 0Z`;
}

/** Thousandths of a millimetre: finer than any printer, and the same text on every machine. */
export function rounded(value: number): number {
  return Math.round(value * 1000) / 1000 + 0;
}
