/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { practiceJob } from "./practiceSheet.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, practiceJob());
