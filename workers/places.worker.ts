/// <reference lib="webworker" />
import { places } from "./places.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, places);
