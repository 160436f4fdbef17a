/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { places } from "./places.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, places);
