/// <reference lib="webworker" />
import { serve } from "../serve.ts";
import { pack } from "./pack.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, pack);
