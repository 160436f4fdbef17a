import type { LabelMark, Mark, Scene } from "./scene.ts";
import { INK, LAYERS, type Layer, TYPE } from "./tokens.ts";

/**
 * A drawing as an SVG document at true size: `width` and `height` in mm, `viewBox` to match.
 *
 * @param scene drawing in mm
 * @param title what a reader of the file is told it is
 * @returns a whole SVG document as text
 * @example sceneToSvg(silhouette(box, 1), "tin").includes("<title>tin</title>") // true
 */
export function sceneToSvg(scene: Scene, title: string): string {
  const { x, y, width, height } = scene.bounds;
  const layers = new Map<Layer, Mark[]>();
  for (const mark of scene.marks) layers.set(mark.layer, [...(layers.get(mark.layer) ?? []), mark]);
  const body = [...layers].map(([layer, marks]) => layerGroup(layer, marks)).join("\n");
  return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" width="${round(width)}mm" height="${round(height)}mm" viewBox="${[x, y, width, height].map(round).join(" ")}">
<title>${escapeXml(title)}</title>
${body}
</svg>
`;
}

function layerGroup(layer: Layer, marks: readonly Mark[]): string {
  const { ink, width, dash, fill } = LAYERS[layer];
  const colour = INK.light[ink];
  const drawn = marks.flatMap((mark) => (mark.kind === "label" ? [] : [pathOf(mark)])).join("");
  const labels = marks.flatMap((mark) => (mark.kind === "label" ? [labelOf(mark, colour)] : [])).join("\n");
  const stroke = `stroke="${width > 0 ? colour : "none"}" stroke-width="${width}"${dash ? ` stroke-dasharray="${dash.join(" ")}"` : ""}`;
  const path =
    drawn === ""
      ? ""
      : `<path d="${drawn}" fill="${fill ? INK.light[fill] : "none"}" ${stroke} stroke-linejoin="round"/>\n`;
  return `<g id="${layer}">\n${path}${labels}</g>`;
}

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
    for (const { x, y } of mark.points) path += `${path === "" ? "M" : "L"}${round(x * scale)} ${round(y * scale)}`;
    return mark.closed ? `${path}Z` : path;
  }
  const [x, y, r] = [mark.centre.x * scale, mark.centre.y * scale, mark.radius * scale];
  return `M${round(x - r)} ${round(y)}a${round(r)} ${round(r)} 0 1 0 ${round(2 * r)} 0a${round(r)} ${round(r)} 0 1 0 ${round(-2 * r)} 0Z`;
}

function labelOf({ at, text, size, anchor, turn = 0, layer }: LabelMark, colour: string): string {
  const family = layer === "stamp" ? TYPE.stamp : TYPE.plain;
  const place = `x="${round(at.x)}" y="${round(at.y + size * 0.35)}"`;
  const turned = turn === 0 ? "" : ` transform="rotate(${-turn} ${round(at.x)} ${round(at.y)})"`;
  return `<text ${place}${turned} font-family='${family}' font-size="${round(size)}" text-anchor="${anchor}" fill="${colour}">${escapeXml(text)}</text>`;
}

/** Thousandths of a millimetre: finer than any printer, and the same text on every machine. */
function round(value: number): number {
  return Math.round(value * 1000) / 1000 + 0;
}

function escapeXml(text: string): string {
  return text.replace(/[&<>"]/g, (sign) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[sign] ?? sign);
}
