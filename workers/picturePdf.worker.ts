/// <reference lib="webworker" />
import { picturePdf } from "./picturePdf.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, picturePdf);
