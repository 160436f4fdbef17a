/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { finder } from "./finder.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, finder);
