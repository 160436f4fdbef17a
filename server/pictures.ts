import { availableParallelism } from "node:os";
import { MessageChannel } from "node:worker_threads";
import { Piscina } from "piscina";
import type { MeasurePicture } from "../app/serverContext.ts";
import { failure } from "../core/basis/units/index.ts";
import type { PictureTask } from "./pictures.worker.ts";

/** What one picture may take, and how many may wait. */
const LIMITS = { ms: 15_000, heapMb: 1536, waiting: 16 } as const;

/** A pool of threads that measure pictures, one a core; each picture is ended when it takes too long or too much. */
export function picturePool(worker: URL): { readonly measure: MeasurePicture; readonly close: () => Promise<void> } {
  const pool = new Piscina({
    filename: worker.href,
    minThreads: 0,
    maxThreads: availableParallelism(),
    stricterFIFO: true,
    idleTimeout: 10_000,
    resourceLimits: { maxOldGenerationSizeMb: LIMITS.heapMb },
  });
  const measure: MeasurePicture = async (order) => {
    // The pool's own limit does not count tasks that can be ended from outside.
    if (pool.queueSize >= LIMITS.waiting) return failure({ kind: "busy" });
    const { port1, port2 } = new MessageChannel();
    const end = new AbortController();
    let clock: NodeJS.Timeout | undefined;
    port1.once("message", () => {
      clock = setTimeout(() => end.abort(), LIMITS.ms);
    });
    try {
      const task: PictureTask = { order, begun: port2 };
      return await pool.run(task, { signal: end.signal, transferList: [order.bytes.buffer, port2] });
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
  return { measure, close: () => pool.destroy() };
}
