import { type JobClient, jobClient } from "../../transport/jobClient.ts";
import type { PracticeFrame, PracticePicture } from "./practiceSheet.ts";

/** A worker of its own for each practice: it holds the sheet. */
export function practiceClient(): JobClient<PracticeFrame, PracticePicture> & { readonly close: () => void } {
  let worker: Worker | null = null;
  const client = jobClient<PracticeFrame, PracticePicture>(() => {
    worker = new Worker(new URL("./practice.worker.ts", import.meta.url), { type: "module", name: "practice" });
    return worker;
  });
  return { ...client, close: () => worker?.terminate() };
}
