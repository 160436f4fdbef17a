/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { scanNegative } from "./scanNegative.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, scanNegative);
