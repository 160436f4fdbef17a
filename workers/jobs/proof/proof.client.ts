import type { Result } from "../../../core/basis/units/index.ts";
import type { Fault } from "../../../core/light/solve/index.ts";
import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { ProofOrder, ProofReport } from "./proofJob.ts";

/** Looks at negatives in a worker. */
export const proofClient: JobClient<ProofOrder, Result<ProofReport, Fault>> = jobClient(
  () => new Worker(new URL("./proof.worker.ts", import.meta.url), { type: "module", name: "proof" }),
);
