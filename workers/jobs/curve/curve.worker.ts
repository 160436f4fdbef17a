/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { curve } from "./curve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, curve);
