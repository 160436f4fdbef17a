import type { CurveAnswer, CurveQuestion } from "./curve.ts";
import { type JobClient, jobClient } from "./jobClient.ts";

/** Works out resolution curves in a worker. */
export const curveClient: JobClient<CurveQuestion, CurveAnswer> = jobClient(
  () => new Worker(new URL("./curve.worker.ts", import.meta.url), { type: "module", name: "curve" }),
);
