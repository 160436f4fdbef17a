/** The part of Worker, MessagePort and the worker's own scope that jobs need. */
export interface JobPort {
  postMessage(message: unknown, transfer: Transferable[]): void;
  addEventListener(type: "message", listener: (event: { readonly data: unknown }) => void): void;
  addEventListener(type: "error" | "messageerror", listener: (event: unknown) => void): void;
}

export type JobRequest =
  | { readonly type: "run"; readonly id: number; readonly input: unknown }
  | { readonly type: "cancel"; readonly id: number };

export type JobReply =
  | { readonly type: "progress"; readonly id: number; readonly share: number }
  | { readonly type: "done"; readonly id: number; readonly output: unknown }
  | { readonly type: "failed"; readonly id: number; readonly reason: JobReason; readonly message: string };

/** Closed set of reasons why a job gave no result. */
export type JobReason = "cancelled" | "failed" | "worker-died";

/** What a running job may ask and tell. */
export interface JobControl {
  readonly report: (share: number) => void;
  readonly cancelled: () => boolean;
}

/** A job's result and the buffers in it that are handed over instead of copied. */
export interface JobOutput<O> {
  readonly output: O;
  readonly transfer: Transferable[];
}

export type Job<I, O> = (input: I, control: JobControl) => Promise<JobOutput<O>>;
