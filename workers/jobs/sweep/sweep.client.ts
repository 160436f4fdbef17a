import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { SweepOrder, SweepReport } from "./sweep.ts";

/** Gathers what a phone sees in a worker. */
export const sweepClient: JobClient<SweepOrder, SweepReport> = jobClient(
  () => new Worker(new URL("./sweep.worker.ts", import.meta.url), { type: "module", name: "sweep" }),
);
