import { isPdf } from "./otherFormats.ts";
import { sheetsInTiff } from "./tiff/tiffFields.ts";

/** How many sheets a scanner wrote into one file; 1 where it can't be told: its reader says why. */
export async function sheetsInFile(bytes: Uint8Array): Promise<number> {
  if (!isPdf(bytes)) return sheetsInTiff(bytes);
  const { pdfFiles } = await import("./pdf/readPdf.ts");
  return pdfFiles.sheets(bytes);
}
