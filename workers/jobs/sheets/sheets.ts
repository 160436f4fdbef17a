import { sheetsInFile } from "../../codecs/read/sheetsInFile.ts";
import type { Job } from "../../transport/protocol.ts";

/** How many sheets a scanner wrote into one file. */
export const sheets: Job<File, number> = async (file) => ({
  output: await sheetsInFile(new Uint8Array(await file.arrayBuffer())),
  transfer: [],
});
