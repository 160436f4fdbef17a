import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { NegativeScanOrder } from "./scanNegative.ts";

/** The simulated flatbed for negatives, in a worker. */
export const scanNegativeClient: JobClient<NegativeScanOrder, Uint8Array<ArrayBuffer>> = jobClient(
  () => new Worker(new URL("./scanNegative.worker.ts", import.meta.url), { type: "module", name: "scan-negative" }),
);
