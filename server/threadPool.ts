import { availableParallelism } from "node:os";
import { MessageChannel } from "node:worker_threads";
import { Piscina } from "piscina";
import type { Pictures } from "../app/serverContext.ts";
import { failure } from "../core/basis/units/index.ts";
import type { PictureJobs, PictureTask } from "./pictures.worker.ts";

/** What one piece of work may take, and how many may wait. */
const LIMITS = { heapMb: 1536, waiting: 16 } as const;
/** How long each kind of work may take, ms. */
const PATIENCE: Readonly<Record<keyof PictureJobs, number>> = {
  measure: 15_000,
  judge: 30_000,
  proof: 120_000,
  sun: 30_000,
};

/** A pool of threads for heavy work, one a core; each piece is ended when it takes too long or too much. */
export function picturePool(worker: URL): Pictures & { readonly close: () => Promise<void> } {
  const pool = new Piscina({
    filename: worker.href,
    minThreads: 0,
    maxThreads: availableParallelism(),
    stricterFIFO: true,
    idleTimeout: 10_000,
    resourceLimits: { maxOldGenerationSizeMb: LIMITS.heapMb },
  });
  /** What a job answers, or why it was not done. */
  const run = async <K extends keyof PictureJobs>(
    kind: K,
    input: Parameters<PictureJobs[K]>[0],
  ): Promise<Awaited<ReturnType<PictureJobs[K]>> | { ok: false; error: { kind: "busy" | "too-much" } }> => {
    // The pool's own limit does not count tasks that can be ended from outside.
    if (pool.queueSize >= LIMITS.waiting) return failure({ kind: "busy" });
    const { port1, port2 } = new MessageChannel();
    const end = new AbortController();
    let clock: NodeJS.Timeout | undefined;
    port1.once("message", () => {
      clock = setTimeout(() => end.abort(), PATIENCE[kind]);
    });
    try {
      const task: PictureTask = { kind, input, begun: port2 } as PictureTask;
      return await pool.run(task, {
        signal: end.signal,
        transferList: "bytes" in input ? [input.bytes.buffer, port2] : [port2],
      });
    } catch (error) {
      if (end.signal.aborted || (error as NodeJS.ErrnoException).code === "ERR_WORKER_OUT_OF_MEMORY") {
        return failure({ kind: "too-much" });
      }
      throw error;
    } finally {
      clearTimeout(clock);
      port1.close();
    }
  };
  return {
    measure: (order) => run("measure", order),
    proof: (bytes, settings) => run("proof", { bytes, settings }),
    judge: (bytes, settings) => run("judge", { bytes, settings }),
    sun: (request) => run("sun", request),
    close: () => pool.destroy(),
  };
}
