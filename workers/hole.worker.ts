/// <reference lib="webworker" />
import { browserDecoders } from "./browserDecoders.ts";
import { holeJob } from "./hole.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, holeJob(browserDecoders));
