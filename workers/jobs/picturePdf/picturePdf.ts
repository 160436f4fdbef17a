import { jsPDF } from "jspdf";
import { plain } from "../../generated/pdfFonts.js";
import type { Job } from "../../transport/protocol.ts";

/** Something on a page, mm from its upper left corner. */
export type PdfItem =
  | {
      readonly kind: "picture";
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      /** PNG or JPEG. */
      readonly file: Uint8Array<ArrayBuffer>;
    }
  | { readonly kind: "words"; readonly x: number; readonly y: number; readonly size: number; readonly words: string }
  | { readonly kind: "line"; readonly from: readonly [number, number]; readonly to: readonly [number, number] };

/** Pages of pictures at true size. */
export interface PicturePdfOrder {
  readonly pages: readonly { readonly width: number; readonly height: number; readonly items: readonly PdfItem[] }[];
  readonly title: string;
  /** ISO 8601; the file depends on nothing else but its input. */
  readonly createdAt: string;
}

const POINTS_PER_MM = 72 / 25.4;

/** Pages with pictures as one PDF at true size; the viewer is asked not to scale when printing. */
export const picturePdf: Job<PicturePdfOrder, ArrayBuffer> = async ({ pages, title, createdAt }, control) => {
  const [first] = pages;
  const sizeOf = (page: typeof first): [number, number] => [page?.width ?? 210, page?.height ?? 297];
  const wayOf = (page: typeof first): "landscape" | "portrait" =>
    page !== undefined && page.width > page.height ? "landscape" : "portrait";
  const pdf = new jsPDF({
    unit: "mm",
    format: sizeOf(first),
    orientation: wayOf(first),
    compress: true,
    putOnlyUsedFonts: true,
  });
  pdf.setCreationDate(new Date(createdAt));
  pdf.setFileId("5711B0C5711B0C5711B0C5711B0C5711");
  pdf.setProperties({ title, creator: "Still Box" });
  pdf.setLanguage("en-GB");
  pdf.viewerPreferences({ PrintScaling: "None", DisplayDocTitle: true });
  pdf.addFileToVFS("plain.ttf", plain);
  pdf.addFont("plain.ttf", "plain", "normal");
  pdf.setFont("plain", "normal");
  for (const [index, page] of pages.entries()) {
    if (index > 0) pdf.addPage(sizeOf(page), wayOf(page));
    for (const item of page.items) draw(pdf, item);
    control.report((index + 1) / pages.length);
    await Promise.resolve();
  }
  const output = pdf.output("arraybuffer");
  return { output, transfer: [output] };
};

function draw(pdf: jsPDF, item: PdfItem): void {
  switch (item.kind) {
    case "picture": {
      const type = item.file[0] === 0xff ? "JPEG" : "PNG";
      pdf.addImage(item.file, type, item.x, item.y, item.width, item.height, undefined, "FAST");
      return;
    }
    case "words":
      pdf.setFontSize(item.size * POINTS_PER_MM);
      pdf.text(item.words, item.x, item.y);
      return;
    case "line":
      pdf.setLineWidth(0.15);
      pdf.line(...item.from, ...item.to);
      return;
    default:
      item satisfies never;
  }
}
