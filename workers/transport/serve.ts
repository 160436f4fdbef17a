import type { Job, JobPort, JobReply, JobRequest } from "./protocol.ts";

/** Answers run and cancel messages at a port with a job: the worker's side of the protocol. */
export function serve<I, O>(port: JobPort, job: Job<I, O>): void {
  const cancelled = new Set<number>();
  const reply = (message: JobReply, transfer: Transferable[] = []): void => port.postMessage(message, transfer);
  port.addEventListener("message", ({ data }) => {
    const request = data as JobRequest;
    if (request.type === "cancel") {
      cancelled.add(request.id);
      return;
    }
    const { id } = request;
    job(request.input as I, {
      report: (share) => reply({ type: "progress", id, share }),
      cancelled: () => cancelled.has(id),
    })
      .then(({ output, transfer }) =>
        cancelled.has(id)
          ? reply({ type: "failed", id, reason: "cancelled", message: "cancelled" })
          : reply({ type: "done", id, output }, transfer),
      )
      .catch((error: unknown) => reply({ type: "failed", id, reason: "failed", message: String(error) }))
      .finally(() => cancelled.delete(id));
  });
}
