/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { picturePdf } from "./picturePdf.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, picturePdf);
