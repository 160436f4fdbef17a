import { type JobClient, jobClient } from "../jobClient.ts";
import type { Unpacked, UnpackOrder } from "./unpack.ts";

/** Opens zips in a worker. */
export const unpackClient: JobClient<UnpackOrder, Unpacked> = jobClient(
  () => new Worker(new URL("./unpack.worker.ts", import.meta.url), { type: "module", name: "unzip" }),
);
