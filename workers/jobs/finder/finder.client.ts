import type { FinderAnswer, FinderQuestion } from "../../../core/bench/finder/index.ts";
import { type JobClient, jobClient } from "../../transport/jobClient.ts";

/** Runs the finder in a worker. */
export const finderClient: JobClient<FinderQuestion, FinderAnswer> = jobClient(
  () => new Worker(new URL("./finder.worker.ts", import.meta.url), { type: "module", name: "finder" }),
);
