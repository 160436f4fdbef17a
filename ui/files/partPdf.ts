import { layOut, type Part } from "../../core/make/cutsheet/index.ts";
import { cutsheetPdfClient } from "../../workers/jobs/cutsheetPdf/cutsheetPdf.client.ts";
import { readableDay } from "../format/localTime.ts";
import { notify } from "../notices/notify.ts";
import { readPrinter } from "./printer.ts";
import { fileName, saveFile } from "./saveFile.ts";

/**
 * Saves parts as a PDF at true size, with check rulers.
 *
 * @param words name of the file
 * @param foot what stands at the foot of the page
 * @param now ISO 8601
 */
export async function savePartsPdf(
  parts: readonly Part[],
  { words, foot, title }: { readonly words: string; readonly foot: string; readonly title: string },
  now: string,
): Promise<void> {
  const { paper, scale } = await readPrinter();
  const pages = layOut(parts, paper, { camera: foot, date: readableDay(now) }, scale);
  const made = await cutsheetPdfClient.run({ pages, title, createdAt: now });
  if (made.ok) saveFile(fileName(words, ".pdf"), made.value, "application/pdf");
  else notify(`The PDF could not be made: ${made.error.message}.`, { urgent: true });
}
