import { type JobClient, jobClient } from "../../transport/jobClient.ts";

/** Counts the sheets in a file in a worker: a scanner's PDF may be large. */
export const sheetsClient: JobClient<{ readonly bytes: Uint8Array<ArrayBuffer> }, number> = jobClient(
  () => new Worker(new URL("./sheets.worker.ts", import.meta.url), { type: "module", name: "sheets" }),
);
