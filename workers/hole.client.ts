import type { Result } from "../core/basis/units/index.ts";
import type { HoleOrder, HoleReport, HoleTrouble } from "./hole.ts";
import { type JobClient, jobClient } from "./jobClient.ts";

/** Measures holes from pictures in a worker. */
export const holeClient: JobClient<HoleOrder, Result<HoleReport, HoleTrouble>> = jobClient(
  () => new Worker(new URL("./hole.worker.ts", import.meta.url), { type: "module", name: "hole" }),
);
