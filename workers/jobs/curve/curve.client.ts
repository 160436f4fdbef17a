import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { CurveAnswer, CurveQuestion } from "./curve.ts";

/** Works out resolution curves in a worker. */
export const curveClient: JobClient<CurveQuestion, CurveAnswer> = jobClient(
  () => new Worker(new URL("./curve.worker.ts", import.meta.url), { type: "module", name: "curve" }),
);
