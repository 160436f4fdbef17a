import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { ScanOrder } from "./simulatedScan.ts";

/** Scans made-up plates in a worker. */
export const simulatedScanClient: JobClient<ScanOrder, Uint8Array<ArrayBuffer>> = jobClient(
  () => new Worker(new URL("./simulatedScan.worker.ts", import.meta.url), { type: "module", name: "scanner" }),
);
