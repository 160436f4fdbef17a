/// <reference lib="webworker" />
import { serve } from "../../transport/serve.ts";
import { pack } from "./pack.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, pack);
