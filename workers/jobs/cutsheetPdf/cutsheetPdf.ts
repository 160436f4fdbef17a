import { jsPDF } from "jspdf";
import { INK, LAYERS, type LabelMark, type Layer, type Mark, type Scene } from "../../../core/basis/drawing/index.ts";
import type { Page } from "../../../core/make/cutsheet/index.ts";
import { plain, stamp } from "../../generated/pdfFonts.js";
import type { Job } from "../../transport/protocol.ts";

export interface PdfOrder {
  readonly pages: readonly Page[];
  readonly title: string;
  /** ISO 8601; the file depends on nothing else but its input. */
  readonly createdAt: string;
}

const POINTS_PER_MM = 72 / 25.4;
const FONTS = { plain, stamp } as const;

/** Pages of drawings as one PDF at true size; the viewer is asked not to scale when printing. */
export const cutsheetPdf: Job<PdfOrder, ArrayBuffer> = async (order, control) => {
  const sizes = order.pages.map(({ scene }) => [scene.bounds.width, scene.bounds.height] as [number, number]);
  const first = sizes[0] ?? [210, 297];
  const pdf = new jsPDF({ unit: "mm", format: first, orientation: "portrait", compress: true, putOnlyUsedFonts: true });
  pdf.setCreationDate(new Date(order.createdAt));
  pdf.setFileId("5711B0C5711B0C5711B0C5711B0C5711");
  pdf.setProperties({ title: order.title, creator: "Still Box" });
  pdf.setLanguage("en-GB");
  pdf.viewerPreferences({ PrintScaling: "None", DisplayDocTitle: true });
  for (const [name, data] of Object.entries(FONTS)) {
    pdf.addFileToVFS(`${name}.ttf`, data);
    pdf.addFont(`${name}.ttf`, name, "normal");
  }
  for (const [index, { scene }] of order.pages.entries()) {
    if (index > 0) pdf.addPage(sizes[index], "portrait");
    drawScene(pdf, scene);
    control.report((index + 1) / order.pages.length);
    await Promise.resolve();
  }
  const output = pdf.output("arraybuffer");
  return { output, transfer: [output] };
};

function drawScene(pdf: jsPDF, scene: Scene): void {
  for (const mark of scene.marks) {
    takeLayer(pdf, mark.layer);
    drawMark(pdf, mark);
  }
}

function takeLayer(pdf: jsPDF, layer: Layer): void {
  const { ink, width, dash, fill } = LAYERS[layer];
  pdf.setDrawColor(INK.light[ink]);
  pdf.setFillColor(INK.light[fill ?? "ink"]);
  pdf.setTextColor(INK.light[ink]);
  pdf.setLineWidth(Math.max(width, 0.05));
  pdf.setLineDashPattern([...(dash ?? [])], 0);
}

function drawMark(pdf: jsPDF, mark: Mark): void {
  if (mark.kind === "label") {
    drawLabel(pdf, mark);
    return;
  }
  if (mark.kind === "circle") {
    pdf.circle(mark.centre.x, mark.centre.y, mark.radius, styleOf(mark.layer));
    return;
  }
  const [first, ...others] = mark.points;
  if (first === undefined) return;
  let from = first;
  const steps = others.map((to) => {
    const step = [to.x - from.x, to.y - from.y];
    from = to;
    return step;
  });
  pdf.lines(steps, first.x, first.y, [1, 1], styleOf(mark.layer), mark.closed ?? false);
}

/** Stroked, filled, or both. */
function styleOf(layer: Layer): "S" | "F" | "FD" {
  const { fill, width } = LAYERS[layer];
  if (fill === undefined) return "S";
  return width > 0 ? "FD" : "F";
}

function drawLabel(pdf: jsPDF, { at, text, size, anchor, turn = 0, layer }: LabelMark): void {
  pdf.setFont(layer === "stamp" ? "stamp" : "plain", "normal");
  pdf.setFontSize(size * POINTS_PER_MM);
  const width = pdf.getTextWidth(text);
  const back = anchor === "start" ? 0 : anchor === "middle" ? width / 2 : width;
  const angle = (turn * Math.PI) / 180;
  const drop = size * 0.35;
  // The anchor is the middle of the letters' height; jsPDF places the left end of the baseline.
  const x = at.x - back * Math.cos(angle) + drop * Math.sin(angle);
  const y = at.y + back * Math.sin(angle) + drop * Math.cos(angle);
  pdf.text(text, x, y, { angle: turn });
}
