import { useState } from "react";
import type { Page } from "../../../core/make/cutsheet/index.ts";
import { fileName, saveFile } from "../../../ui/files/saveFile.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { cutsheetPdfClient } from "../../../workers/jobs/cutsheetPdf/cutsheetPdf.client.ts";

/** Pages as a PDF that is made in the worker and saved; what goes wrong is said. */
export function usePdf(createdAt: string) {
  const [busy, setBusy] = useState(false);
  const savePdf = async (pages: readonly Page[], title: string, name: string): Promise<void> => {
    setBusy(true);
    const made = await cutsheetPdfClient.run({ pages, title, createdAt });
    setBusy(false);
    if (made.ok) saveFile(fileName(name, ".pdf"), made.value, "application/pdf");
    else notify(`The PDF could not be made: ${made.error.message}.`, { urgent: true });
  };
  return { busy, savePdf };
}
