import { INK } from "./ink.ts";
import { pathOf, rounded } from "./pathOf.ts";
import type { LabelMark, Mark, Scene } from "./scene.ts";
import { LAYERS, type Layer, TYPE } from "./tokens.ts";

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
<svg xmlns="http://www.w3.org/2000/svg" width="${rounded(width)}mm" height="${rounded(height)}mm" viewBox="${[x, y, width, height].map(rounded).join(" ")}">
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

function labelOf({ at, text, size, anchor, turn = 0, layer }: LabelMark, colour: string): string {
  const family = layer === "stamp" ? TYPE.stamp : TYPE.plain;
  const place = `x="${rounded(at.x)}" y="${rounded(at.y + size * 0.35)}"`;
  const turned = turn === 0 ? "" : ` transform="rotate(${-turn} ${rounded(at.x)} ${rounded(at.y)})"`;
  return `<text ${place}${turned} font-family='${family}' font-size="${rounded(size)}" text-anchor="${anchor}" fill="${colour}">${escapeXml(text)}</text>`;
}

function escapeXml(text: string): string {
  return text.replace(/[&<>"]/g, (sign) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[sign] ?? sign);
}
