import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { PdfOrder } from "./cutsheetPdf.ts";

/** Makes cut-sheet PDFs in a worker. */
export const cutsheetPdfClient: JobClient<PdfOrder, ArrayBuffer> = jobClient(
  () => new Worker(new URL("./cutsheetPdf.worker.ts", import.meta.url), { type: "module", name: "cut sheets" }),
);
