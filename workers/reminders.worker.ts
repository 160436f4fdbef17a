/// <reference lib="webworker" />
import { remindersFile } from "./reminders.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, remindersFile);
