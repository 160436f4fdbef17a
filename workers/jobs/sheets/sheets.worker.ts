/// <reference lib="webworker" />
import { serve } from "../../transport/serve.ts";
import { sheets } from "./sheets.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, sheets);
