/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { sweeper } from "./sweep.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, sweeper());
