/// <reference lib="webworker" />

import { serve } from "../../transport/serve.ts";
import { cutsheetPdf } from "./cutsheetPdf.ts";

serve(self as unknown as DedicatedWorkerGlobalScope, cutsheetPdf);
