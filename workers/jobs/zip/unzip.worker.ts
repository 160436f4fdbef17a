/// <reference lib="webworker" />
import { serve } from "../../transport/serve.ts";
import { unzip } from "./unzip.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, unzip());
