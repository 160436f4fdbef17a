import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { RemindersOrder } from "./remindersFile.ts";

/** Writes calendar files in a worker. */
export const remindersClient: JobClient<RemindersOrder, string> = jobClient(
  () => new Worker(new URL("./reminders.worker.ts", import.meta.url), { type: "module", name: "reminders" }),
);
