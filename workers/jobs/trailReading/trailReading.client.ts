import type { Result } from "../../../core/basis/units/index.ts";
import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { TrailOrder, TrailReport } from "./trailReading.ts";

/** Makes a finished sheet up, or reads one, in a worker. */
export const trailClient: JobClient<TrailOrder, Result<TrailReport, string>> = jobClient(
  () => new Worker(new URL("./trailReading.worker.ts", import.meta.url), { type: "module", name: "trail" }),
);
