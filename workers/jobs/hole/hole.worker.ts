/// <reference lib="webworker" />
import { browserDecoders } from "../../codecs/read/browserDecoders.ts";
import { serve } from "../../transport/serve.ts";
import { holeJob } from "./holeJob.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, holeJob(browserDecoders));
