import { type JobClient, jobClient } from "../../transport/jobClient.ts";

/** Counts the sheets in a file in a worker, which reads it there: it may be large. */
export const sheetsClient: JobClient<File, number> = jobClient(
  () => new Worker(new URL("./sheets.worker.ts", import.meta.url), { type: "module", name: "sheets" }),
);
