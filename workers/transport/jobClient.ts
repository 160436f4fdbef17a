import { failure, type Result, success } from "../../core/basis/units/index.ts";
import type { JobPort, JobReason, JobReply } from "./protocol.ts";

export interface JobFailure {
  readonly reason: JobReason;
  readonly message: string;
}

export interface RunOptions {
  readonly onProgress?: (share: number) => void;
  readonly signal?: AbortSignal;
  /** What of the input is handed over instead of copied. */
  readonly transfer?: Transferable[];
}

/** Runs jobs at the other end of a port. */
export interface JobClient<I, O> {
  run(input: I, options?: RunOptions): Promise<Result<O, JobFailure>>;
}

interface Waiting {
  readonly settle: (result: Result<unknown, JobFailure>) => void;
  readonly onProgress: ((share: number) => void) | undefined;
}

/**
 * A typed client of one kind of job. The port is opened at the first run and again after a worker died; every run
 * settles, also when the worker dies or the run is cancelled.
 */
export function jobClient<I, O>(open: () => JobPort): JobClient<I, O> {
  const waiting = new Map<number, Waiting>();
  let port: JobPort | null = null;
  let last = 0;

  const died = (): void => {
    port = null;
    for (const { settle } of waiting.values()) {
      settle(failure({ reason: "worker-died", message: "the worker stopped; try again" }));
    }
    waiting.clear();
  };

  const listen = (opened: JobPort): JobPort => {
    opened.addEventListener("error", died);
    // An answer that can't be read settles nothing by itself.
    opened.addEventListener("messageerror", died);
    opened.addEventListener("message", ({ data }) => {
      const reply = data as JobReply;
      const waiter = waiting.get(reply.id);
      if (reply.type === "progress") {
        waiter?.onProgress?.(reply.share);
        return;
      }
      waiting.delete(reply.id);
      waiter?.settle(
        reply.type === "done" ? success(reply.output) : failure({ reason: reply.reason, message: reply.message }),
      );
    });
    return opened;
  };

  return {
    run(input, { onProgress, signal, transfer = [] } = {}) {
      const id = ++last;
      return new Promise((resolve) => {
        waiting.set(id, { settle: resolve as Waiting["settle"], onProgress });
        port ??= listen(open());
        try {
          port.postMessage({ type: "run", id, input }, transfer);
        } catch (error) {
          waiting.delete(id);
          resolve(failure({ reason: "failed", message: String(error) }));
          return;
        }
        const cancel = (): void => {
          const waiter = waiting.get(id);
          if (waiter === undefined) return;
          waiting.delete(id);
          waiter.settle(failure({ reason: "cancelled", message: "cancelled" }));
          port?.postMessage({ type: "cancel", id }, []);
        };
        if (signal?.aborted) cancel();
        else signal?.addEventListener("abort", cancel, { once: true });
      });
    },
  };
}
