/// <reference lib="webworker" />
import { serve } from "../serve.ts";
import { unpack } from "./unpack.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, unpack);
