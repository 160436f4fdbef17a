import { type JobClient, jobClient } from "./jobClient.ts";
import type { Job, JobPort } from "./protocol.ts";
import { serve } from "./serve.ts";

/** A client and a job joined by a real MessageChannel, for tests. */
export function joined<I, O>(job: Job<I, O>): { readonly client: JobClient<I, O>; readonly close: () => void } {
  const { port1, port2 } = new MessageChannel();
  serve(port2 as unknown as JobPort, job);
  port1.start();
  port2.start();
  return { client: jobClient<I, O>(() => port1 as unknown as JobPort), close: () => port1.close() };
}

/** A fixed numeric loop on the quiet machine that limits were set on, s of processor time. */
const QUIET = 0.06;

/**
 * What so many seconds of a quiet machine's processor are on this one just now, by a fixed loop measured at once: never less.
 * Neighbours that share a processor make its seconds longer.
 */
export function onThisMachine(seconds: number): number {
  const before = process.cpuUsage();
  let sum = 0;
  for (let i = 1; i < 6_000_000; i++) sum += Math.sqrt(i) / (1 + (i % 7));
  const { user, system } = process.cpuUsage(before);
  const taken = Number.isFinite(sum) ? (user + system) / 1e6 : 0;
  return seconds * Math.min(8, Math.max(1, taken / QUIET));
}
