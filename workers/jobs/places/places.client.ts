import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { PlaceOrder, PlaceReport } from "./places.ts";

/** Finds towns and time zones in a worker. */
export const placesClient: JobClient<PlaceOrder, PlaceReport> = jobClient(
  () => new Worker(new URL("./places.worker.ts", import.meta.url), { type: "module", name: "places" }),
);
