import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { SunOrder, SunReport } from "./sun.ts";

/** Reckons fans and their pictures in a worker. */
export const sunClient: JobClient<SunOrder, SunReport> = jobClient(
  () => new Worker(new URL("./sun.worker.ts", import.meta.url), { type: "module", name: "sun" }),
);
