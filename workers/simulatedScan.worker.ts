/// <reference lib="webworker" />
import { serve } from "./serve.ts";
import { simulatedScan } from "./simulatedScan.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, simulatedScan);
