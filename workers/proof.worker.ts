/// <reference lib="webworker" />
import { browserDecoders } from "./browserDecoders.ts";
import { proofJob } from "./proof.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, proofJob(browserDecoders));
