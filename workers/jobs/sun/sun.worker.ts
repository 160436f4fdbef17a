/// <reference lib="webworker" />
import { serve } from "../../transport/serve.ts";
import { sun } from "./sun.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, sun);
