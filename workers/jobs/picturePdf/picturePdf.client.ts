import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { PicturePdfOrder } from "./picturePdf.ts";

/** Makes PDFs of pictures in a worker. */
export const picturePdfClient: JobClient<PicturePdfOrder, ArrayBuffer> = jobClient(
  () => new Worker(new URL("./picturePdf.worker.ts", import.meta.url), { type: "module", name: "picture-pdf" }),
);
