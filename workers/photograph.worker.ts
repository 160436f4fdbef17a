/// <reference lib="webworker" />
import { photograph } from "./photograph.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, photograph);
