/// <reference lib="webworker" />
import { preview } from "./preview.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, preview);
