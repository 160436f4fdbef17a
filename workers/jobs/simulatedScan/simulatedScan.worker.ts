/// <reference lib="webworker" />
import { serve } from "../../transport/serve.ts";
import { simulatedScan } from "./simulatedScan.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, simulatedScan);
