import type { Result } from "../../../core/basis/units/index.ts";
import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { HoleOrder, HoleReport, HoleTrouble } from "./holeJob.ts";

/** Measures holes from pictures in a worker. */
export const holeClient: JobClient<HoleOrder, Result<HoleReport, HoleTrouble>> = jobClient(
  () => new Worker(new URL("./hole.worker.ts", import.meta.url), { type: "module", name: "hole" }),
);
