import type { Result } from "../../../core/basis/units/index.ts";
import { type JobClient, type JobFailure, jobClient, type RunOptions } from "../../transport/jobClient.ts";
import type { FileToPack, PackOrder } from "./pack.ts";

const inWorker: JobClient<PackOrder, Blob> = jobClient(
  () => new Worker(new URL("./pack.worker.ts", import.meta.url), { type: "module", name: "zip" }),
);

/** A file that goes into a zip; it is read when its turn comes. */
export interface NamedFile {
  readonly name: string;
  readonly read: () => Promise<FileToPack>;
}

/** Packs files in a worker, each read when its turn comes. */
export async function packFiles(
  files: readonly NamedFile[],
  at: string,
  how: RunOptions = {},
  client: JobClient<PackOrder, Blob> = inWorker,
): Promise<Result<Blob, JobFailure>> {
  const { port1, port2 } = new MessageChannel();
  port1.addEventListener("message", ({ data }: MessageEvent<number>) => {
    const file = files[data];
    if (file === undefined) return;
    file.read().then(
      (read) => port1.postMessage(read),
      (error: unknown) => port1.postMessage({ failed: error instanceof Error ? error.message : String(error) }),
    );
  });
  port1.start();
  try {
    const order = { names: files.map(({ name }) => name), from: port2, at };
    return await client.run(order, { ...how, transfer: [port2] });
  } finally {
    port1.close();
  }
}
