/// <reference lib="webworker" />
import { browserDecoders } from "../../codecs/read/browserDecoders.ts";
import { serve } from "../../transport/serve.ts";
import { trailJob } from "./trailReading.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, trailJob(browserDecoders));
