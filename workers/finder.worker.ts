/// <reference lib="webworker" />
import { finder } from "./finder.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, finder);
