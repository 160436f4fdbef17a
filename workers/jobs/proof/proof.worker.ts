/// <reference lib="webworker" />
import { browserDecoders } from "../../codecs/read/browserDecoders.ts";
import { serve } from "../../transport/serve.ts";
import { proofJob } from "./proofJob.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, proofJob(browserDecoders));
