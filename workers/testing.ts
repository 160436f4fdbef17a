import { type JobClient, jobClient } from "./transport/jobClient.ts";
import type { Job, JobPort } from "./transport/protocol.ts";
import { serve } from "./transport/serve.ts";

/** A client and a job joined by a real MessageChannel, for tests. */
export function joined<I, O>(job: Job<I, O>): { readonly client: JobClient<I, O>; readonly close: () => void } {
  const { port1, port2 } = new MessageChannel();
  serve(port2 as unknown as JobPort, job);
  port1.start();
  port2.start();
  return { client: jobClient<I, O>(() => port1 as unknown as JobPort), close: () => port1.close() };
}

/**
 * So much processor time is a hang on whatever machine, s: tests refuse hangs by it. How fast things are, `npm run bench` says:
 * a limit near what a quiet machine needs fails on a busy one.
 */
export const HANG = 60;
