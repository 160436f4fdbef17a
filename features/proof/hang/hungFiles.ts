import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { picturePdfClient } from "../../../workers/jobs/picturePdf/picturePdf.client.ts";
import type { PdfItem } from "../../../workers/jobs/picturePdf/picturePdf.ts";
import { bytesOfCanvas } from "../canvasFile.ts";
import { factsOf } from "../positive/out/factsOf.ts";
import { positiveFile } from "../positive/out/saveOrder.ts";
import type { Proof } from "../useProof.ts";
import { CAPTION, type HungPages } from "./hungPages.ts";

/** Pixels for a millimetre: of a picture in the PDF (300 dpi), of a page as PNG. */
const FINENESS = { pdf: 300 / 25.4, png: 8 } as const;

type Files = Result<readonly Uint8Array<ArrayBuffer>[], string>;

/** Pages at true size: one PDF, or one PNG a page. `say` is told what is being done. */
export async function hungFiles(
  hung: HungPages,
  as: "pdf" | "png",
  proof: Proof,
  say: (words: string) => void,
): Promise<Files> {
  const files: Uint8Array<ArrayBuffer>[] = [];
  for (const [index, { negative, width }] of hung.pictures.entries()) {
    say(`Picture ${index + 1} of ${hung.pictures.length} …`);
    const pixels = Math.max(16, Math.round(width * FINENESS[as]));
    const made = await positiveFile(negative, factsOf(negative, proof), "jpeg", { width: pixels });
    if (!made.ok) return failure(made.error ?? "given up");
    files.push(made.value);
  }
  say("Drawing the pages …");
  return as === "pdf" ? pdfOf(hung, files) : success(await pngsOf(hung, files));
}

async function pdfOf(hung: HungPages, files: readonly Uint8Array<ArrayBuffer>[]): Promise<Files> {
  const items: PdfItem[][] = Array.from({ length: hung.count }, () => []);
  for (const [index, { page, x, y, width, height, caption }] of hung.pictures.entries()) {
    const file = files[index] as Uint8Array<ArrayBuffer>;
    items[page]?.push({ kind: "picture", x, y, width, height, file });
    items[page]?.push(...caption.map((line) => ({ kind: "words" as const, size: CAPTION.size, ...line })));
  }
  const made = await picturePdfClient.run({
    pages: items.map((on) => ({ width: hung.width, height: hung.height, items: on })),
    title: "Hung",
    createdAt: isoWithOffset(new Date()),
  });
  return made.ok ? success([new Uint8Array(made.value)]) : failure(made.error.message);
}

async function pngsOf(
  hung: HungPages,
  files: readonly Uint8Array<ArrayBuffer>[],
): Promise<readonly Uint8Array<ArrayBuffer>[]> {
  const scale = FINENESS.png;
  const pages: Uint8Array<ArrayBuffer>[] = [];
  for (let number = 0; number < hung.count; number++) {
    const canvas = new OffscreenCanvas(Math.round(hung.width * scale), Math.round(hung.height * scale));
    const context = canvas.getContext("2d");
    if (context === null) continue;
    context.fillStyle = "#fff";
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.fillStyle = "#222";
    context.font = `${CAPTION.size * scale}px "Barlow", sans-serif`;
    for (const [index, { page, x, y, width, height, caption }] of hung.pictures.entries()) {
      if (page !== number) continue;
      const picture = await createImageBitmap(new Blob([files[index] as Uint8Array<ArrayBuffer>]));
      context.drawImage(picture, x * scale, y * scale, width * scale, height * scale);
      picture.close();
      for (const line of caption) context.fillText(line.words, line.x * scale, line.y * scale);
    }
    pages.push(await bytesOfCanvas(canvas, "image/png"));
  }
  return pages;
}
