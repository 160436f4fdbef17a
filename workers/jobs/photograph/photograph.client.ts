import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { PhotographAnswer } from "./photograph.ts";

/** Reads photographs in a worker. */
export const photographClient: JobClient<File, PhotographAnswer> = jobClient(
  () => new Worker(new URL("./photograph.worker.ts", import.meta.url), { type: "module", name: "photograph" }),
);
