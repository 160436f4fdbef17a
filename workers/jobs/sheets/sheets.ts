import { sheetsInFile } from "../../codecs/read/sheetsInFile.ts";
import type { Job } from "../../transport/protocol.ts";

/** How many sheets a scanner wrote into one file. */
export const sheets: Job<{ readonly bytes: Uint8Array<ArrayBuffer> }, number> = async ({ bytes }) => ({
  output: await sheetsInFile(bytes),
  transfer: [],
});
