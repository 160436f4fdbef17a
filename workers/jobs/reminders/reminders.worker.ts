/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { remindersFile } from "./remindersFile.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, remindersFile);
