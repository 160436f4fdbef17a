import { type JobClient, jobClient } from "../jobClient.ts";
import type { PackOrder } from "./pack.ts";

/** Makes zips in a worker. */
export const packClient: JobClient<PackOrder, Blob> = jobClient(
  () => new Worker(new URL("./pack.worker.ts", import.meta.url), { type: "module", name: "zip" }),
);
