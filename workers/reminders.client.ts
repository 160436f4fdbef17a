import { type JobClient, jobClient } from "./jobClient.ts";
import type { RemindersOrder } from "./reminders.ts";

/** Writes calendar files in a worker. */
export const remindersClient: JobClient<RemindersOrder, string> = jobClient(
  () => new Worker(new URL("./reminders.worker.ts", import.meta.url), { type: "module", name: "reminders" }),
);
