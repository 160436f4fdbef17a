/// <reference lib="webworker" />
import { cutsheetPdf } from "./cutsheetPdf.ts";
import { serve } from "./serve.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, cutsheetPdf);
