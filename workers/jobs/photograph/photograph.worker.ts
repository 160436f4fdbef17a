/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { photograph } from "./photograph.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, photograph);
