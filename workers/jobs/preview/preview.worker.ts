/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { preview } from "./preview.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, preview);
