/// <reference lib="webworker" />
import { scanNegative } from "./scanNegative.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, scanNegative);
