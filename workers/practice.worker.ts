/// <reference lib="webworker" />
import { practiceJob } from "./practice.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, practiceJob());
