import type { Result } from "../../../core/basis/units/index.ts";
import { type JobClient, type JobFailure, jobClient, type RunOptions } from "../../transport/jobClient.ts";
import type { Opened, UnzipOrder, Unzipped, ZipLimits } from "./unzip.ts";

/** Reads zips in a worker. */
export interface Unzipper {
  readonly open: (zip: Blob, most: ZipLimits, how?: RunOptions) => Promise<Result<Opened, JobFailure>>;
  /** One file of the zip that was opened last. */
  readonly take: (file: string, how?: RunOptions) => Promise<Result<Blob, JobFailure>>;
}

/** The orders of a client, each with the answer it has. */
export function unzipper(client: JobClient<UnzipOrder, Unzipped>): Unzipper {
  return {
    open: (zip, most, how) => client.run({ kind: "open", zip, most }, how) as ReturnType<Unzipper["open"]>,
    take: (file, how) => client.run({ kind: "take", file }, how) as ReturnType<Unzipper["take"]>,
  };
}

export const unzipClient: Unzipper = unzipper(
  jobClient(() => new Worker(new URL("./unzip.worker.ts", import.meta.url), { type: "module", name: "unzip" })),
);
