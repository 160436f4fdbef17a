/// <reference lib="webworker" />
import { browserDecoders } from "./browserDecoders.ts";
import { serve } from "./serve.ts";
import { trailJob } from "./trailReading.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, trailJob(browserDecoders));
