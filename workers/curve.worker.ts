/// <reference lib="webworker" />
import { curve } from "./curve.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, curve);
